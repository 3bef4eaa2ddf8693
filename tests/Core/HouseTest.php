<?php

declare(strict_types=1);

namespace Tests\Core;

use Kalokroma\Review\Review;
use PHPUnit\Framework\TestCase;

/** docs/architecture.md says what is so: which room uses which, and the names of things. */
final class HouseTest extends TestCase
{
    private const LONGEST_LINE = 150;

    private const LONG_WORDS = 50;

    private const SPACES = ['core' => 'Kalokroma', 'app' => 'App'];

    public function testEachRoomUsesTheRoomsThatThePageSays(): void
    {
        preg_match_all('~^(core|app)/(\w+) +(?:uses none of them|uses (.*))$~m', self::page(), $lines, PREG_SET_ORDER);
        $told = $found = [];
        foreach ($lines as $line) {
            $told["$line[1]/$line[2]"] = ($line[3] ?? '') === '' ? [] : explode(', ', $line[3]);
        }
        foreach (self::SPACES as $floor => $space) {
            foreach (glob("$floor/*", GLOB_ONLYDIR) ?: [] as $room) {
                $found[$room] = self::uses($room, $space);
            }
        }
        self::assertSame($found, $told);
    }

    public function testEveryClassThePageNamesIsThere(): void
    {
        preg_match_all('/\b[A-Z][a-z]+(?:[A-Z][a-z]+)+\b/', self::page(), $names);
        $known = [];
        foreach (['core', 'app', 'tests', 'resources/js'] as $floor) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($floor, \RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
                assert($file instanceof \SplFileInfo);
                $known[ucfirst(explode('.', $file->getFilename())[0])] = true;
            }
        }
        self::assertSame([], array_values(array_diff(array_unique($names[0]), array_keys($known))));
        self::assertGreaterThan(30, count(array_unique($names[0])));
    }

    public function testEveryAddressThePageNamesIsServed(): void
    {
        preg_match_all('~^ *(GET|POST|PUT|DELETE) (/[\w{}/-]+)~m', self::page(), $asked, PREG_SET_ORDER);
        $routes = (string) file_get_contents('routes/api.php');
        foreach ($asked as [, $method, $path]) {
            $named = preg_quote(ltrim((string) preg_replace('/\{\w+\}/', '{}', $path), '/'), '~');
            self::assertMatchesRegularExpression('~'.str_replace('\{\}', '\{\w+\}', $named).'\'~', $routes, "$method $path");
        }
        self::assertGreaterThan(4, count($asked));
    }

    public function testThereAreAsManyRulesAsThePageSays(): void
    {
        preg_match('/Review +(\d+) rules/', self::page(), $said);

        self::assertSame(count(Review::rules()), (int) ($said[1] ?? 0));
    }

    public function testEveryMistakeThatIsTriedOrNamedHasItsPlaceInTheCode(): void
    {
        $count = static fn(string $file, string $code): int => substr_count((string) file_get_contents($file), $code);
        foreach (require 'tests/mutations.php' as [$file, $code]) {
            self::assertGreaterThan(0, $count($file, $code), "$file no longer holds: $code");
        }
        foreach (require 'tests/equivalent-mutants.php' as $file => $named) {
            foreach ($named as [$code]) {
                self::assertSame(1, $count($file, $code), "$file no longer holds, or holds twice: $code");
            }
        }
    }

    /** What stands in quotes is not broken, nor is the shape of a list. */
    public function testNoLineIsTooLongToRead(): void
    {
        $long = [];
        foreach (['core', 'app', 'tests', 'database', 'routes', 'config'] as $floor) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($floor, \RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
                assert($file instanceof \SplFileInfo);
                foreach ($file->getExtension() === 'php' ? self::longLines((string) file_get_contents($file->getPathname())) : [] as $number) {
                    $long[] = "{$file->getPathname()}:$number";
                }
            }
        }
        self::assertSame([], $long);
    }

    /** @return list<int> their numbers */
    private static function longLines(string $code): array
    {
        $long = [];
        foreach (explode("\n", $code) as $at => $line) {
            if (mb_strlen($line) > self::LONGEST_LINE && preg_match('/@(return|var|param) \S*\{/', $line) !== 1) {
                $long[] = $at + 1;
            }
        }
        $quoted = [];
        foreach ($long === [] ? [] : \PhpToken::tokenize($code) as $token) {
            if ($token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE]) && strlen($token->text) > self::LONG_WORDS) {
                array_push($quoted, ...range($token->line, $token->line + substr_count($token->text, "\n")));
            }
        }

        return array_values(array_diff($long, $quoted));
    }

    /** @return list<string> other rooms of the same floor */
    private static function uses(string $room, string $space): array
    {
        $uses = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($room, \RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            preg_match_all("/^use $space\\\\(\\w+)\\\\/m", (string) file_get_contents((string) $file), $found);
            foreach ($found[1] as $other) {
                if ($other !== basename($room)) {
                    $uses[$other] = true;
                }
            }
        }
        $uses = array_keys($uses);
        sort($uses);

        return $uses;
    }

    private static function page(): string
    {
        return (string) file_get_contents('docs/architecture.md');
    }
}
