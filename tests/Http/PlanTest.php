<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Batch;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

final class PlanTest extends HttpTestCase
{
    public function testAPlanComesWithItsStripsFindingsAndOrder(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $coat = $plan['document']['areas'][0];
        $look = $plan['looks']['areas'][$coat['id']];

        self::assertSame('Oilskin coat', $coat['name']);
        self::assertCount(count($coat['steps']) + 2, $look['strip']['stages']);
        self::assertStringContainsString('yellow', $look['strip']['final']['words']);
        self::assertCount(33, $plan['looks']['order']);
        self::assertSame(['undercoat', 'undercoat-light'], array_slice(array_column($plan['looks']['order'], 'stepId'), 0, 2));
        self::assertCount(3, $this->ask('GET', '/plans')['plans']);
    }

    public function testPaintThatIsThinnedToNothingIsCalledTooThinAndNotGivenANumberOfCoats(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        [$area, $step] = [$plan['document']['areas'][0]['id'], $plan['document']['areas'][0]['steps'][0]];
        $document = $plan['document'];
        $document['areas'][0]['steps'][0]['dilution'] = ['paint' => 1, 'thinner' => 19, 'with' => 'water'];
        $looks = $this->ask('POST', '/plans/'.$plan['id'].'/preview', ['document' => $document]);
        $forecast = static fn(array $looks): array => array_column($looks['areas'][$area]['strip']['stages'], 'forecast', 'stepId')[$step['id']];

        self::assertSame([true, null], [$forecast($looks)['isTooThin'], $forecast($looks)['coats']]);
        self::assertFalse($forecast($plan['looks'])['isTooThin']);
        self::assertIsInt($forecast($plan['looks'])['coats']);
    }

    public function testAChangeIsSavedRedrawnAndCanBeUndoneAndDoneAgain(): void
    {
        [$id, $plan] = [$this->plan()->id, $this->ask('GET', '/plans/'.$this->plan()->id)];
        $changed = $plan['document'];
        $changed['areas'][0]['steps'][1]['coats'] = 1;
        $saved = $this->save(['id' => $id, 'document' => $changed, 'version' => $plan['version']]);
        $area = $plan['document']['areas'][0]['id'];

        self::assertSame(1, $saved['document']['areas'][0]['steps'][1]['coats']);
        self::assertNotSame($plan['looks']['areas'][$area]['strip'], $saved['looks']['areas'][$area]['strip']);
        self::assertNotNull($saved['undoes']);

        $undone = $this->ask('POST', "/plans/$id/undo", ['version' => $saved['version']]);
        self::assertSame($plan['document'], $undone['document']);
        self::assertSame($plan['looks']['areas'][$area], $undone['looks']['areas'][$area]);
        $redone = $this->ask('POST', "/plans/$id/redo", ['version' => $undone['version']]);
        self::assertSame($saved['document'], $redone['document']);
        self::assertSame(['revision'], self::fields($this->ask('POST', "/plans/$id/redo", ['version' => $redone['version']], 409)));
        self::assertSame(['version'], self::fields($this->ask('POST', "/plans/$id/undo", [], 422)));
    }

    /** Of a newer release, or of other software: the browser sends it back, the server stores it, a batch and a file take it along. */
    public function testFieldsThatAreNotKnownStayThroughSavingUndoBatchesAndFiles(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $changed = $plan['document'];
        $changed['posts'] = [['name' => 'table-ready', 'after' => 'x']];
        $changed['areas'][0]['steps'][1]['heads'] = ['belt pouch', 'lens left'];
        $saved = $this->save(['id' => $plan['id'], 'document' => $changed, 'version' => $plan['version']]);
        $undone = $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $saved['version']]);
        $redone = $this->ask('POST', "/plans/$plan[id]/redo", ['version' => $undone['version']]);
        $batch = $this->ask('POST', '/batches', ['planId' => $plan['id'], 'name' => 'Ten', 'models' => 10, 'startsOn' => '2031-10-04'], 201);
        $file = json_decode((string) $this->get("/api/plans/$plan[id]/file")->assertOk()->getContent(), true);

        foreach ([$saved['document'], $redone['document'], Batch::query()->findOrFail($batch['id'])->document, $file] as $document) {
            self::assertSame($changed['posts'], $document['posts']);
            self::assertSame(['belt pouch', 'lens left'], $document['areas'][0]['steps'][1]['heads']);
        }
        self::assertArrayNotHasKey('posts', $undone['document']);
        $changed['more'] = str_repeat('x', 70_000);
        self::assertSame(
            ['document'],
            self::fields($this->save(['id' => $plan['id'], 'document' => $changed, 'version' => $redone['version']], 422)),
        );
    }

    /** The notice's undo names the change it takes back; a later change is never undone by it. */
    public function testAnUndoOfAChangeThatIsNoLongerTheLastIsRefused(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $first = $this->save(['id' => $plan['id'], 'document' => [...$plan['document'], 'name' => 'First'], 'version' => $plan['version']]);
        $second = $this->save(['id' => $plan['id'], 'document' => [...$first['document'], 'name' => 'Second'], 'version' => $first['version']]);
        $problem = $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $first['version']], 409);

        self::assertStringContainsString('no longer be taken back', $problem['detail']);
        self::assertSame($second['version'], $problem['version']);
        self::assertSame('Second', $this->ask('GET', "/plans/$plan[id]")['document']['name']);
    }

    /** A stored document that nobody can read any more shows its reason and can be saved out; the others are still there. */
    public function testAPlanThatCannotBeReadTakesNoOtherDown(): void
    {
        $plan = $this->plan();
        $plan->forceFill(['document' => [...$plan->document, 'undercoat' => ['base' => $this->paint('Matt Varnish')->id]]])->save();
        $plan->increment('version');
        $list = array_column($this->ask('GET', '/plans')['plans'], null, 'name');

        self::assertCount(3, $list);
        self::assertStringContainsString('undercoat', $list['Ferry Warden']['fault']);
        self::assertNull($list['The Bound Capstan']['fault']);
        $this->ask('GET', "/plans/$plan->id", null, 422);
        self::assertSame($plan->name, json_decode((string) $this->get("/api/plans/$plan->id/file")->assertOk()->getContent(), true)['name']);
    }

    public function testTheListOfPlansAsksTheDatabaseAsOftenForFiftyAsForThree(): void
    {
        $queries = function (): int {
            $this->ask('GET', '/plans');
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->ask('GET', '/plans');
            DB::disableQueryLog();

            return count(DB::getQueryLog());
        };
        $few = $queries();
        for ($i = 0; $i < 47; $i++) {
            $this->ask('POST', '/plans/'.$this->plan()->id.'/duplicate', null, 201);
        }

        self::assertLessThanOrEqual($few, $queries(), 'Of plans without a batch nothing is asked about batches.');
        self::assertLessThan(9, $few);

        // Twenty a page, each plan on one of them, the names of all for choosing.
        $pages = array_map(fn(int $page): array => $this->ask('GET', "/plans?page=$page"), [1, 2, 3]);
        self::assertSame([20, 20, 10], array_map(static fn(array $page): int => count($page['plans']), $pages));
        self::assertSame([[50, 3], [50, 3], [50, 3]], array_map(static fn(array $page): array => [$page['total'], $page['pages']], $pages));
        $ids = array_column(array_merge(...array_column($pages, 'plans')), 'id');
        self::assertCount(50, array_unique($ids));
        self::assertEqualsCanonicalizing($ids, array_column($this->ask('GET', '/plans/names'), 'id'));
        self::assertSame([], $this->ask('GET', '/plans?page=4')['plans']);
        self::assertSame(['page'], self::fields($this->ask('GET', '/plans?page=0', null, 422)));
    }

    public function testAStaleEditIsRefusedWithTheNewerVersionAndChangesNothing(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $document = $plan['document'];
        $document['name'] = 'First';
        $first = $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']]);
        $document['name'] = 'Second';
        $problem = $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']], 409);

        self::assertSame($first['version'], $problem['version']);
        self::assertSame('First', $this->ask('GET', '/plans/'.$plan['id'])['document']['name']);
        $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $problem['version']]);
    }

    /** Two desks at one plan: what each touches is its own as long as the other leaves that alone. */
    public function testAnEditOnAnOlderStateIsLaidOnTheNewerUnlessWhatItTouchesWasChanged(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        [$area, $step] = [$plan['document']['areas'][0]['id'], $plan['document']['areas'][0]['steps'][0]];
        $at = ['areas', $area, 'steps', $step['id']];
        $send = fn(array $edit, ?array $was, int $status = 200): array => $this->ask(
            'POST',
            "/plans/$plan[id]/edits",
            ['version' => $plan['version'], 'edit' => $edit, ...($was === null ? [] : ['was' => $was])],
            $status,
        );
        $set = static fn(array $fields): array => ['do' => 'set', 'at' => $at, 'fields' => $fields];

        $there = $send(['do' => 'set', 'at' => ['model'], 'fields' => ['heightMm' => 41]], null);
        self::assertSame($there['version'], $send($set(['coats' => 4]), null, 409)['version']);
        $here = $send(
            $set(['coats' => 4, 'note' => ' as it was typed ']),
            [['at' => $at, 'fields' => ['coats' => $step['coats'], 'note' => $step['note']]]],
        );
        self::assertSame(
            [41, 4, ' as it was typed '],
            [
                $here['document']['model']['heightMm'],
                $here['document']['areas'][0]['steps'][0]['coats'],
                $here['document']['areas'][0]['steps'][0]['note'],
            ],
        );

        // The whole step, as a desk knows it, guards what takes its place.
        $whole = array_diff_key($step, ['id' => true]);
        $problem = $send(['do' => 'remove-step', 'step' => $step['id']], [['at' => $at, 'fields' => $whole]], 409);
        self::assertSame([$here['version'], $at, 4], [$problem['version'], $problem['now'][0]['at'], $problem['now'][0]['fields']['coats']]);
        $present = array_diff_key($here['document']['areas'][0]['steps'][0], ['id' => true]);
        $gone = $send(['do' => 'remove-step', 'step' => $step['id']], [['at' => $at, 'fields' => $present]]);
        self::assertNotContains($step['id'], array_column($gone['document']['areas'][0]['steps'], 'id'));
        self::assertNull($send($set(['coats' => 1]), [['at' => $at, 'fields' => ['coats' => 4]]], 409)['now'][0]['fields']);
        self::assertSame(['at'], self::fields($this->edit($gone, $set(['coats' => 1]), 422)));
        self::assertSame(
            ['areas.0.steps.0.coats'],
            self::fields($this->edit(
                $gone,
                ['do' => 'set', 'at' => ['areas', $area, 'steps', $gone['document']['areas'][0]['steps'][0]['id']], 'fields' => ['coats' => -1]],
                422,
            )),
        );

        // What touches nothing that was there is laid on whatever is there.
        self::assertSame(
            'Banner',
            $send(['do' => 'add-area', 'id' => 'banner', 'name' => 'Banner'], [])['document']['areas'][count($plan['document']['areas'])]['name'],
        );
        $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $plan['version']], 409);
    }

    public function testAPreviewKeepsNothing(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $document = $plan['document'];
        $document['areas'] = array_slice($document['areas'], 0, 1);
        $document['areas'][0]['touches'] = [];
        $looks = $this->ask('POST', '/plans/'.$plan['id'].'/preview', ['document' => $document]);

        self::assertCount(1, $looks['areas']);
        self::assertSame($plan['document'], $this->ask('GET', '/plans/'.$plan['id'])['document']);
    }

    public function testDuplicateDeleteAndRestore(): void
    {
        $id = $this->plan()->id;
        $copy = $this->ask('POST', "/plans/$id/duplicate", [], 201);
        self::assertSame('Ferry Warden (copy)', $copy['document']['name']);

        $this->ask('DELETE', '/plans/'.$copy['id'], null, 204);
        $this->ask('GET', '/plans/'.$copy['id'], null, 404);
        self::assertSame($copy['document'], $this->ask('POST', '/plans/'.$copy['id'].'/restore')['document']);
    }

    public function testSubstitutesForAWashThatIsNotOwned(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $missing = array_filter($plan['looks']['steps'], static fn(array $step): bool => $step['notOwned'] !== []);
        self::assertNotEmpty($missing);
        foreach (array_keys($missing) as $stepId) {
            $found = $this->ask('GET', '/plans/'.$plan['id']."/steps/$stepId/substitutes");
            self::assertNotEmpty($found['offers']);
            $differences = array_map(static fn(array $offer): float => round($offer['difference'], 1), $found['offers']);
            $sorted = $differences;
            sort($sorted);
            self::assertSame($sorted, $differences);
            foreach ($found['offers'] as $offer) {
                foreach ($offer['mix']['parts'] as $part) {
                    self::assertGreaterThan(0, \App\Models\Product::query()->with('pot')->findOrFail($part['paint'])->pot?->pots);
                }
            }
        }
        $this->ask('GET', '/plans/'.$plan['id'].'/steps/nothing/substitutes', null, 404);
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, string}> */
    public static function faults(): iterable
    {
        $step = static fn(string $key, mixed $value): callable => static function (array $document) use ($key, $value): array {
            $document['areas'][0]['steps'][0][$key] = $value;

            return $document;
        };
        $area = static fn(string $key, mixed $value): callable => static function (array $document) use ($key, $value): array {
            $document['areas'][0][$key] = $value;

            return $document;
        };
        yield 'no name' => [static fn(array $document): array => [...$document, 'name' => '  '], 'name'];
        yield 'overlong name' => [static fn(array $document): array => [...$document, 'name' => str_repeat('ä', 121)], 'name'];
        yield 'control characters' => [static fn(array $document): array => [...$document, 'name' => "a\x00b"], 'name'];
        yield 'height as text' => [
            static fn(array $document): array => array_replace_recursive($document, ['model' => ['heightMm' => '32']]),
            'model.heightMm',
        ];
        yield 'unknown body' => [
            static fn(array $document): array => array_replace_recursive($document, ['model' => ['bodyType' => 'ghost']]),
            'model.bodyType',
        ];
        yield 'unknown undercoat' => [
            static fn(array $document): array => array_replace_recursive($document, ['undercoat' => ['base' => 'none']]),
            'undercoat.base',
        ];
        yield 'cone too wide' => [
            static fn(array $document): array => array_replace_recursive($document, ['undercoat' => ['coneDegrees' => 120]]),
            'undercoat.coneDegrees',
        ];
        yield 'areas no list' => [static fn(array $document): array => [...$document, 'areas' => 'many'], 'areas'];
        yield 'area an array of nothing' => [static fn(array $document): array => [...$document, 'areas' => [7]], 'areas.0'];
        yield 'unknown texture' => [$area('texture', 'jelly'), 'areas.0.texture'];
        yield 'touches a stranger' => [$area('touches', ['nobody']), 'areas.0.touches'];
        yield 'unknown technique' => [$step('technique', 'magic'), 'areas.0.steps.0.technique'];
        yield 'no coats' => [$step('coats', 0), 'areas.0.steps.0.coats'];
        yield 'half a coat' => [$step('coats', 1.5), 'areas.0.steps.0.coats'];
        yield 'unknown paint' => [$step('mix', [['paint' => 'x', 'parts' => 1]]), 'areas.0.steps.0.mix.0.paint'];
        yield 'dilution without paint' => [$step('dilution', ['paint' => 0, 'thinner' => 1, 'with' => 'water']), 'areas.0.steps.0.dilution.paint'];
        yield 'overlong note' => [$step('note', str_repeat('x', 501)), 'areas.0.steps.0.note'];
        yield 'an array for a name' => [$area('name', ['x']), 'areas.0.name'];
    }

    #[DataProvider('faults')]
    public function testEveryFaultNamesItsFieldAndChangesNothing(callable $spoil, string $field): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $problem = $this->save(['id' => $plan['id'], 'document' => $spoil($plan['document']), 'version' => $plan['version']], 422);

        self::assertContains($field, self::fields($problem));
        self::assertSame($plan['version'], $this->ask('GET', '/plans/'.$plan['id'])['version']);
    }

    public function testPartsOfAMix(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $paints = array_column($plan['paints'], 'id');
        foreach ([[0], [-1], [10], [5, 5]] as $parts) {
            $document = $plan['document'];
            $document['areas'][0]['steps'][0]['mix'] = array_map(
                static fn(int $count, int $i): array => ['paint' => $paints[$i], 'parts' => $count],
                $parts,
                array_keys($parts),
            );
            $problem = $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']], 422);
            self::assertStringStartsWith('areas.0.steps.0.mix', self::fields($problem)[0]);
        }
    }

    public function testAreasThatTouchOrLieUnderThemselves(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        [$one, $other] = array_column($plan['document']['areas'], 'id');
        $document = $plan['document'];
        $document['areas'][0]['touches'] = [$one];
        self::assertSame(
            ['areas.0.touches'],
            self::fields($this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']], 422)),
        );

        $document = $plan['document'];
        $document['areas'][0]['liesUnder'] = [$other];
        $document['areas'][1]['liesUnder'] = [$one];
        $problem = $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']], 422);
        self::assertSame(['areas.0.liesUnder'], self::fields($problem));
        self::assertStringContainsString('in a circle', $problem['detail']);
    }

    public function testAnyScriptEmojiAndMarkupIsKeptAsItIs(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        foreach (['معطف أصفر', '🛶🦢 Provost', '<script>alert(1)</script>', "O’Neil & Söhne \"x\""] as $name) {
            $document = $plan['document'];
            $document['name'] = $name;
            $plan = $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']]);
            self::assertSame($name, $plan['document']['name']);
        }
    }

    public function testANewPlanWithTwoAreasAndFiveStages(): void
    {
        $paint = $this->paint('Reed Green')->id;
        $areas = array_map(static fn(string $name): array => [
            'id' => (string) Str::ulid(), 'name' => $name, 'texture' => 'close-folds', 'size' => 'medium', 'importance' => 'normal',
            'touches' => [], 'liesUnder' => [],
            'steps' => array_map(static fn(string $technique): array => [
                'id' => (string) Str::ulid(), 'technique' => $technique, 'mix' => [['paint' => $paint, 'parts' => 1]],
                'dilution' => ['paint' => 1, 'thinner' => 1, 'with' => 'water'], 'coats' => 1, 'brush' => 'medium', 'place' => 'everywhere',
                'note' => '',
            ], ['primer', 'basecoat', 'wash', 'drybrush', 'highlight']),
        ], ['Coat', 'Boots']);
        $plan = $this->ask('POST', '/plans', ['document' => [
            'name' => 'New', 'model' => ['name' => 'Model', 'bodyType' => 'on-foot', 'heightMm' => 32, 'finishLevel' => 'display'],
            'undercoat' => ['base' => $this->paint('Black Primer')->id, 'light' => null, 'coneDegrees' => 45], 'areas' => $areas,
        ]], 201);

        self::assertCount(11, $plan['looks']['order']);
        self::assertCount(6, $plan['looks']['areas'][$areas[0]['id']]['strip']['stages']);
    }

    public function testALoosePartIsPrimedByItselfInAPassThatBearsItsName(): void
    {
        $plan = array_values(array_filter(
            $this->ask('GET', '/plans')['plans'],
            static fn(array $one): bool => $one['name'] === 'Provost on the White Heron',
        ))[0];
        $plan = $this->ask('GET', "/plans/$plan[id]");
        $white = array_values(array_filter(
            $this->ask('GET', '/paints?search=White%20Primer')['paints'],
            static fn(array $one): bool => $one['name'] === 'White Primer',
        ))[0];
        $document = $plan['document'];
        $area = $document['areas'][2]['id'];
        $document['parts'] = [['id' => 'rider', 'name' => 'Rider', 'undercoat' => ['base' => $white['id']]]];
        $document['areas'][2]['part'] = 'rider';

        $saved = $this->save(['id' => $plan['id'], 'document' => $document, 'version' => $plan['version']]);

        self::assertSame($white['id'], $saved['document']['parts'][0]['undercoat']['base']);
        $first = static fn(array $of): string => $of['looks']['areas'][$area]['strip']['stages'][0]['look']['zones'][2]['hex'] ?? json_encode(
            $of['looks']['areas'][$area]['strip']['stages'][0],
        );
        self::assertNotSame($first($plan), $first($saved));
        $batch = $this->ask(
            'POST',
            '/batches',
            ['planId' => $plan['id'], 'name' => 'In two pieces', 'models' => 2, 'startsOn' => '2026-11-26'],
            201,
        );
        self::assertContains(
            'Rider',
            array_column(
                array_filter($batch['steps'], static fn(array $one): bool => str_starts_with($one['step']['id'], 'undercoat')),
                'areaName',
            ),
        );
        $primer = array_values(array_filter($batch['steps'], static fn(array $one): bool => $one['areaName'] === 'Rider'))[0];
        $this->ask(
            'POST',
            "/batches/$batch[id]/log",
            ['id' => strtolower((string) \Illuminate\Support\Str::ulid()), 'stepId' => $primer['step']['id'], 'models' => 2],
            201,
        );
        // The paint is in use now, and named where.
        self::assertStringContainsString('Provost', $this->ask('DELETE', "/paints/$white[id]", null, 409)['detail']);
    }
}
