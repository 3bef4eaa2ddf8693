<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Recipe\Plan;
use PHPUnit\Framework\TestCase;

/**
 * What a room of the core says in very many cases, as it was agreed on. What changes it on purpose is read in the difference and agreed on
 * anew: AGREE=1 vendor/bin/phpunit --testsuite core --filter Agreed
 */
abstract class AgreedTestCase extends TestCase
{
    /**
     * Plans as they are made and as nobody would make them.
     *
     * @return iterable<string, Plan>
     */
    protected static function plans(int $sensible, int $wild, int $seed = 7000): iterable
    {
        $of = static fn(array $document): Plan => ($read = PlanDocument::ofFile($document))->plan(DocumentPaints::of($read->fields));
        for ($at = 0; $at < $sensible; $at++) {
            yield "sensible $at" => $of(SensiblePlans::document($seed + $at));
        }
        for ($at = 0; $at < $wild; $at++) {
            yield "wild $at" => $of(WildPlans::document($seed + $at));
        }
    }

    private const JSON = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE;

    /** In the test's own folder. */
    protected const AGREED = 'agreed.json';

    /** @return iterable<string, mixed> what is said, by what it is about */
    abstract protected function said(): iterable;

    public function testItIsStillSaid(): void
    {
        $file = dirname((string) (new \ReflectionObject($this))->getFileName()).'/'.static::AGREED;
        $lines = [];
        foreach ($this->said() as $about => $said) {
            $lines[] = json_encode((string) $about, self::JSON).': '.json_encode(Told::of($said), self::JSON);
        }
        if (getenv('AGREE') === '1') {
            file_put_contents($file, "{\n".implode(",\n", $lines)."\n}\n");
        }
        $agreed = explode("\n", substr((string) file_get_contents($file), 2, -3));
        self::assertSameSize($agreed, $lines, 'There are other cases than were agreed on.');
        foreach ($lines as $at => $line) {
            self::assertSame(rtrim($agreed[$at], ','), $line, 'This is not what was agreed on: see AgreedTestCase.');
        }
    }

}
