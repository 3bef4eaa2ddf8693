<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\Patience;

/** The tests' own browser: when it is closed it is gone, and takes no memory from those that come after it. */
final class ChromiumTest extends TestCase
{
    /** @return iterable<string, array{bool}> */
    public static function kinds(): iterable
    {
        yield 'the shell' => [false];
        yield 'the whole browser' => [true];
    }

    #[DataProvider('kinds')]
    public function testWhatIsClosedIsGone(bool $draws): void
    {
        $chromium = Chromium::open(draws: $draws);
        $process = $chromium->driver->getCapabilities()?->getCapability('goog:processID');
        self::assertIsInt($process);
        self::assertDirectoryExists("/proc/$process");

        $chromium->close();

        Patience::until(static function () use ($process): bool {
            clearstatcache();

            return ! is_dir("/proc/$process");
        }, 'the browser to be gone', 20);
        self::assertDirectoryDoesNotExist("/proc/$process");
    }
}
