<?php

declare(strict_types=1);

namespace App\Console;

use App\Optics\OpticsStore;
use Illuminate\Console\Command;
use InvalidArgumentException;
use JsonException;
use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\Fault;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Exchange\ShelfRow;
use Kalokroma\Illegal;
use Kalokroma\Paint\Paint;
use Symfony\Component\Console\Exception\ExceptionInterface;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that works on open-format files alone. A faulty file ends it with exit code 1, wrong words (an option it does not have, a number
 * that is none, a file that is not there) with 2; what to mend stands on the error stream.
 */
abstract class FileCommand extends Command
{
    use TakesWords;
    use ToldPaints;

    /** Larger files are no list of anything. */
    private const LARGEST_BYTES = 16 * 1024 * 1024;

    private const DEEPEST = 64;

    /** Exit code when words are wrong rather than files. */
    protected const WRONG_WORDS = self::INVALID;

    /** @return array<mixed> what --json prints */
    abstract protected function answer(): array;

    /** @param array<mixed> $answer */
    abstract protected function tell(array $answer): void;

    public function run(InputInterface $input, OutputInterface $output): int
    {
        try {
            return parent::run($input, $output);
        } catch (ExceptionInterface $wrong) {
            ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($wrong->getMessage());

            return static::WRONG_WORDS;
        }
    }

    final public function handle(): int
    {
        try {
            $answer = $this->answer();
        } catch (Faulty $faulty) {
            foreach ($faulty->faults as $fault) {
                $this->complain(self::words($fault));
            }

            return self::FAILURE;
        } catch (WrongWords $wrong) {
            $this->complain($wrong->getMessage());

            return static::WRONG_WORDS;
        } catch (Illegal|InvalidArgumentException $illegal) {
            $this->complain($illegal->getMessage());

            return self::FAILURE;
        }
        if ($this->option('json')) {
            $this->json($answer);
        } else {
            $this->tell($answer);
        }

        return self::SUCCESS;
    }

    /** @return array<string, CatalogueRow> by maker and code */
    protected function catalogue(): array
    {
        $rows = [];
        foreach (CatalogueCsv::read($this->file('paints')) as $row) {
            $rows[$row->key()] = $row;
        }

        return $rows;
    }

    /**
     * @param array<string, CatalogueRow> $catalogue
     *
     * @return list<Paint> owned, those with nothing left in the pot not
     */
    protected function shelf(array $catalogue): array
    {
        return array_map(fn(ShelfRow $row): Paint => $this->paint($catalogue[$row->key()]), $this->pots($catalogue));
    }

    /**
     * @param array<string, CatalogueRow> $catalogue
     *
     * @return list<ShelfRow> with something left in the pot
     */
    protected function pots(array $catalogue): array
    {
        $rows = ShelfCsv::read($this->file('shelf'), static fn(string $maker, string $code): bool => isset($catalogue["$maker\n$code"]));

        return array_values(array_filter($rows, static fn(ShelfRow $row): bool => $row->pots > 0 && $row->remainingMl !== 0.0));
    }

    protected function paint(CatalogueRow $row): Paint
    {
        return app(OpticsStore::class)->paint(
            $row->key(),
            $row->name,
            $row->kind,
            $row->colour(),
            $row->opacity,
            $row->finish,
            $row->maker,
            $row->code,
        );
    }

    protected function file(string $option): string
    {
        $path = $this->option($option);
        if (! is_string($path) || $path === '') {
            throw new WrongWords("Name the file with --$option=FILE.");
        }

        return $this->content($path);
    }

    protected function content(string $path): string
    {
        if (! is_file($path) || ! is_readable($path)) {
            throw new WrongWords("There is no file $path, or it may not be read.");
        }
        if (filesize($path) > self::LARGEST_BYTES) {
            throw new WrongWords("$path is larger than 16 MB.");
        }

        return (string) file_get_contents($path);
    }

    /**
     * @param string $what it should be, in words
     *
     * @return array<mixed> of a file in JSON
     *
     * @throws Faulty when it is none
     */
    protected function fields(string $path, string $what): array
    {
        try {
            $fields = json_decode($this->content($path), true, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (JsonException $fault) {
            throw Faulty::field('file', sprintf('This is no %s, or it is cut short: %s.', $what, lcfirst($fault->getMessage())));
        }

        return is_array($fields) ? $fields : [];
    }

    /**
     * What a file says; where it is faulty, null, and its faults are kept to be told with those of the others.
     *
     * @template T
     *
     * @param callable(): T $read
     * @param list<Fault> $faults
     *
     * @return T|null
     */
    protected function faulty(callable $read, array &$faults): mixed
    {
        try {
            return $read();
        } catch (Faulty $faulty) {
            array_push($faults, ...$faulty->faults);

            return null;
        }
    }

    /** @param array<mixed> $answer */
    protected function json(array $answer, int $more = 0): void
    {
        $this->output->writeln(json_encode(
            $answer,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR | $more,
        ));
    }

    private function complain(string $message): void
    {
        $this->getOutput()->getErrorStyle()->writeln($message);
    }

    private static function words(Fault $fault): string
    {
        return ($fault->row === null ? '' : "row $fault->row, ")."$fault->field: $fault->message";
    }
}
