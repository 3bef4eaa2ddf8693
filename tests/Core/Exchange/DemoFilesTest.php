<?php

declare(strict_types=1);

namespace Tests\Core\Exchange;

use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\CatalogueRow;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\SetsCsv;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Paint\Kind;
use PHPUnit\Framework\TestCase;

/** The demo is what a newcomer sees first: it must be sound, full and spread like real ranges. */
final class DemoFilesTest extends TestCase
{
    public function testThreeHousesAHundredAndSixtyPaintsOfEveryKind(): void
    {
        $rows = $this->catalogue();

        self::assertCount(162, $rows);
        self::assertCount(3, array_unique(array_column($rows, 'maker')));
        self::assertEqualsCanonicalizing(Kind::cases(), array_values(array_unique(array_column($rows, 'kind'), SORT_REGULAR)));
        self::assertCount(162, array_unique(array_column($rows, 'name')));
        self::assertCount(162, array_unique(array_column($rows, 'barcode')));
    }

    public function testColoursAreSpreadRoundTheCircleAndFromDarkToLight(): void
    {
        $hues = $values = array_fill(0, 10, 0);
        foreach ($this->catalogue() as $row) {
            $colour = $row->swatch?->toLab()->toLch();
            if ($colour !== null) {
                $values[min(9, (int) ($colour->lightness / 10))]++;
                $hues[min(9, (int) ($colour->hue / 36))] += $colour->chroma > 12 ? 1 : 0;
            }
        }

        self::assertGreaterThanOrEqual(1, min($values));
        self::assertGreaterThanOrEqual(2, min($hues));
    }

    public function testShelfAndSetsNameOnlyPaintsOfTheCatalogue(): void
    {
        $known = array_flip(array_map(static fn(CatalogueRow $row): string => $row->key(), $this->catalogue()));
        $isKnown = static fn(string $maker, string $code): bool => isset($known["$maker\n$code"]);

        self::assertCount(77, ShelfCsv::read($this->file('shelf'), $isKnown));
        self::assertCount(8, SetsCsv::read($this->file('sets'), $isKnown));
        $this->expectException(Faulty::class);
        SetsCsv::read($this->file('sets'), static fn(string $maker, string $code): bool => false);
    }

    /** @return list<CatalogueRow> */
    private function catalogue(): array
    {
        return CatalogueCsv::read($this->file('catalogue'));
    }

    private function file(string $name): string
    {
        return (string) file_get_contents(__DIR__."/../../../resources/demo/$name.csv");
    }
}
