<?php

declare(strict_types=1);

namespace App\Http;

use App\Support\Refused;
use App\Support\StaleWrite;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Database\SQLiteDatabaseDoesNotExistException;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use Kalokroma\Exchange\Fault;
use Kalokroma\Exchange\Faulty;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/**
 * An error as problem details (RFC 9457), with a field and a mend for each fault.
 */
final readonly class Problem
{
    /** Errors that are part of ordinary work and not worth a line in the log. */
    public const EXPECTED = [Faulty::class, StaleWrite::class, Refused::class];

    /**
     * @param list<array{field: string, message: string, row?: int}> $faults
     * @param array<string, mixed> $more
     */
    private function __construct(
        private int $status,
        private string $title,
        private string $detail,
        private array $faults = [],
        private array $more = [],
    ) {}

    public static function of(Throwable $error): self
    {
        return match (true) {
            $error instanceof Faulty => self::faulty($error),
            $error instanceof ValidationException => self::invalid($error),
            $error instanceof StaleWrite => new self(
                409,
                'Changed elsewhere',
                $error->getMessage(),
                [],
                ['version' => $error->version, 'now' => $error->now],
            ),
            $error instanceof Refused => new self(
                409,
                'Not possible now',
                $error->getMessage(),
                [['field' => $error->field, 'message' => $error->getMessage()]],
                ['uses' => $error->uses],
            ),
            $error instanceof ModelNotFoundException => new self(
                404,
                'Not found',
                'This is not here, or no longer. Go back to the list and open it anew.',
            ),
            $error instanceof HttpExceptionInterface => self::http($error),
            $error instanceof PDOException => self::storage($error),
            $error instanceof SQLiteDatabaseDoesNotExistException => self::missing(),
            default => new self(500, 'Our fault', 'Something broke inside. Nothing was changed; the log has the details.'),
        };
    }

    public static function refusal(int $status, string $title, string $detail): self
    {
        return new self($status, $title, $detail);
    }

    public static function tooLarge(int $largestBytes): self
    {
        return new self(
            413,
            'Too large',
            sprintf('This is larger than %d MB. Make it smaller, or bring it in in parts.', intdiv($largestBytes, 1024 * 1024)),
        );
    }

    public function toResponse(): JsonResponse
    {
        return new JsonResponse(array_filter([
            'type' => 'about:blank',
            'title' => $this->title,
            'status' => $this->status,
            'detail' => $this->detail,
            'faults' => $this->faults,
            ...$this->more,
        ], static fn(mixed $value): bool => $value !== []), $this->status, [
            'Content-Type' => 'application/problem+json',
        ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    private static function faulty(Faulty $error): self
    {
        $faults = array_map(static fn(Fault $fault): array => array_filter([
            'field' => $fault->field,
            'message' => $fault->message,
            'row' => $fault->row,
        ], static fn(mixed $value): bool => $value !== null), $error->faults);
        $detail = $error->count === 1 ? $error->getMessage() : sprintf('%d things are wrong. Nothing was changed.', $error->count);

        return new self(422, 'This cannot be taken as it is', $detail, $faults);
    }

    private static function invalid(ValidationException $error): self
    {
        $faults = [];
        foreach ($error->errors() as $field => $messages) {
            foreach ($messages as $message) {
                $faults[] = ['field' => (string) $field, 'message' => $message];
            }
        }

        return new self(422, 'This cannot be taken as it is', $faults[0]['message'] ?? $error->getMessage(), $faults);
    }

    /** By SQLite's result code (sqlite.org/rescode.html): what can be done differs. */
    private static function storage(PDOException $error): self
    {
        $code = (int) ($error->errorInfo[1] ?? 0);

        return match (true) {
            in_array($code, [5, 6], true) => new self(
                503,
                'Busy',
                'Something else has been writing for a long time. Nothing was changed; try again in a moment.',
            ),
            $code === 8 => new self(
                507,
                'Not writable',
                'The database may not be written to. Give the user that runs Kalokroma the right to write to the file and its folder.',
            ),
            $code === 10
                || $code === 13 => new self(
                    507,
                    'Disk full',
                    'The disk is full or does not take anything. Make room and try again; nothing was changed.',
                ),
            in_array($code, [11, 26], true) => new self(
                503,
                'Damaged',
                'The database file is damaged. Stop Kalokroma, put a copy of it back in its place and start again.',
            ),
            $code === 14, $error->getCode() === 14, $error->getPrevious() instanceof SQLiteDatabaseDoesNotExistException,
            str_contains($error->getMessage(), 'no such table') => self::missing(),
            default => new self(500, 'Our fault', 'Something broke inside. Nothing was changed; the log has the details.'),
        };
    }

    private static function missing(): self
    {
        return new self(503, 'Missing', 'The database is not there, or was never set up. Start Kalokroma with bin/start, which makes it.');
    }

    private static function http(HttpExceptionInterface $error): self
    {
        $status = $error->getStatusCode();
        $detail = match ($status) {
            404 => 'This is not here, or no longer. Go back to the list and open it anew.',
            405 => 'This address does not take that kind of request.',
            413 => 'This is too large. Make it smaller, or bring it in in parts.',
            default => $error->getMessage() === '' ? 'The request was refused.' : $error->getMessage(),
        };

        return new self($status, $status === 413 ? 'Too large' : 'Request refused', $detail);
    }
}
