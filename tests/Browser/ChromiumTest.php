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
        $told = $chromium->driver->getCapabilities()?->getCapability('chrome');
        self::assertIsArray($told);
        $profile = $told['userDataDir'] ?? null;
        self::assertIsString($profile);
        self::assertNotSame([], self::runningOn($profile));

        $chromium->close();

        Patience::until(static fn(): bool => self::runningOn($profile) === [], 'the browser to be gone', 20);
        self::assertSame([], self::runningOn($profile));
    }

    /** @return list<string> all that was started with a profile, however it was started */
    private static function runningOn(string $profile): array
    {
        $commands = array_map(static fn(string $file): string => (string) @file_get_contents($file), glob('/proc/[0-9]*/cmdline') ?: []);

        return array_values(array_filter($commands, static fn(string $one): bool => str_contains($one, $profile)));
    }
}
