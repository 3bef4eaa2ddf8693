<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Exchange\CatalogueCsv;
use Kalokroma\Exchange\ShelfCsv;
use Kalokroma\Paint\Paint;

/** The paints of the demo: what stands on its shelf, and what its catalogue has besides. */
final class DemoPaints
{
    /** @var array{list<Paint>, list<Paint>}|null */
    private static ?array $paints = null;

    /** @return list<Paint> */
    public static function owned(): array
    {
        return self::all()[0];
    }

    /** @return list<Paint> */
    public static function forSale(): array
    {
        return self::all()[1];
    }

    /** @return array{list<Paint>, list<Paint>} */
    private static function all(): array
    {
        if (self::$paints === null) {
            $paints = $owned = [];
            foreach (CatalogueCsv::read((string) file_get_contents('resources/demo/catalogue.csv')) as $row) {
                $paints[$row->key()] = $row->toPaint();
            }
            foreach (ShelfCsv::read(
                (string) file_get_contents('resources/demo/shelf.csv'),
                static fn(string $maker, string $code): bool => isset($paints["$maker\n$code"]),
            ) as $row) {
                if ($row->pots > 0) {
                    $owned["$row->maker\n$row->code"] = $paints["$row->maker\n$row->code"];
                }
            }
            self::$paints = [array_values($owned), array_values(array_diff_key($paints, $owned))];
        }

        return self::$paints;
    }
}
