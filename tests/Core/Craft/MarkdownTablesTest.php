<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\MarkdownTables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** The craft's tables, read from Markdown. */
final class MarkdownTablesTest extends TestCase
{
    private const CRAFT = __DIR__.'/../../../core/Craft';

    public function testEachTableStandsUnderItsHeading(): void
    {
        $tables = self::read("# All\n\nWords.\n\n## One\n\n| id | what |\n|--|---|\n| a  | first, with words |\n| b | |\n\n### Two\n| id |\n|---|\n| c |\n");

        self::assertSame([
            'One' => [['id' => 'a', 'what' => 'first, with words'], ['id' => 'b', 'what' => '']],
            'Two' => [['id' => 'c']],
        ], $tables);
    }

    public function testATornRowIsToldByItsPlace(): void
    {
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessageMatches('/^Row 4 of .* has 3 fields, not 2\.$/');

        self::read("## One\n| id | what |\n|---|---|\n| a | b | c |\n");
    }

    public function testAFileThatIsNotThereIsNamed(): void
    {
        $this->expectException(RuntimeException::class);
        $this->expectExceptionMessage('There is no file /nowhere.md');

        MarkdownTables::of('/nowhere.md');
    }

    /** @return iterable<string, array{string}> */
    public static function tables(): iterable
    {
        yield 'how one begins' => ['How one begins with them'];
        yield 'what matters in the hand' => ['What matters in the hand'];
    }

    #[DataProvider('tables')]
    public function testEveryTechniqueHasItsRowInEveryTable(string $heading): void
    {
        $tables = MarkdownTables::of(self::CRAFT.'/techniques.md');
        $ids = array_column($tables['What they are'], 'id');

        self::assertSame(array_unique($ids), $ids);
        self::assertSame($ids, array_column($tables[$heading], 'id'));
    }

    public function testNothingIsLeftByWhatIsNoTechniqueAndNothingLeadsToOne(): void
    {
        $tables = MarkdownTables::of(self::CRAFT.'/techniques.md');
        $ids = array_column($tables['What they are'], 'id');

        self::assertSame([], array_diff(array_column($tables['What a coat of them leaves'], 'id'), $ids));
        self::assertSame([], array_diff(array_column($tables['How one begins with them'], 'next'), $ids));
    }

    public function testNoWordNamesTwoThings(): void
    {
        foreach (MarkdownTables::of(self::CRAFT.'/areas.md') as $rows) {
            $words = explode(' ', implode(' ', array_column($rows, 'words')));

            self::assertSame([], array_diff_key($words, array_unique($words)));
        }
    }

    /** @return array<string, list<array<string, string>>> */
    private static function read(string $markdown): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'tables');
        file_put_contents($path, $markdown);
        try {
            return MarkdownTables::of($path);
        } finally {
            unlink($path);
        }
    }
}
