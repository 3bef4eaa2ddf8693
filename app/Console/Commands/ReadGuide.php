<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Paint;
use Kalokroma\Writing\Guide\GuideReader;

final class ReadGuide extends FileCommand
{
    protected $signature = 'kalokroma:read-guide
        {text : File with the guide as somebody wrote it}
        {--paints= : Catalogue file (CSV) with the paints that may be meant}
        {--shelf= : Shelf file (CSV): of paints that are spelled alike, owned ones are meant first}
        {--json : Answer as JSON}';

    protected $description = 'Makes a plan of a written guide, and says what was not understood';

    protected function answer(): array
    {
        $text = $this->content($this->word('text'));
        $catalogue = $this->catalogue();
        $owned = $this->option('shelf') === null ? [] : array_flip(array_column($this->shelf($catalogue), 'id'));
        $rows = array_values($catalogue);
        usort($rows, static fn(CatalogueRow $one, CatalogueRow $other): int => isset($owned[$other->key()]) <=> isset($owned[$one->key()]));
        $guide = GuideReader::read($text, PaintNames::of(array_map(static fn(CatalogueRow $row): Paint => $row->toPaint($row->ownId()), $rows)));

        return [
            'plan' => PlanDocument::ofPlan($guide->plan)->fields,
            'read' => array_map(
                static fn(array $one): array => [
                    ...$one,
                    'paints' => array_map(static fn(array $pair): array => self::part(...$pair), $one['paints']),
                ],
                $guide->read,
            ),
            'unread' => [...$guide->unread, ...$guide->leftOver],
            'unknownPaints' => $guide->unknownPaints,
            'listedUnused' => array_map(static fn(Paint $one): array => self::part($one), $guide->listedUnused),
            'usedUnlisted' => array_map(static fn(Paint $one): array => self::part($one), $guide->usedUnlisted),
        ];
    }

    protected function tell(array $answer): void
    {
        foreach ($answer['read'] as $one) {
            $this->line(sprintf(
                'line %-4d %-20s %-16s %s',
                $one['line'],
                $one['area'] ?? '',
                $one['technique'],
                implode(' + ', array_map(static fn(array $paint): string => "$paint[parts] $paint[name]", $one['paints'])),
            ));
        }
        foreach (['unknownPaints' => 'not known', 'unread' => 'not read: line'] as $field => $words) {
            foreach ($answer[$field] as $one) {
                $this->line("$words ".(is_array($one) ? "$one[line]: $one[text]" : $one));
            }
        }
    }
}
