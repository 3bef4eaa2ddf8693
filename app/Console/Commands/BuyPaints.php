<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use InvalidArgumentException;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\Fault;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\SetsCsv;
use Kalokroma\Matching\Buying;
use Kalokroma\Matching\Covered;
use Kalokroma\Matching\ForSale;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Matching\Purchase;
use Kalokroma\Matching\WantedList;
use Kalokroma\Paint\Paint;

final class BuyPaints extends FileCommand
{
    protected const WRONG_WORDS = self::FAILURE;

    protected $signature = 'kalokroma:buy
        {list : File with the wanted paints, one a line: names, codes or hex colours}
        {--paints= : Catalogue file (CSV) with prices of single pots}
        {--shelf= : Shelf file (CSV)}
        {--sets= : Sets file (CSV)}
        {--tolerance=4 : Difference within which a paint does another\'s job, 0 to 20}
        {--budget= : Most to spend, minor units}
        {--by=price : price, boxes or value}
        {--json : Answer as JSON}';

    protected $description = 'Finds what to buy so that all wanted paints can be had';

    protected function answer(): array
    {
        $tolerance = $this->number('tolerance', 'a number from 0 to 20');
        $budget = $this->option('budget') === null ? null : $this->whole('budget', 'a whole number of minor units');
        $catalogue = $this->catalogue();
        $paints = array_map(static fn(CatalogueRow $row): Paint => $row->toPaint(), $catalogue);
        $shelf = $this->option('shelf') === null ? [] : $this->shelf($catalogue);
        $buying = Buying::of(
            $this->needs($paints, $shelf),
            [...$this->sets($paints), ...self::singles($catalogue, $paints)],
            $shelf,
            $tolerance,
            $budget,
        );

        return self::told($buying, match ($this->option('by')) {
            'price' => $buying->cheapest(),
            'boxes' => $buying->fewestBoxes(),
            'value' => $buying->bestValue(),
            default => throw new InvalidArgumentException('--by takes price, boxes or value.'),
        });
    }

    protected function tell(array $answer): void
    {
        foreach ([...$answer['sets'], ...$answer['pots']] as $item) {
            $this->line(sprintf('%8.2f  %s (%s %s)', $item['price'] / 100, $item['name'], $item['maker'], $item['code']));
        }
        $this->line(sprintf('%8.2f  in all', $answer['total'] / 100));
        foreach ($answer['onShelf'] as ['wanted' => $wanted, 'by' => $by]) {
            $this->line("on the shelf: $by[name], for $wanted[name]");
        }
        foreach ([...$answer['unmet'], ...$answer['open']] as $paint) {
            $this->line("not met: $paint[name]");
        }
    }

    /**
     * Wanted and not owned, each once.
     *
     * @param array<string, Paint> $paints
     * @param list<Paint> $shelf
     *
     * @return list<Paint>
     */
    private function needs(array $paints, array $shelf): array
    {
        $owned = array_fill_keys(array_column($shelf, 'id'), true);
        $needs = $faults = [];
        foreach (WantedList::read($this->content($this->word('list')), PaintNames::of($paints)) as $wanted) {
            if ($wanted->paint === null) {
                $faults[] = new Fault(
                    'list',
                    "\"$wanted->written\" is not in the catalogue. Mend the spelling, or write a colour behind it.",
                    $wanted->line,
                );
            } elseif (! isset($owned[$wanted->paint->id])) {
                $needs[$wanted->paint->id] = $wanted->paint;
            }
        }

        return $faults === [] ? array_values($needs) : throw Faulty::with($faults);
    }

    /**
     * @param array<string, Paint> $paints
     *
     * @return list<ForSale>
     */
    private function sets(array $paints): array
    {
        if ($this->option('sets') === null) {
            return [];
        }
        $sets = [];
        foreach (SetsCsv::read($this->file('sets'), static fn(string $maker, string $code): bool => isset($paints["$maker\n$code"])) as $row) {
            $sets[] = new ForSale(
                "set\n$row->maker\n$row->code",
                $row->name,
                $row->price,
                array_map(static fn(string $code): Paint => $paints["$row->maker\n$code"], $row->codes),
                true,
            );
        }

        return $sets;
    }

    /**
     * @param array<string, CatalogueRow> $catalogue
     * @param array<string, Paint> $paints
     *
     * @return list<ForSale>
     */
    private static function singles(array $catalogue, array $paints): array
    {
        return array_values(array_map(
            static fn(CatalogueRow $row): ForSale => new ForSale("pot\n{$row->key()}", $row->name, $row->price, [$paints[$row->key()]], false),
            $catalogue,
        ));
    }

    /** @return array<string, mixed> */
    private static function told(Buying $buying, Purchase $purchase): array
    {
        $items = array_map(static function (ForSale $item): array {
            [, $maker, $code] = explode("\n", $item->id);

            return ['maker' => $maker, 'code' => $code, 'name' => $item->name, 'price' => $item->price, 'isSet' => $item->isSet];
        }, $purchase->items);
        $plain = static fn(bool $sets): array => array_values(array_map(
            static fn(array $item): array => array_diff_key($item, ['isSet' => true]),
            array_filter($items, static fn(array $item): bool => $item['isSet'] === $sets),
        ));

        return [
            'total' => $purchase->total,
            'sets' => $plain(true),
            'pots' => $plain(false),
            'covers' => array_map(static fn(Covered $covered): array => [
                'wanted' => self::name($covered->wanted),
                'by' => self::name($covered->by),
                'difference' => round($covered->difference, 4),
            ], $purchase->covers),
            'open' => array_map(self::name(...), $purchase->open),
            'onShelf' => array_map(
                static fn(array $one): array => ['wanted' => self::name($one[0]), 'by' => self::name($one[1]), 'difference' => round($one[2], 4)],
                $buying->onShelf,
            ),
            'unmet' => array_map(self::name(...), $buying->unmeetable),
            'adds' => array_map(self::name(...), $purchase->adds),
            'proven' => $purchase->isProven,
        ];
    }
}
