<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;
use Tests\Core\PlanSketch;

/** The commands on plan files as one runs them: own process, files in, JSON out, exit code. */
final class PlanCommandTest extends TestCase
{
    private const EXAMPLES = 'tests/examples';

    public function testReviewSaysWhatItFindsAndWithShelfAndModelsMore(): void
    {
        $alone = $this->answered('kalokroma:review', self::EXAMPLES.'/barge-number-after-grime.plan.json')['findings'];
        self::assertSame(['rule', 'severity', 'area', 'step', 'words', 'why', 'otherSchool', 'silenced', 'mends'], array_keys($alone[0]));
        self::assertSame(['decal-after-grime', 'costs-time', 'bow', 'bow-03'], array_slice(array_values($alone[0]), 0, 4));

        $demo = 'resources/demo';
        $more = array_column($this->answered('kalokroma:review', "$demo/plans/bound-capstan.json", "--paints=$demo/catalogue.csv", "--shelf=$demo/shelf.csv", '--models=10')['findings'], 'rule');
        self::assertContains('paint-missing', $more);
        self::assertContains('pot-short', $more);
    }

    public function testSimulateSaysEveryZoneOfEveryStage(): void
    {
        $areas = $this->answered('kalokroma:simulate', self::EXAMPLES.'/heron-clean.plan.json')['areas'];
        $stages = $areas[0]['stages'];

        self::assertSame(['undercoat', 'undercoat-light', 'wings-01', 'wings-02', 'wings-03'], array_column($stages, 'step'));
        self::assertSame(['recess', 'lower-side', 'face', 'raised', 'edge'], array_keys($stages[0]['zones']));
        self::assertSame(['hex', 'L', 'a', 'b'], array_keys($stages[0]['zones']['edge']));
        self::assertEqualsWithDelta($areas[0]['valueRange'], $stages[4]['zones']['raised']['L'] - $stages[4]['zones']['recess']['L'], 0.01);
        self::assertIsBool($areas[0]['readable']);
    }

    public function testFlanksAreToldApartWhereLightComesFromOneSide(): void
    {
        $file = self::file(PlanSketch::document("undercoat grey\narea coat broad-folds main cloth\n basecoat navy x3\n coloured-light orange side left x4"));
        $zones = $this->answered('kalokroma:simulate', $file)['areas'][0]['stages'][2]['zones'];

        self::assertGreaterThan($zones['face']['right']['b'], $zones['face']['left']['b']);
    }

    public function testOrderNumbersPassesWithDryTimesAndReasonsAndPutsStopsAfterThem(): void
    {
        $answer = $this->answered('kalokroma:order', self::EXAMPLES.'/heron-clean.plan.json', '--models=10');
        self::assertSame(range(1, 11), array_column($answer['passes'], 'number'));
        self::assertSame(['number', 'area', 'step', 'technique', 'dryMinutes', 'handsOnMinutes', 'reasons'], array_keys($answer['passes'][3]));
        self::assertSame([null, 'undercoat', 60], [$answer['passes'][0]['area'], $answer['passes'][0]['step'], $answer['passes'][0]['dryMinutes']]);
        self::assertSame([['name' => 'table-ready', 'afterPass' => 8]], $answer['stops']);
        self::assertEqualsWithDelta($answer['passes'][4]['handsOnMinutes'], 10 * $this->answered('kalokroma:order', self::EXAMPLES.'/heron-clean.plan.json')['passes'][4]['handsOnMinutes'], 1.0);

        $byArea = array_column($this->answered('kalokroma:order', self::EXAMPLES.'/hat-like-coat.plan.json', '--style=area-by-area')['passes'], 'area');
        self::assertSame([null, 'hat', 'hat', 'hat', 'coat', 'coat', 'coat'], $byArea);
        // Varnish that decals and solvents go on has to cure for a day.
        $barge = array_column($this->answered('kalokroma:order', self::EXAMPLES.'/barge-number-before-grime.plan.json')['passes'], 'dryMinutes', 'step');
        self::assertSame([1440, 30, 240], [$barge['whole-01'], $barge['bow-02'], $barge['bow-03']]);
    }

    public function testMendWritesThePlanAndTheFindingIsGone(): void
    {
        $run = self::process('kalokroma:mend', self::EXAMPLES.'/barge-number-after-grime.plan.json', '--finding=decal-after-grime', '--area=bow', '--step=bow-03', '--mend=1');
        $run->mustRun();
        $mended = json_decode($run->getOutput(), true);
        self::assertSame(['bow-01', 'bow-03', 'bow-02'], array_column($mended['areas'][0]['steps'], 'id'));
        self::assertNotContains('decal-after-grime', array_column($this->answered('kalokroma:review', self::file($mended))['findings'], 'rule'));
    }

    public function testARecipeIsWrittenWithItsStagesItsMinutesAndWhatIsMissing(): void
    {
        $demo = 'resources/demo';
        $proposals = $this->answered('kalokroma:write-recipe', '--texture=broad-folds', '--material=cloth', '--target=#e2b21f', '--undercoat=#1c1c1e', '--level=table-ready', "--paints=$demo/catalogue.csv", "--shelf=$demo/shelf.csv")['proposals'];

        self::assertCount(3, $proposals);
        self::assertCount(3, array_unique(array_column($proposals, 'school')));
        foreach ($proposals as $proposal) {
            self::assertSame(['school', 'steps', 'missing', 'unreached', 'minutes', 'stages'], array_keys($proposal));
            self::assertSame(['maker', 'code', 'name', 'parts'], array_keys($proposal['steps'][0]['mix'][0]));
            self::assertSame(['undercoat', ...array_column($proposal['steps'], 'id')], array_column($proposal['stages'], 'step'));
            self::assertGreaterThan(0, $proposal['minutes']);
        }
        $brief = $this->answered('kalokroma:write-recipe', '--texture=broad-folds', '--material=cloth', '--target=#e2b21f', '--undercoat=#1c1c1e', '--wishes=fewer-steps, warmer', "--paints=$demo/catalogue.csv", "--shelf=$demo/shelf.csv")['proposals'];
        $count = static fn(array $all): int => array_sum(array_map(static fn(array $proposal): int => count($proposal['steps']), $all));
        self::assertLessThan($count($proposals), $count($brief));
        $one = $this->answered('kalokroma:write-recipe', '--target=#8a8d90', '--material=metal', '--school=true-metal', "--paints=$demo/catalogue.csv")['proposals'];
        self::assertSame([['true-metal'], []], [array_column($one, 'school'), $one[0]['missing']]);
    }

    public function testAnUndercoatIsAdvisedWithCoatsByAreaAndReasons(): void
    {
        $demo = 'resources/demo';
        $candidates = $this->answered('kalokroma:undercoat', self::EXAMPLES.'/heron-clean.plan.json', "--paints=$demo/catalogue.csv", "--shelf=$demo/shelf.csv")['candidates'];

        self::assertSame(['base', 'light', 'coneDegrees', 'score', 'reasons', 'areas', 'minutes'], array_keys($candidates[0]));
        self::assertSame(['maker', 'code', 'name', 'parts'], array_keys($candidates[0]['base']));
        self::assertSame(array_column($this->answered('kalokroma:simulate', self::EXAMPLES.'/heron-clean.plan.json')['areas'], 'id'), array_column($candidates[0]['areas'], 'id'));
        self::assertSame([45, true], [$candidates[0]['coneDegrees'], $candidates[0]['score'] >= $candidates[1]['score']]);
    }

    public function testAGuideBecomesAPlanFileThatTheOtherCommandsTake(): void
    {
        $guide = tempnam(sys_get_temp_dir(), 'kalokroma').'.txt';
        file_put_contents($guide, "Coat: base Oilskin Yellow, wash Umber Wash 1:1\nA line about tea\n");
        $answer = $this->answered('kalokroma:read-guide', $guide, '--paints=resources/demo/catalogue.csv', '--shelf=resources/demo/shelf.csv');

        self::assertSame(['plan', 'read', 'unread', 'unknownPaints', 'listedUnused', 'usedUnlisted'], array_keys($answer));
        self::assertSame([1, 'coat', 'basecoat'], [$answer['read'][0]['line'], $answer['read'][0]['area'], $answer['read'][0]['technique']]);
        self::assertSame(['maker', 'code', 'name', 'parts'], array_keys($answer['read'][0]['paints'][0]));
        self::assertSame([2], $answer['unread']);
        self::assertSame(['coat-1', 'coat-2'], array_column($this->answered('kalokroma:simulate', self::file($answer['plan']))['areas'][0]['stages'], 'step'));
        file_put_contents($guide, "Nothing of the kind.\n");
        self::assertSame([], $this->answered('kalokroma:read-guide', $guide, '--paints=resources/demo/catalogue.csv')['plan']['areas']);
    }

    public function testSprayCheckKnowsTheWeatherForEachWay(): void
    {
        $verdict = fn(int $celsius, int $humidity, string $method): array => array_intersect_key($this->answered('kalokroma:spray-check', "--celsius=$celsius", "--humidity=$humidity", "--method=$method"), ['verdict' => 0, 'waitMinutes' => 0]);

        self::assertSame(['verdict' => 'go', 'waitMinutes' => 60], $verdict(20, 50, 'spray-can'));
        self::assertSame(['verdict' => 'go', 'waitMinutes' => 150], $verdict(20, 70, 'spray-can'));
        self::assertSame('wait', $verdict(7, 50, 'spray-can')['verdict']);
        self::assertSame('another-way', $verdict(-3, 50, 'spray-can')['verdict']);
        self::assertSame('another-way', $verdict(20, 95, 'spray-can')['verdict']);
        self::assertSame(['verdict' => 'go', 'waitMinutes' => 10], $verdict(20, 60, 'airbrush'));
        self::assertSame('go', $verdict(20, 95, 'airbrush')['verdict']);
    }

    /** @return iterable<string, array{int, string, list<string>}> */
    public static function wrong(): iterable
    {
        $heron = self::EXAMPLES.'/heron-clean.plan.json';
        yield 'no plan' => [1, 'format', ['kalokroma:review', 'composer.json']];
        yield 'no such file' => [2, 'There is no file', ['kalokroma:review', 'none.json']];
        yield 'no file at all' => [2, 'plan', ['kalokroma:review']];
        yield 'an option that is none' => [2, '--glitter', ['kalokroma:review', $heron, '--glitter=1']];
        yield 'no models' => [2, '--models', ['kalokroma:review', $heron, '--models=0']];
        yield 'models in words' => [2, '--models', ['kalokroma:order', $heron, '--models=few']];
        yield 'another way through' => [2, '--style', ['kalokroma:order', $heron, '--style=sideways']];
        yield 'a rule that is none' => [2, '--finding', ['kalokroma:mend', $heron, '--finding=ugly']];
        yield 'what is not found' => [2, 'unprimed', ['kalokroma:mend', $heron, '--finding=unprimed']];
        yield 'a mend that is none' => [2, 'mends', ['kalokroma:mend', self::EXAMPLES.'/wash-on-smooth-post.plan.json', '--finding=blotchy-wash', '--mend=9']];
        yield 'no weather' => [2, '--humidity', ['kalokroma:spray-check', '--celsius=20']];
        yield 'impossible weather' => [2, 'humidity', ['kalokroma:spray-check', '--celsius=20', '--humidity=140']];
        yield 'no method' => [2, '--method', ['kalokroma:spray-check', '--celsius=20', '--humidity=50', '--method=roller']];
    }

    /** @param list<string> $command */
    #[DataProvider('wrong')]
    public function testWrongWordsAndFaultyFilesAreToldAndToldApart(int $code, string $words, array $command): void
    {
        $run = self::process(...$command, ...['--json']);

        self::assertSame($code, $run->run(), $run->getErrorOutput());
        self::assertStringContainsString($words, $run->getErrorOutput());
        self::assertStringNotContainsString('#0', $run->getErrorOutput());
        self::assertSame('', $run->getOutput());
    }

    public function testEveryFaultOfAFileHasALineWithItsPlace(): void
    {
        $document = PlanSketch::document("area a broad-folds main cloth\n basecoat navy\n highlight blue");
        $document['areas'][0]['texture'] = 'velvet';
        $document['areas'][0]['steps'][1]['coats'] = 0;
        $run = self::process('kalokroma:review', self::file($document), '--json');

        self::assertSame(1, $run->run());
        self::assertStringContainsString('areas.0.texture:', $run->getErrorOutput());
        self::assertStringContainsString('areas.0.steps.1.coats:', $run->getErrorOutput());
    }

    public function testAnOrderAgainstARecipeIsRefusedWithBothSteps(): void
    {
        $document = PlanSketch::document("area a broad-folds main cloth\n basecoat navy\n highlight blue\norder a-2 a-1");
        $run = self::process('kalokroma:order', self::file($document), '--json');

        self::assertSame(1, $run->run());
        self::assertStringContainsString('a-1', $run->getErrorOutput());
        self::assertStringContainsString('a-2', $run->getErrorOutput());
    }

    /** @return array<string, mixed> */
    private function answered(string ...$command): array
    {
        $run = self::process(...$command, ...['--json']);
        $run->mustRun();

        return json_decode($run->getOutput(), true, 512, JSON_THROW_ON_ERROR);
    }

    /** @param array<string, mixed> $document */
    private static function file(array $document): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'plan');
        file_put_contents($file, (string) json_encode($document));

        return $file;
    }

    private static function process(string ...$command): Process
    {
        return new Process([PHP_BINARY, 'artisan', ...$command], dirname(__DIR__, 2), ['APP_ENV' => 'production', 'DB_DATABASE' => ':memory:']);
    }
}
