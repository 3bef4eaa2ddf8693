<?php

declare(strict_types=1);

namespace Tests\Http;

use Kalokroma\Review\GoesAlong;
use Tests\Core\PlanSketch;
use Tests\Core\WildPlans;

/** Findings, mends and the running order over HTTP: what is shown is not made, what is made can be undone, what is refused says why. */
final class ReviewTest extends HttpTestCase
{
    public function testAMendIsShownBeforeItIsMadeAndThenMadeAndUndone(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan('Provost on the White Heron')->id);
        $finding = $this->finding($plan, 'blotchy-wash');
        $mend = ['do' => 'mend', 'rule' => $finding['rule'], 'area' => $finding['areaId'], 'step' => $finding['stepId'], 'mend' => 1];

        $shown = $this->ask('POST', "/plans/$plan[id]/edits/preview", ['version' => $plan['version'], 'edit' => $mend]);
        self::assertNotContains('blotchy-wash', array_column($shown['looks']['findings'], 'rule'));
        self::assertSame([], $shown['brings'], 'It brings nothing else.');
        self::assertSame($plan['document'], $this->ask('GET', "/plans/$plan[id]")['document'], 'Only looked at.');

        $made = $this->ask('POST', "/plans/$plan[id]/edits", ['version' => $plan['version'], 'edit' => $mend]);
        self::assertSame($shown['looks']['areas'][$finding['areaId']], $made['looks']['areas'][$finding['areaId']]);
        self::assertSame(
            ['rule'],
            self::fields($this->ask('POST', "/plans/$plan[id]/edits", ['version' => $made['version'], 'edit' => $mend], 422)),
        );
        self::assertSame($plan['document'], $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $made['version']])['document']);
    }

    /** Each mend is weighed as it would come out with what goes along: fewer as grave, and what would be new. */
    public function testMendsAreWeighedAllAtOnce(): void
    {
        $less = [];
        foreach ([3, 44, 67, 131] as $seed) {
            $plan = $this->ask('GET', '/plans/'.$this->bringIn(WildPlans::document($seed), 201)['id']);
            $weighed = $this->ask('GET', "/plans/$plan[id]/mends");
            $findings = $plan['looks']['findings'];
            self::assertSame(array_column($findings, 'rule'), array_column($weighed, 'rule'));
            foreach ($findings as $at => $finding) {
                self::assertCount(count($finding['mends']), $weighed[$at]['mends']);
                if ($finding['mends'] === [] || $finding['rule'] === 'empty-area') {
                    continue;
                }
                $weight = $weighed[$at]['mends'][0];
                $along = array_map(static fn(array $one): array => array_diff_key($one, ['label' => true]), $weight['with']);
                $mend = [
                    'do' => 'mend', 'rule' => $finding['rule'], 'area' => $finding['areaId'], 'step' => $finding['stepId'], 'mend' => 1,
                    'with' => $along,
                ];
                $shown = $this->ask('POST', "/plans/$plan[id]/edits/preview", ['version' => $plan['version'], 'edit' => $mend]);
                $grave = ['stops-the-job' => 0, 'costs-time' => 1, 'risk' => 2, 'taste' => 3];
                $count = static fn(array $all): int => count(array_filter(
                    $all,
                    static fn(array $one): bool => ! $one['isSilenced'] && $grave[$one['severity']] <= $grave[$finding['severity']],
                ));
                $isLess = $count($shown['looks']['findings']) < $count($findings);
                self::assertSame([$isLess, $shown['brings']], [$weight['leavesLess'], $weight['brings']], $finding['words']);
                self::assertLessThanOrEqual(GoesAlong::MOST, count($along));
                $less[] = [$isLess, $along !== []];
            }
        }
        self::assertContains([true, false], $less, 'Most leave less by themselves.');
        self::assertContains([true, true], $less, 'Some do with another.');
        $this->ask('GET', '/plans/nobody/mends', null, 404);
    }

    public function testAFindingIsSilencedWithANoteAndToldAgain(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan('Provost on the White Heron')->id);
        $finding = $this->finding($plan, 'blotchy-wash');
        $about = ['rule' => $finding['rule'], 'area' => $finding['areaId'], 'step' => $finding['stepId']];

        $silent = $this->edit($plan, ['do' => 'silence', ...$about, 'note' => 'I like it so']);
        self::assertTrue($this->finding($silent, 'blotchy-wash')['isSilenced']);
        self::assertSame('I like it so', $silent['document']['silenced'][0]['note']);
        self::assertFalse($this->finding($this->edit($silent, ['do' => 'unsilence', ...$about]), 'blotchy-wash')['isSilenced']);
    }

    public function testTheRunningOrderIsSaidLockedFreedAndRefusedWhereItCannotBe(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $order = self::steps($plan);
        $coat = $plan['document']['areas'][0]['steps'];

        $moved = $this->edit($plan, ['do' => 'run-step', 'step' => $order[1], 'before' => $order[0]]);
        self::assertSame([$order[1], $order[0]], array_slice(self::steps($moved), 0, 2));
        self::assertTrue($moved['looks']['isOrdered']);

        // A recipe's own sequence holds, and the message names both steps.
        $problem = $this->ask(
            'POST',
            "/plans/$plan[id]/edits",
            ['version' => $moved['version'], 'edit' => ['do' => 'run-step', 'step' => $coat[3]['id'], 'before' => $coat[0]['id']]],
            422,
        );
        self::assertStringContainsString('"Wash" before "Layer"', $problem['detail']);
        self::assertSame(self::steps($moved), self::steps($this->ask('GET', "/plans/$plan[id]")));

        $locked = $this->edit($moved, ['do' => 'lock-step', 'step' => $order[1], 'locked' => true]);
        self::assertTrue($locked['looks']['order'][2]['isLocked']);
        $stopped = $this->edit($locked, ['do' => 'set-stop', 'name' => 'after the bases', 'after' => $order[7]]);
        self::assertContains('after the bases', array_column($stopped['looks']['stops'], 'name'));
        $free = $this->edit($this->edit($stopped, ['do' => 'lock-step', 'step' => $order[1], 'locked' => false]), ['do' => 'free-order']);
        self::assertSame($order, self::steps($free));
        self::assertFalse($free['looks']['isOrdered']);
    }

    public function testRecipesAreReorderedAlsoWhereTheOrderIsTheirOwnAndStepsThatAreGoneLeaveIt(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $order = self::steps($plan);
        $moved = $this->edit($plan, ['do' => 'run-step', 'step' => $order[1], 'before' => $order[0]]);
        [$first, $second] = array_column($moved['document']['areas'][0]['steps'], 'id');

        $turned = $this->edit($moved, ['do' => 'move-step', 'step' => $second, 'other' => $first, 'before' => true]);
        self::assertSame([$second, $first], array_slice(array_column($turned['document']['areas'][0]['steps'], 'id'), 0, 2));
        self::assertLessThan(array_search($first, self::steps($turned), true), array_search($second, self::steps($turned), true));

        $gone = $this->edit($turned, ['do' => 'remove-step', 'step' => $first]);
        self::assertNotContains($first, $gone['document']['order']);
    }

    public function testTheWholeModelIsVarnishedInItsTurnAndABatchKeepsTheOrderItWasBegunWith(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $varnished = $this->edit($plan, ['do' => 'add-whole-step', 'id' => 'matt', 'technique' => 'matt-coat']);
        self::assertSame('matt', $varnished['looks']['order'][count($varnished['looks']['order']) - 1]['stepId']);
        self::assertSame('no paint', $varnished['looks']['steps']['matt']['words']);

        $batch = $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'Ordered', 'models' => 3, 'startsOn' => '2026-11-25'], 201);
        $before = array_column(array_column($batch['steps'], 'step'), 'id');
        $this->ask('POST', "/batches/$batch[id]/log", ['id' => '01KAFERRYW000000000000TEST', 'stepId' => $before[2], 'models' => 3], 201);
        $changed = $this->edit($varnished, ['do' => 'run-step', 'step' => $before[9], 'before' => $before[2]]);
        self::assertSame(
            $before,
            array_column(array_column($this->ask('GET', "/batches/$batch[id]")['steps'], 'step'), 'id'),
            'A change of the plan reshuffles nothing.',
        );
        $after = array_column(array_column($this->ask('POST', "/batches/$batch[id]/refresh")['steps'], 'step'), 'id');
        self::assertLessThan(array_search($before[9], $after, true), array_search($before[2], $after, true), 'What was done stays first.');
        self::assertSame($before[9], self::steps($changed)[0]);
    }

    /** Planned with its paint, seen in the strip, in the order, and recorded at the desk. */
    public function testEveryTechniqueCanBePlannedSeenOrderedAndRecorded(): void
    {
        $craft = $this->ask('GET', '/craft')['techniques'];
        $paints = ['opaque' => 'sand', 'varnish' => 'matt', 'decal' => 'setting', 'chipping' => 'lifter'];
        $sketch = "undercoat grey\nloose p";
        foreach ($craft as $number => $technique) {
            $sketch .= [0 => "\narea all broad-folds main cloth", 25 => "\narea more broad-folds medium cloth"][$number] ?? '';
            $sketch .= "\n $technique[value] ".(array_values(array_intersect_key($paints, array_flip($technique['kinds'])))[0] ?? '');
        }
        $plan = $this->ask('GET', '/plans/'.$this->bringIn(PlanSketch::document($sketch), 201)['id']);
        $ids = array_map(static fn(int $number): string => $number < 25 ? 'all-'.($number + 1) : 'more-'.($number - 24), array_keys($craft));
        $stages = [...$plan['looks']['areas']['all']['strip']['stages'], ...$plan['looks']['areas']['more']['strip']['stages']];
        $batch = $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'All of it', 'models' => 2, 'startsOn' => '2026-11-25'], 201);
        $passes = array_column(array_column($batch['steps'], 'step'), 'id');
        self::assertSame([], array_values(array_diff($ids, array_column($stages, 'stepId'))));
        self::assertSame([], array_values(array_diff($ids, self::steps($plan))));
        self::assertSame([], array_values(array_diff($ids, $passes)));
        foreach ($ids as $number => $id) {
            $done = $this->ask(
                'POST',
                "/batches/$batch[id]/log",
                ['id' => sprintf('01KAFERRYW0000000000%06d', $number), 'stepId' => $id, 'models' => 2],
                201,
            );
        }
        self::assertCount(count($craft), array_filter($done['steps'] ?? [], static fn(array $one): bool => $one['left'] === 0));
    }

    /** The paint of a mend may be one that the plan has not named before. */
    public function testAMendReachesForThePaintsOnTheShelf(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $bare = $this->save(['id' => $plan['id'], 'document' => [...$plan['document'], 'undercoat' => null], 'version' => $plan['version']]);
        $finding = array_values(array_filter($bare['looks']['findings'], static fn(array $one): bool => $one['rule'] === 'unprimed'))[0];
        $primed = $this->edit(
            $bare,
            ['do' => 'mend', 'rule' => 'unprimed', 'area' => $finding['areaId'], 'step' => $finding['stepId'], 'mend' => 1],
        );

        $base = $primed['document']['undercoat']['base'];
        self::assertContains($base, array_column($primed['paints'], 'id'));
        self::assertGreaterThan(0, $this->ask('GET', "/paints/$base")['paint']['pot']['pots']);
        self::assertNotContains('unprimed', array_column($primed['looks']['findings'], 'rule'));
    }

    public function testUndercoatsAreAdvisedOwnedOnesFirstAmongEquals(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $advice = $this->ask('GET', "/plans/$plan[id]/undercoats");

        self::assertGreaterThan(2, count($advice['candidates']));
        self::assertSame(array_column($plan['document']['areas'], 'id'), array_column($advice['present']['areas'], 'id'));
        self::assertSame($plan['document']['undercoat']['base'], $advice['present']['base']['id']);
        $this->ask('GET', '/plans/nobody/undercoats', null, 404);
        self::assertSame('part', $this->ask('GET', "/plans/$plan[id]/undercoats?part=nothing", null, 422)['faults'][0]['field']);
        $document = $plan['document'];
        $first = $document['areas'][0]['id'];
        $document['parts'] = [['id' => 'lid', 'name' => 'Lid', 'undercoat' => ['base' => $document['undercoat']['base']]]];
        $document['areas'][0]['part'] = 'lid';
        $other = $this->ask('POST', '/plans', ['document' => $document], 201);

        $ofModel = $this->ask('GET', "/plans/$other[id]/undercoats");
        $ofLid = $this->ask('GET', "/plans/$other[id]/undercoats?part=lid");
        self::assertNotContains($first, array_column($ofModel['present']['areas'], 'id'));
        self::assertSame([$first], array_column($ofLid['present']['areas'], 'id'));
        self::assertSame([$first], array_column($ofLid['candidates'][0]['areas'], 'id'));
    }

    public function testByWhatItIsPrimedFollowsFromWhatMatters(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $answer = $this->ask('GET', "/plans/$plan[id]/priming?models=5");
        $dreaded = $this->ask('GET', "/plans/$plan[id]/priming?models=5&wishes[]=no-dust&wishes[]=fine-detail");

        self::assertEqualsCanonicalizing(['spray-can', 'airbrush', 'brush'], array_column($answer['ways'], 'method'));
        $prices = array_column($answer['ways'], 'price', 'method');
        self::assertGreaterThan($prices['airbrush'], $prices['spray-can']);
        $said = array_column($dreaded['ways'], 'reasons', 'method');
        self::assertStringContainsString('dust', implode(' ', $said['spray-can']));
        $faults = $this->ask('GET', "/plans/$plan[id]/priming?models=0&wishes[]=glitter", null, 422)['faults'];
        self::assertEqualsCanonicalizing(['models', 'wishes.0'], array_column($faults, 'field'));
        $this->ask('GET', '/plans/nobody/priming', null, 404);
    }

    public function testHabitsAreTheBeginningOfNewStepsAndABatchKeepsThoseItWasBegunWith(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $batch = $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'Before', 'models' => 3, 'startsOn' => '2026-11-25'], 201);
        $wash = fn(array $craft): array => array_values(array_filter(
            $craft['techniques'],
            static fn(array $one): bool => $one['value'] === 'basecoat',
        ))[0];
        $usual = $wash($this->ask('GET', '/craft'));

        $mine = $wash($this->ask('PUT', '/craft/habits/basecoat', ['coats' => 3, 'dryMinutes' => 45]));
        self::assertSame([3, 45, ['coats' => 3, 'dryMinutes' => 45]], [$mine['usual']['coats'], $mine['dryMinutes'], $mine['habit']]);
        $area = $this->edit($plan, ['do' => 'add-area', 'id' => 'new', 'name' => 'Cloak']);
        $step = $this->edit($area, ['do' => 'add-step', 'id' => 'first', 'area' => 'new']);
        self::assertSame(3, $step['document']['areas'][count($step['document']['areas']) - 1]['steps'][0]['coats']);
        $dry = static fn(array $passes): int => array_values(array_filter(
            $passes,
            static fn(array $one): bool => ($one['step']['technique'] ?? '') === 'basecoat',
        ))[0]['dryMinutes'];
        self::assertSame(20, $dry($this->ask('GET', "/batches/$batch[id]")['steps']));
        self::assertSame(45, $dry($this->ask('POST', "/batches/$batch[id]/refresh")['steps']));

        self::assertSame($usual, $wash($this->ask('PUT', '/craft/habits/basecoat', [])));
        self::assertSame(['technique'], self::fields($this->ask('PUT', '/craft/habits/glitter', ['coats' => 3], 422)));
        self::assertSame(['coats'], self::fields($this->ask('PUT', '/craft/habits/basecoat', ['coats' => 300], 422)));
    }

    public function testWhatAPlanFileCannotBeIsToldWithItsPlaceAndNothingIsTaken(): void
    {
        $sound = PlanSketch::document("area a broad-folds main cloth\n basecoat navy\n highlight blue");
        $count = count($this->ask('GET', '/plans/names'));
        foreach ([
            ['order.0', [...$sound, 'order' => ['nobody']]],
            ['order.0', [...$sound, 'order' => ['a-2', 'a-1']]],
            ['order.1', [...$sound, 'order' => ['a-1', 'a-1']]],
            ['locked.0', [...$sound, 'locked' => ['nobody']]],
            ['stops.0.after', [...$sound, 'stops' => [['name' => 'x', 'after' => 'nobody']]]],
            ['version', [...$sound, 'version' => 4]],
            ['format', [...$sound, 'format' => 'something']],
            ['areas.0.steps.0.technique', self::with($sound, ['technique' => 'glitter'])],
            ['areas.0.steps.0.waitMinutes', self::with($sound, ['waitMinutes' => -1])],
            ['areas.0.steps.0.borders', self::with($sound, ['borders' => ['nobody']])],
            ['areas.0.steps.0.mix', self::with($sound, ['technique' => 'matt-coat'])],
            ['areas.0.steps.0.optional', self::with($sound, ['optional' => 'yes'])],
        ] as [$field, $document]) {
            $problem = $this->bringIn($document, 422);
            self::assertStringEndsWith($field, self::fields($problem)[0], $problem['detail']);
        }
        self::assertCount($count, $this->ask('GET', '/plans/names'));
    }

    public function testSixtyAreasOfFortyStepsAreReadOrderedAndReviewedAndNothingHangs(): void
    {
        $sketch = "undercoat black\n";
        for ($i = 0; $i < 60; $i++) {
            $sketch .= sprintf("area a%d close-folds medium cloth touches a%d\n", $i, ($i + 1) % 60);
            for ($step = 0; $step < 40; $step++) {
                $sketch .= ['basecoat navy', 'wash blue-wash', 'drybrush blue', 'highlight sky'][$step % 4]."\n";
            }
        }
        $id = $this->bringIn(PlanSketch::document($sketch), 201)['id'];

        self::assertCount(2401, $this->ask('GET', "/plans/$id")['looks']['order']);
    }

    /**
     * @param array<string, mixed> $document
     *
     * @return array<string, mixed>
     */
    private function bringIn(array $document, int $status): array
    {
        $server = ['CONTENT_TYPE' => 'text/plain', 'HTTP_ACCEPT' => 'application/json'];

        return $this->judged(
            $this->call('POST', '/api/plans/file', [], [], [], $server, (string) json_encode($document)),
            'POST',
            '/plans/file',
            $status,
        );
    }

    /**
     * @param array<string, mixed> $document
     * @param array<string, mixed> $changes of the first step
     *
     * @return array<string, mixed>
     */
    private static function with(array $document, array $changes): array
    {
        $document['areas'][0]['steps'][0] = [...$document['areas'][0]['steps'][0], ...$changes];

        return $document;
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return list<string> ids in the running order, without the undercoat
     */
    private static function steps(array $plan): array
    {
        return array_values(array_map(
            static fn(array $pass): string => $pass['stepId'],
            array_filter($plan['looks']['order'], static fn(array $pass): bool => ! $pass['isUndercoat']),
        ));
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return array<string, mixed>
     */
    private function finding(array $plan, string $rule): array
    {
        return array_values(array_filter($plan['looks']['findings'], static fn(array $one): bool => $one['rule'] === $rule))[0];
    }
}
