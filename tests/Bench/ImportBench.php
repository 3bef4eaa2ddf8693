<?php

declare(strict_types=1);

namespace Tests\Bench;

use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;

/** How long a large sculpt takes from being handed in until it stands there to be looked at. */
final class ImportBench
{
    private const SIDE = 708;

    /** @return array{triangles: int, seconds: float} */
    public static function run(): array
    {
        $path = sys_get_temp_dir().'/kalokroma-million.stl';
        $triangles = self::write($path);
        $server = AppServer::withDemo();
        $chromium = Chromium::open(draws: true);
        try {
            $plans = json_decode((string) file_get_contents($server->url('api/plans/names')), true);
            $id = array_column(is_array($plans) ? $plans : [], 'id', 'name')['Provost on the White Heron'];
            $driver = $chromium->driver;
            $driver->get($server->url("#/plans/$id?face=figure"));
            $see = static fn(string $xpath) => $driver->wait(120, 50)->until(
                WebDriverExpectedCondition::visibilityOfElementLocated(WebDriverBy::xpath($xpath)),
            );
            $see('//button[normalize-space(.)="Another figure"]')->click();
            $input = $driver->wait(30, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector('input[type=file]')));
            $start = hrtime(true);
            $input->setFileDetector(new LocalFileDetector)->sendKeys($path);
            $see('//h2[.="Does it stand right?"]');

            return ['triangles' => $triangles, 'seconds' => (hrtime(true) - $start) / 1e9];
        } finally {
            $chromium->close();
            $server->stop();
            unlink($path);
        }
    }

    /** A ball with folds, as a binary STL file. */
    private static function write(string $path): int
    {
        $place = static function (int $down, int $round): string {
            [$polar, $turn] = [M_PI * $down / self::SIDE, 2 * M_PI * $round / self::SIDE];
            $far = 16.0 + 1.2 * sin(9 * $turn) * sin($polar) + 0.4 * sin(31 * $polar);

            return pack('g3', $far * sin($polar) * cos($turn), $far * sin($polar) * sin($turn), $far * cos($polar));
        };
        $rows = [];
        for ($down = 0; $down <= self::SIDE; $down++) {
            for ($round = 0; $round <= self::SIDE; $round++) {
                $rows[$down][] = $place($down, $round);
            }
        }
        $file = fopen($path, 'wb') ?: throw new \RuntimeException("$path cannot be written.");
        $count = 2 * self::SIDE * self::SIDE;
        fwrite($file, str_pad('a ball with folds', 80, "\0").pack('V', $count));
        for ($down = 0; $down < self::SIDE; $down++) {
            $facets = '';
            for ($round = 0; $round < self::SIDE; $round++) {
                [$a, $b] = [$rows[$down][$round], $rows[$down + 1][$round]];
                [$c, $d] = [$rows[$down][$round + 1], $rows[$down + 1][$round + 1]];
                $facets .= str_repeat("\0", 12).$a.$b.$d."\0\0".str_repeat("\0", 12).$a.$d.$c."\0\0";
            }
            fwrite($file, $facets);
        }
        fclose($file);

        return $count;
    }
}
