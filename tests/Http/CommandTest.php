<?php

declare(strict_types=1);

namespace Tests\Http;

use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\File;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** The commands as one runs them: own process, files in, JSON out, exit code. */
final class CommandTest extends TestCase
{
    private string $list = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->list = (string) tempnam(sys_get_temp_dir(), 'list');
        File::put($this->list, "Oilskn Yelow\nDeep Tide\nSoot Wash\nMarsh Umber #5b4632\n");
    }

    protected function tearDown(): void
    {
        File::delete($this->list);
        parent::tearDown();
    }

    public function testMixNamesThePaintsBestFirst(): void
    {
        $answers = $this->answered('kalokroma:mix', '#7a5230', '--paints=resources/demo/catalogue.csv', '--max-paints=2', '--kinds=opaque');

        $differences = array_column($answers, 'difference');
        self::assertSame($differences, self::sorted($differences));
        self::assertLessThan(1.0, $differences[0]);
        self::assertSame(['maker', 'code', 'name', 'parts'], array_keys($answers[0]['parts'][0]));
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $answers[0]['swatch']);
        self::assertLessThanOrEqual(2, max(array_map(static fn(array $one): int => count($one['parts']), $answers)));
        $with = $this->answered(
            'kalokroma:mix',
            '#7a5230',
            '--paints=resources/demo/catalogue.csv',
            '--insist=C06',
            '--avoid=C29',
            '--max-parts=5',
        );
        foreach ($with as $one) {
            self::assertContains('C06', array_column($one['parts'], 'code'));
            self::assertNotContains('C29', array_column($one['parts'], 'code'));
            self::assertLessThanOrEqual(5, array_sum(array_column($one['parts'], 'parts')));
        }
    }

    public function testSubstituteAnswersEachLine(): void
    {
        $rows = $this->answered('kalokroma:substitute', $this->list, '--paints=resources/demo/catalogue.csv', '--shelf=resources/demo/shelf.csv');

        self::assertSame(['owned', 'mix', 'made', 'substitute'], array_column($rows, 'standing'));
        self::assertSame('Oilskin Yellow', $rows[0]['wanted']['name']);
        self::assertFalse($rows[3]['wanted']['known']);
    }

    public function testBuySaysWhatItCostsAndWhatItIsFor(): void
    {
        $answer = $this->answered(
            'kalokroma:buy',
            $this->list,
            '--paints=resources/demo/catalogue.csv',
            '--shelf=resources/demo/shelf.csv',
            '--sets=resources/demo/sets.csv',
            '--tolerance=4',
        );

        self::assertSame($answer['total'], array_sum(array_column([...$answer['sets'], ...$answer['pots']], 'price')));
        self::assertTrue($answer['proven']);
        self::assertSame(['Deep Tide', 'Soot Wash'], array_column(array_column($answer['covers'], 'wanted'), 'name'));
        // Nothing that stands on the shelf is bought to stand in for it.
        self::assertSame(['Marsh Umber'], array_column(array_column($answer['onShelf'], 'wanted'), 'name'));
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function faults(): iterable
    {
        $demo = 'resources/demo';
        yield 'no colour' => [['kalokroma:mix', 'loud', "--paints=$demo/catalogue.csv"], 'is no colour known here'];
        yield 'no file named' => [['kalokroma:mix', '#7a5230'], '--paints=FILE'];
        yield 'no such file' => [['kalokroma:mix', '#7a5230', '--paints=none.csv'], 'There is no file'];
        yield 'another table' => [['kalokroma:mix', '#7a5230', "--paints=$demo/shelf.csv"], 'row 1, header'];
        yield 'unknown kind' => [['kalokroma:mix', '#7a5230', "--paints=$demo/catalogue.csv", '--kinds=glitter'], 'glitter'];
        yield 'kind that does not mix' => [['kalokroma:mix', '#7a5230', "--paints=$demo/catalogue.csv", '--kinds=varnish'], 'cannot be part'];
        yield 'no paints' => [['kalokroma:mix', '#7a5230', "--paints=$demo/catalogue.csv", '--max-paints=0'], 'paints'];
        yield 'unknown code' => [['kalokroma:mix', '#7a5230', "--paints=$demo/catalogue.csv", '--insist=Q1'], 'Q1'];
        yield 'no list' => [['kalokroma:substitute', 'none.txt', "--paints=$demo/catalogue.csv", "--shelf=$demo/shelf.csv"], 'There is no file'];
        yield 'no shelf' => [['kalokroma:substitute', 'README.md', "--paints=$demo/catalogue.csv"], '--shelf=FILE'];
        yield 'negative tolerance' => [['kalokroma:buy', 'README.md', "--paints=$demo/catalogue.csv", '--tolerance=-1'], ''];
        yield 'words for a tolerance' => [['kalokroma:buy', 'composer.json', "--paints=$demo/catalogue.csv", '--tolerance=near'], '--tolerance'];
        yield 'unknown names' => [['kalokroma:buy', '.prettierrc.json', "--paints=$demo/catalogue.csv"], ''];
    }

    /** @param list<string> $command */
    #[DataProvider('faults')]
    public function testBadInputEndsWithAMessageAndAnExitCode(array $command, string $words): void
    {
        $run = self::process(...$command, ...['--json']);

        self::assertSame(1, $run->run());
        self::assertStringContainsString($words, $run->getErrorOutput());
        self::assertNotSame('', trim($run->getErrorOutput()));
        self::assertStringNotContainsString('#0', $run->getErrorOutput());
        self::assertSame('', $run->getOutput());
    }

    public function testANegativePriceOrAStrangerInASetIsTold(): void
    {
        $catalogue = (string) tempnam(sys_get_temp_dir(), 'paints');
        File::put(
            $catalogue,
            "maker,range,code,name,kind,swatch,opacity,finish,volume_ml,price,barcode\nA,,1,Deep Tide,opaque,#1f4f55,,matt,17,-5,\n",
        );
        $run = self::process('kalokroma:buy', $this->list, "--paints=$catalogue", '--json');
        self::assertSame(1, $run->run());
        self::assertStringContainsString('row 2, price', $run->getErrorOutput());

        $sets = (string) tempnam(sys_get_temp_dir(), 'sets');
        File::put($sets, "maker,code,name,price,paints\nHeather House,X,Strangers,100,C06 C999\n");
        $run = self::process('kalokroma:buy', $this->list, '--paints=resources/demo/catalogue.csv', "--sets=$sets", '--json');
        self::assertSame(1, $run->run());
        self::assertStringContainsString('row 2, paints: The catalogue has no paint "C999"', $run->getErrorOutput());
        File::delete([$catalogue, $sets]);
    }

    /** @return array<mixed> */
    private function answered(string ...$command): array
    {
        $run = self::process(...$command, ...['--json']);
        self::assertSame(0, $run->run(), $run->getErrorOutput());

        /** @var array<mixed> */
        return json_decode($run->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    }

    public function testACommandBeginsAgainWithWhatWasCompiledAndKeepsTheSettingsItWasGiven(): void
    {
        $command = ['artisan', 'kalokroma:simulate', 'tests/examples/heron-clean.plan.json'];
        $run = static function (string ...$settings) use ($command): Process {
            $process = new Process([PHP_BINARY, ...$settings, ...$command], dirname(__DIR__, 2));
            $process->run();

            return $process;
        };
        $begun = $run();

        self::assertSame(0, $begun->getExitCode(), $begun->getErrorOutput());
        self::assertNotSame([], glob(dirname(__DIR__, 2).'/.cache/opcache/*'));
        self::assertSame($run('-dprecision=17')->getOutput(), $begun->getOutput());
        $small = $run('-dmemory_limit=4M');
        self::assertStringContainsString('Allowed memory size', $small->getOutput().$small->getErrorOutput());
    }

    /**
     * @param list<float> $numbers
     *
     * @return list<float>
     */
    private static function sorted(array $numbers): array
    {
        sort($numbers);

        return $numbers;
    }

    private static function process(string ...$command): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$command], dirname(__DIR__, 2), ['APP_ENV' => 'production', 'DB_DATABASE' => ':memory:']);
    }
}
