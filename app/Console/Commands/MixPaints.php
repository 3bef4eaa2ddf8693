<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use InvalidArgumentException;
use Kalokroma\Colour\Lab;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\MixAnswer;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Mixing\MixSolver;
use Kalokroma\Mixing\MixTarget;
use Kalokroma\Mixing\Reach;
use Kalokroma\Paint\Kind;

final class MixPaints extends FileCommand
{
    protected const WRONG_WORDS = self::FAILURE;

    private const MOST_PAINTS = 500;

    protected $signature = 'kalokroma:mix
        {target : Hex colour, or L* a* b* as "52,10,-20"}
        {--paints= : Catalogue file (CSV) with the paints that may be used}
        {--max-paints=3 : Most paints in a mix, 1 to 3}
        {--max-parts=9 : Most parts in all, 1 to 9}
        {--kinds= : Kinds that may be used, separated by commas}
        {--film=covering : covering, see-through or metal}
        {--avoid= : Codes to keep out, separated by commas}
        {--insist= : Codes that must be in it, separated by commas}
        {--answers=8 : How many answers of each number of paints}
        {--json : Answer as JSON}';

    protected $description = 'Finds the paints and mixes that come nearest to a colour';

    protected function answer(): array
    {
        $film = $this->oneOf('film', Film::class);
        $target = MixTarget::of(Lab::spoken($this->word('target')), $film);
        $rows = array_values($this->catalogue());
        $limits = $this->limits($rows);
        $paints = array_map(
            $this->paint(...),
            array_values(array_filter($rows, static fn(CatalogueRow $row): bool => $limits->allows($row->toPaint(), $film))),
        );
        if (count($paints) > self::MOST_PAINTS) {
            throw new InvalidArgumentException(sprintf(
                '%d paints are too many to mix from; %d will do. Narrow them with --kinds.',
                count($paints),
                self::MOST_PAINTS,
            ));
        }
        $answers = MixSolver::solve($target, $paints, $limits, min(50, max(1, $this->whole('answers', 'a whole number'))));
        $reach = Reach::of($answers);
        if ($answers->best() === null) {
            throw new InvalidArgumentException($reach->words);
        }
        if (! $reach->isReached) {
            $this->output->getErrorStyle()->writeln($reach->words);
        }

        return array_map(self::told(...), $answers->ranked());
    }

    protected function tell(array $answer): void
    {
        foreach ($answer as $one) {
            $this->line(sprintf(
                '%6.2f  %s  %s',
                $one['difference'],
                $one['swatch'],
                implode(' : ', array_map(static fn(array $part): string => "$part[parts] $part[name] ($part[maker] $part[code])", $one['parts'])),
            ));
        }
    }

    /** @param list<CatalogueRow> $rows */
    private function limits(array $rows): MixLimits
    {
        $limits = MixLimits::none()
            ->paints($this->whole('max-paints', 'a whole number from 1 to 3'))
            ->parts($this->whole('max-parts', 'a whole number from 1 to 9'))
            ->without($this->ids('avoid', $rows))
            ->with($this->ids('insist', $rows));
        $kinds = $this->someOf('kinds', Kind::class);

        return $kinds === [] ? $limits : $limits->kinds($kinds);
    }

    /**
     * @param list<CatalogueRow> $rows
     *
     * @return list<string>
     */
    private function ids(string $option, array $rows): array
    {
        $ids = [];
        foreach ($this->listed($option) as $code) {
            $found = array_filter($rows, static fn(CatalogueRow $row): bool => $row->code === $code || "$row->maker $row->code" === $code);
            if ($found === []) {
                throw new InvalidArgumentException("--$option names \"$code\", but no paint has that code.");
            }
            array_push($ids, ...array_map(static fn(CatalogueRow $row): string => $row->key(), array_values($found)));
        }

        return $ids;
    }

    /**
     * @return array{difference: float, swatch: string, words: string, parts: list<array{maker: string, code: string, name: string, parts: int}>}
     */
    private static function told(MixAnswer $answer): array
    {
        return [
            'difference' => round($answer->difference->number, 4),
            'swatch' => $answer->colour->toSrgb()->hex(),
            'words' => $answer->difference->words(),
            'parts' => self::parts($answer->mix),
        ];
    }
}
