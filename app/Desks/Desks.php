<?php

declare(strict_types=1);

namespace App\Desks;

use App\Demo\Demo;
use App\Models\Setting;
use App\Support\Changes;
use Closure;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * Two desks at one address, each a database of its own: one holds the demo, the other is the painter's. Which of them the application was
 * begun with does not matter; the other is made when it is first opened, beside it, and both are there to come back to.
 */
final readonly class Desks
{
    private const BESIDE = '.beside';

    /** While this is there, the desk beside is the one that is open. */
    private const MARK = '.beside-is-open';

    public function __construct(private Demo $demo) {}

    /**
     * @param string $first the database the application was begun with
     *
     * @return string the one that is open
     */
    public static function path(string $first): string
    {
        return is_file($first.self::MARK) && is_file($first.self::BESIDE) ? $first.self::BESIDE : $first;
    }

    /** @return list<string> databases that are there, the first one first */
    public static function all(): array
    {
        $beside = self::first().self::BESIDE;

        return [self::first(), ...(is_file($beside) ? [$beside] : [])];
    }

    /** Whether the desk that is not open has been begun. */
    public static function isOtherBegun(): bool
    {
        return is_file(self::other());
    }

    /**
     * Opens the desk with the demo, or the painter's own, for every request from now on; made first when there is none yet.
     *
     * @throws RuntimeException when it could not be made; the one that is open stays so
     */
    public function open(bool $demo): void
    {
        self::alone(function () use ($demo): void {
            if (Setting::isDemo() === $demo) {
                return;
            }
            $other = self::other();
            if (! is_file($other)) {
                $this->make($other, $demo);
            }
            $mark = self::first().self::MARK;
            if (str_ends_with($other, self::BESIDE)) {
                file_put_contents($mark, '') === false && throw new RuntimeException("$mark cannot be written.");
            } else {
                unlink($mark);
            }
        });
    }

    /** Of several who change what desks there are one does it, the others wait. */
    public static function alone(Closure $do): void
    {
        $lock = fopen(self::first().'.lock', 'c') ?: throw new RuntimeException('The folder of the database may not be written to.');
        flock($lock, LOCK_EX);
        try {
            $do();
        } finally {
            flock($lock, LOCK_UN);
            fclose($lock);
        }
    }

    /**
     * Does something at another desk than the open one.
     *
     * @template T
     *
     * @param Closure(): T $do
     *
     * @return T
     */
    public static function at(string $path, Closure $do): mixed
    {
        $open = config('database.connections.sqlite.database');
        self::turnTo($path);
        try {
            return $do();
        } finally {
            self::turnTo($open);
        }
    }

    /** Made under another name and put in its place when it is whole: a desk half made is never opened. */
    private function make(string $path, bool $demo): void
    {
        $new = "$path.new";
        foreach ([$new, "$new-wal", "$new-shm"] as $left) {
            is_file($left) && unlink($left);
        }
        touch($new) || throw new RuntimeException("$new cannot be made.");
        chmod($new, 0o600);
        self::at($new, function () use ($demo): void {
            Artisan::call('migrate', ['--force' => true]) === 0 || throw new RuntimeException(Artisan::output());
            Changes::beginAnew();
            if ($demo) {
                $this->demo->load();
            }
            DB::statement('pragma wal_checkpoint(truncate)');
        });
        rename($new, $path) || throw new RuntimeException("$path cannot be made.");
    }

    private static function turnTo(string $path): void
    {
        config(['database.connections.sqlite.database' => $path]);
        DB::purge('sqlite');
    }

    private static function first(): string
    {
        return (string) config('database.first');
    }

    private static function other(): string
    {
        $first = self::first();

        return config('database.connections.sqlite.database') === $first ? $first.self::BESIDE : $first;
    }
}
