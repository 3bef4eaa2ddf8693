<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Matching\Buying;
use Kalokroma\Matching\IllegalList;
use Kalokroma\Matching\ListAnswer;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\Substitute;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\WantedList;
use Kalokroma\Matching\WantedPaint;
use Kalokroma\Mixing\Dilution;

final class SubstitutePaints extends FileCommand
{
    protected const WRONG_WORDS = self::FAILURE;

    protected $signature = 'kalokroma:substitute
        {list : File with the wanted paints, one a line: names, codes or hex colours}
        {--paints= : Catalogue file (CSV)}
        {--shelf= : Shelf file (CSV)}
        {--tolerance=4 : Difference within which something does the job}
        {--json : Answer as JSON}';

    protected $description = 'Says for a list of wanted paints what the shelf has that does their job';

    protected function answer(): array
    {
        $tolerance = $this->number('tolerance', 'a number from 0 to 20');
        if ($tolerance < 0 || $tolerance > Buying::MOST_TOLERANCE) {
            throw IllegalList::tolerance($tolerance);
        }
        $catalogue = $this->catalogue();
        $shelf = Substitutes::forMany($this->shelf($catalogue));
        $names = PaintNames::of(array_map(static fn(CatalogueRow $row) => $row->toPaint(), $catalogue));

        return array_map(
            static fn(WantedPaint $wanted): array => self::told(ListAnswer::to($wanted, $shelf, $tolerance)),
            WantedList::read($this->content($this->word('list')), $names),
        );
    }

    protected function tell(array $answer): void
    {
        foreach ($answer as $row) {
            $this->line(sprintf('%-28s %-11s %s', mb_strimwidth($row['written'], 0, 28, '…'), $row['standing'], $row['words']));
        }
    }

    /** @return array<string, mixed> */
    private static function told(ListAnswer $answer): array
    {
        $wanted = $answer->wanted;
        $offer = $answer->advised ?? $answer->offers[0] ?? null;

        return [
            'line' => $wanted->line,
            'written' => $wanted->written,
            'wanted' => $wanted->paint === null
                ? null
                : [...self::name($wanted->paint), 'known' => $wanted->isKnown],
            'standing' => $answer->standing->value,
            'words' => $offer === null ? ($answer->standIn->words ?? '') : "{$offer->mix->words()}, {$offer->difference->words()}",
            'difference' => $offer === null ? null : round($offer->difference->number, 4),
            'swatch' => $offer?->colour->toSrgb()->hex(),
            'dilution' => self::dilution($offer),
            'parts' => self::parts($offer?->mix),
        ];
    }

    /** @return array{paint: int, medium: int}|null */
    private static function dilution(?Substitute $offer): ?array
    {
        if ($offer === null || $offer->strength === 1.0) {
            return null;
        }
        $dilution = $offer->dilutionFor(Dilution::none());

        return ['paint' => $dilution->paint, 'medium' => $dilution->thinner];
    }
}
