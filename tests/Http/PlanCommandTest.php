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
        $more = array_column(
            $this->answered(
                'kalokroma:review',
                "$demo/plans/bound-capstan.json",
                "--paints=$demo/catalogue.csv",
                "--shelf=$demo/shelf.csv",
                '--models=10',
            )['findings'],
            'rule',
        );
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
        $file = self::file(PlanSketch::document(
            "undercoat grey\narea coat broad-folds main cloth\n basecoat navy x3\n coloured-light orange side left x4",
        ));
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
        // Three minutes to fetch, thin and clean, for ten as for one.
        self::assertEqualsWithDelta(
            $answer['passes'][4]['handsOnMinutes'] - 3.0,
            10 * ($this->answered('kalokroma:order', self::EXAMPLES.'/heron-clean.plan.json')['passes'][4]['handsOnMinutes'] - 3.0),
            1.0,
        );

        $byArea = array_column(
            $this->answered('kalokroma:order', self::EXAMPLES.'/hat-like-coat.plan.json', '--style=area-by-area')['passes'],
            'area',
        );
        self::assertSame([null, 'hat', 'hat', 'hat', 'coat', 'coat', 'coat'], $byArea);
        // Varnish that decals and solvents go on has to cure for a day.
        $barge = array_column(
            $this->answered('kalokroma:order', self::EXAMPLES.'/barge-number-before-grime.plan.json')['passes'],
            'dryMinutes',
            'step',
        );
        self::assertSame([1440, 30, 240], [$barge['whole-01'], $barge['bow-02'], $barge['bow-03']]);
    }

    public function testAmountsCountDropsByPassAndInAllAndSayWhatIsShort(): void
    {
        $demo = 'resources/demo';
        $answer = $this->answered(
            'kalokroma:amounts',
            "$demo/plans/ferry-warden.json",
            '--models=10',
            "--paints=$demo/catalogue.csv",
            "--shelf=$demo/shelf.csv",
        );

        self::assertSame(['number', 'step', 'drops'], array_keys($answer['passes'][0]));
        self::assertSame(['undercoat', 'undercoat-light'], array_column(array_slice($answer['passes'], 0, 2), 'step'));
        self::assertSame(['maker', 'code', 'name', 'drops', 'ml'], array_keys($answer['passes'][2]['drops'][0]));
        self::assertSame(['Reed Green', 'water'], array_column($answer['passes'][2]['drops'], 'name'));
        self::assertNull($answer['passes'][2]['drops'][1]['maker']);
        $drops = [];
        foreach ($answer['passes'] as $pass) {
            foreach ($pass['drops'] as $row) {
                $drops[$row['name']] = ($drops[$row['name']] ?? 0) + $row['drops'];
                self::assertEqualsWithDelta($row['drops'] * 0.045, $row['ml'], 0.001);
            }
        }
        self::assertSame($drops, array_column($answer['totals'], 'drops', 'name'));
        $short = array_column($answer['totals'], 'short', 'name');
        $ml = array_column($answer['totals'], 'ml', 'name');
        self::assertSame([0, 0], [$short['Oilskin Yellow'], $short['water']]);
        self::assertSame($ml['Soot Wash'], $short['Soot Wash'], 'it is not on the shelf at all');
        self::assertSame(
            [0],
            array_values(array_unique(array_column(
                $this->answered('kalokroma:amounts', "$demo/plans/ferry-warden.json", '--models=10')['totals'],
                'short',
            ))),
        );
    }

    public function testThinnerComesFromThePotItNamesAndStepsWithoutPaintPourNothing(): void
    {
        $plan = PlanSketch::document("area coat broad-folds main cloth\n mask\n glaze navy\n wet-blend navy over sky");
        $plan['areas'][0]['steps'][1]['dilution'] += ['paintId' => 'medium'];
        $passes = array_column($this->answered('kalokroma:amounts', self::file($plan), '--models=5')['passes'], 'drops', 'step');

        self::assertSame([], $passes['coat-1']);
        self::assertSame(['Navy', 'Medium'], array_column($passes['coat-2'], 'name'));
        self::assertSame('medium', $passes['coat-2'][1]['code']);
        self::assertSame(['Navy', 'water', 'Sky'], array_column($passes['coat-3'], 'name'));
    }

    public function testAScheduleNamesEveryCoatOnEveryModelInItsSession(): void
    {
        $sessions = self::file([
            ['start' => '2026-11-26T19:30:00+01:00', 'minutes' => 150],
            ['start' => '2026-11-28T14:00:00+01:00', 'minutes' => 240],
            ['start' => '2026-11-29T14:00:00+01:00', 'minutes' => 240],
        ]);
        $answer = $this->answered('kalokroma:schedule', self::EXAMPLES.'/heron-clean.plan.json', '--models=2', "--sessions=$sessions");

        self::assertSame(['items', 'waits', 'stops', 'lowerBoundMinutes', 'handsOnMinutes'], array_keys($answer));
        self::assertSame(['step', 'coat', 'models', 'start', 'end', 'session'], array_keys($answer['items'][0]));
        self::assertSame(
            ['undercoat', 1, [1, 2], '2026-11-26T19:33:00+01:00', 0],
            [
                $answer['items'][0]['step'],
                $answer['items'][0]['coat'],
                $answer['items'][0]['models'],
                $answer['items'][0]['start'],
                $answer['items'][0]['session'],
            ],
        );
        self::assertSame(['start', 'end', 'for'], array_keys($answer['waits'][0]));
        self::assertSame([[1, 2]], array_values(array_unique(array_column($answer['items'], 'models'), SORT_REGULAR)), 'one item per coat');
        $ready = max(array_map(
            static fn(array $item): string => $item['step'] === 'wings-03' || $item['step'] === $answer['stops'][0]['name'] ? $item['end'] : '',
            $answer['items'],
        ));
        self::assertSame('table-ready', $answer['stops'][0]['name']);
        self::assertGreaterThanOrEqual('2026-11-26T19:30:00+01:00', $answer['stops'][0]['at'].$ready);
        $minutes = array_sum(array_map(
            static fn(array $item): float => (strtotime($item['end']) - strtotime($item['start'])) / 60,
            $answer['items'],
        ));
        // What each step takes is set up once.
        self::assertEqualsWithDelta($answer['handsOnMinutes'], $minutes + 3.0 * count(array_unique(array_column($answer['items'], 'step'))), 0.1);
        self::assertGreaterThanOrEqual($answer['handsOnMinutes'], $answer['lowerBoundMinutes']);

        $cold = $this->answered(
            'kalokroma:schedule',
            self::EXAMPLES.'/heron-clean.plan.json',
            '--models=2',
            "--sessions=$sessions",
            '--celsius=12',
            '--humidity=70',
        );
        self::assertGreaterThan(end($answer['items'])['end'], end($cold['items'])['end']);
    }

    public function testFaultySessionsAreNamedOneByOne(): void
    {
        $plan = self::EXAMPLES.'/heron-clean.plan.json';
        $told = static function (array $sessions, string $models = '2') use ($plan): array {
            $run = self::process('kalokroma:schedule', $plan, "--models=$models", '--sessions='.self::file($sessions), '--json');
            $run->run();

            return [$run->getExitCode(), array_values(array_filter(explode("\n", $run->getErrorOutput())))];
        };

        self::assertSame([1, ['sessions: There is no session to paint in. Name at least one.']], $told([]));
        [$code, $lines] = $told([
            ['start' => '2026-11-26T19:30:00Z', 'minutes' => 0],
            ['start' => 'tomorrow', 'minutes' => 30],
            ['start' => '2026-11-27T19:30:00Z', 'minutes' => 90],
            ['start' => '2026-11-27T20:30:00Z', 'minutes' => 90],
        ]);
        self::assertSame(1, $code);
        self::assertCount(3, $lines);
        self::assertStringStartsWith('sessions.0.minutes:', $lines[0]);
        self::assertStringStartsWith('sessions.1.start:', $lines[1]);
        self::assertStringContainsString('before the one from 27 November 19:30 is over', $lines[2]);
        self::assertSame(1, $told([['start' => '2026-11-26T19:30:00Z', 'minutes' => 20]])[0]);
        self::assertSame(2, $told([['start' => '2026-11-26T19:30:00Z', 'minutes' => 600]], '0')[0]);
        self::assertSame(2, $told([['start' => '2026-11-26T19:30:00Z', 'minutes' => 600]], '61')[0]);
        self::assertSame(2, $told([['start' => '2026-11-26T19:30:00Z', 'minutes' => 600]], 'many')[0]);
    }

    public function testRolesSayWhoIsPainted(): void
    {
        $plan = PlanSketch::document(
            "role leader\nrole rank\narea coat broad-folds main cloth\n basecoat navy x2\n layer blue raised only leader\n variant teal for rank\n basecoat green x2\narea plume fur-or-feather small fur only leader\n basecoat red x2",
        );
        $plan['version'] = 3;
        $file = self::file($plan);
        $passes = static fn(array $answer): array => array_column($answer['passes'], 'handsOnMinutes', 'step');
        [$leader, $squad] = [
            $passes($this->answered('kalokroma:order', $file, '--roles=leader:1')),
            $passes($this->answered('kalokroma:order', $file, '--roles=leader:1,rank:7,:2')),
        ];
        $drops = array_column($this->answered('kalokroma:amounts', $file, '--roles=leader:1,rank:7,:2')['totals'], 'ml', 'code');
        $alone = array_column($this->answered('kalokroma:amounts', $file, '--roles=leader:1')['totals'], 'ml', 'code');
        $items = $this->answered(
            'kalokroma:schedule',
            $file,
            '--roles=leader:1,rank:2',
            '--sessions='.self::file([['start' => '2026-11-26T18:00:00Z', 'minutes' => 900]]),
        )['items'];

        self::assertSame(['undercoat', 'coat-1', 'plume-1', 'coat-2'], array_keys($leader));
        self::assertSame(['coat-1', 'coat-2', 'plume-1', 'teal.teal-1', 'undercoat'], (static function () use ($squad): array {
            $ids = array_keys($squad);
            sort($ids);
            return $ids;
        })());
        self::assertSame([$leader['plume-1'], $leader['coat-2']], [$squad['plume-1'], $squad['coat-2']], 'One leader, however many there are.');
        self::assertGreaterThan(2.0 * $leader['coat-1'], $squad['coat-1']);
        self::assertArrayNotHasKey('green', $alone);
        self::assertGreaterThan($drops['navy'], $drops['green']);
        self::assertSame([1], array_values(array_filter($items, static fn(array $one): bool => $one['step'] === 'plume-1'))[0]['models']);
        self::assertSame([2, 3], array_values(array_filter($items, static fn(array $one): bool => $one['step'] === 'teal.teal-1'))[0]['models']);
        foreach (['--roles=chief:1', '--roles=leader', '--roles=leader:61', '--roles=leader:0', '--roles=leader:1,'] as $wrong) {
            $run = self::process('kalokroma:order', $file, $wrong, '--json');
            $run->run();
            self::assertSame(2, $run->getExitCode(), $wrong);
            self::assertStringContainsString('--roles', $run->getErrorOutput());
        }
    }

    public function testTheRoundTripSaysWithHowManyModelsNobodyWaits(): void
    {
        $plan = self::file(PlanSketch::document("area coat broad-folds medium cloth\n basecoat navy x1\n layer blue x1"));
        $answer = $this->answered('kalokroma:round-trip', $plan, '--step=coat-1');

        self::assertSame(
            [['models' => 1, 'waitMinutes' => 20], ['models' => 2, 'waitMinutes' => 17.5], ['models' => 9, 'waitMinutes' => 0]],
            [$answer['waits'][0], $answer['waits'][1], $answer['waits'][8]],
        );
        self::assertSame(9, $answer['smallestWithoutWaiting']);
        $run = self::process('kalokroma:round-trip', $plan, '--step=hat-9', '--json');
        self::assertSame(1, $run->run());
    }

    public function testMendWritesThePlanAndTheFindingIsGone(): void
    {
        $run = self::process(
            'kalokroma:mend',
            self::EXAMPLES.'/barge-number-after-grime.plan.json',
            '--finding=decal-after-grime',
            '--area=bow',
            '--step=bow-03',
            '--mend=1',
        );
        $run->mustRun();
        $mended = json_decode($run->getOutput(), true);
        self::assertSame(['bow-01', 'bow-03', 'bow-02'], array_column($mended['areas'][0]['steps'], 'id'));
        self::assertNotContains('decal-after-grime', array_column($this->answered('kalokroma:review', self::file($mended))['findings'], 'rule'));
    }

    public function testARecipeIsWrittenWithItsStagesItsMinutesAndWhatIsMissing(): void
    {
        $demo = 'resources/demo';
        $proposals = $this->answered(
            'kalokroma:write-recipe',
            '--texture=broad-folds',
            '--material=cloth',
            '--target=#e2b21f',
            '--undercoat=#1c1c1e',
            '--level=table-ready',
            "--paints=$demo/catalogue.csv",
            "--shelf=$demo/shelf.csv",
        )['proposals'];

        self::assertCount(3, $proposals);
        self::assertCount(3, array_unique(array_column($proposals, 'school')));
        foreach ($proposals as $proposal) {
            self::assertSame(['school', 'steps', 'missing', 'unreached', 'minutes', 'stages'], array_keys($proposal));
            self::assertSame(['maker', 'code', 'name', 'parts'], array_keys($proposal['steps'][0]['mix'][0]));
            self::assertSame(['undercoat', ...array_column($proposal['steps'], 'id')], array_column($proposal['stages'], 'step'));
            self::assertGreaterThan(0, $proposal['minutes']);
        }
        $brief = $this->answered(
            'kalokroma:write-recipe',
            '--texture=broad-folds',
            '--material=cloth',
            '--target=#e2b21f',
            '--undercoat=#1c1c1e',
            '--wishes=fewer-steps, warmer',
            "--paints=$demo/catalogue.csv",
            "--shelf=$demo/shelf.csv",
        )['proposals'];
        $count = static fn(array $all): int => array_sum(array_map(static fn(array $proposal): int => count($proposal['steps']), $all));
        self::assertLessThan($count($proposals), $count($brief));
        $one = $this->answered(
            'kalokroma:write-recipe',
            '--target=#8a8d90',
            '--material=metal',
            '--school=true-metal',
            "--paints=$demo/catalogue.csv",
        )['proposals'];
        self::assertSame([['true-metal'], []], [array_column($one, 'school'), $one[0]['missing']]);
    }

    public function testAnUndercoatIsAdvisedWithCoatsByAreaAndReasons(): void
    {
        $demo = 'resources/demo';
        $candidates = $this->answered(
            'kalokroma:undercoat',
            self::EXAMPLES.'/heron-clean.plan.json',
            "--paints=$demo/catalogue.csv",
            "--shelf=$demo/shelf.csv",
        )['candidates'];

        self::assertSame(['base', 'light', 'coneDegrees', 'score', 'reasons', 'areas', 'minutes'], array_keys($candidates[0]));
        self::assertSame(['maker', 'code', 'name', 'parts'], array_keys($candidates[0]['base']));
        self::assertSame(
            array_column($this->answered('kalokroma:simulate', self::EXAMPLES.'/heron-clean.plan.json')['areas'], 'id'),
            array_column($candidates[0]['areas'], 'id'),
        );
        self::assertSame([45, true], [$candidates[0]['coneDegrees'], $candidates[0]['score'] >= $candidates[1]['score']]);
    }

    public function testAnUndercoatIsAdvisedForALoosePartAndByWhatItIsSprayed(): void
    {
        $plan = json_decode((string) file_get_contents(self::EXAMPLES.'/heron-clean.plan.json'), true);
        $plan['parts'] = [['id' => 'lid', 'name' => 'Lid']];
        $plan['areas'][0]['part'] = 'lid';
        $command = ['kalokroma:undercoat', self::file($plan), '--paints=resources/demo/catalogue.csv', '--models=20'];
        $answer = $this->answered(...$command, ...['--part=Lid', '--wishes=quick,cheap', '--no-airbrush']);
        $careful = array_column($this->answered(...$command, ...['--wishes=fine-detail, no-dust'])['ways'], 'method');
        $told = self::process(...$command);
        $told->mustRun();

        self::assertSame([$plan['areas'][0]['id']], array_column($answer['candidates'][0]['areas'], 'id'));
        self::assertSame('spray-can', $answer['ways'][0]['method']);
        self::assertSame('airbrush', $careful[0]);
        self::assertStringContainsString("By what, for {$this->answered(...$command)['candidates'][0]['base']['name']}:", $told->getOutput());
        foreach (['--part=nothing' => 'loose part', '--wishes=gold' => 'fine-detail', '--models=0' => 'whole number'] as $wrong => $words) {
            $refused = self::process(...[...$command, $wrong]);
            self::assertNotSame(0, $refused->run());
            self::assertStringContainsString($words, $refused->getErrorOutput());
        }
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
        self::assertSame(
            ['coat-1', 'coat-2'],
            array_column($this->answered('kalokroma:simulate', self::file($answer['plan']))['areas'][0]['stages'], 'step'),
        );
        file_put_contents($guide, "Nothing of the kind.\n");
        self::assertSame([], $this->answered('kalokroma:read-guide', $guide, '--paints=resources/demo/catalogue.csv')['plan']['areas']);
    }

    public function testSprayCheckKnowsTheWeatherForEachWay(): void
    {
        $verdict = fn(int $celsius, int $humidity, string $method): array => array_intersect_key(
            $this->answered('kalokroma:spray-check', "--celsius=$celsius", "--humidity=$humidity", "--method=$method"),
            ['verdict' => 0, 'waitMinutes' => 0],
        );

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
        yield 'a mend that is none' => [
            2,
            'mends',
            ['kalokroma:mend', self::EXAMPLES.'/wash-on-smooth-post.plan.json', '--finding=blotchy-wash', '--mend=9'],
        ];
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
