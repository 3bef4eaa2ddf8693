<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Product;
use Illuminate\Support\Facades\DB;

/** What a newcomer does first: begin a plan by naming things, add paints by name, put a shelf up, keep a mix, set a currency. */
final class FirstStepsTest extends HttpTestCase
{
    /** Unknown names are told what they mean, and paints that are not owned have others stand in for them. */
    public function testAGuideIsToldWhatIsMeantAndWhatStandsIn(): void
    {
        $text = "Boots: base Ghost Brown, highlight Heron White\nCoat: base Oilskin Yellow";
        $guide = $this->ask('POST', '/plans/guide', ['text' => $text]);
        self::assertSame(['Heron White'], array_column(array_column($guide['standIns'], 'paint'), 'name'), 'The only one that is not owned.');
        $standIn = $guide['standIns'][0];
        self::assertSame('Chalk', $standIn['standIn']['name']);
        self::assertLessThanOrEqual(12.0, $standIn['difference']);

        $leather = $this->paint('Warden Leather')->id;
        $told = $this->ask(
            'POST',
            '/plans/guide',
            [
                'text' => $text,
                'means' => [['written' => 'Ghost Brown', 'paint' => $leather]],
                'instead' => [['paint' => $standIn['paint']['id'], 'by' => $standIn['standIn']['id']]],
            ],
        );
        self::assertSame([[], []], [$told['unknownPaints'], $told['standIns']]);
        self::assertSame(['Warden Leather', $standIn['standIn']['name']], array_column($told['areas'][0]['steps'], 'words'));
        self::assertSame(
            ['means.0.paint'],
            self::fields($this->ask(
                'POST',
                '/plans/guide',
                ['text' => $text, 'means' => [['written' => 'Ghost Brown', 'paint' => 'nobody']]],
                422,
            )),
        );
    }

    /** A guide is read into what a plan may be made of, and nothing of it is kept before that. */
    public function testAGuideIsReadAndAPlanMadeOfIt(): void
    {
        $plans = $this->ask('GET', '/plans')['total'];
        $guide = $this->ask(
            'POST',
            '/plans/guide',
            ['text' => "Coat: base Oilskin Yellow, wash Umber Wash 1:1\nBoots: base Ghost Brown\nA line about tea"],
        );
        self::assertSame(['Coat', 'Boots'], array_column($guide['areas'], 'name'));
        self::assertSame([[['line' => 3, 'text' => 'A line about tea']], ['Ghost Brown']], [$guide['unread'], $guide['unknownPaints']]);
        self::assertSame($plans, $this->ask('GET', '/plans')['total']);

        $plan = $this->ask('POST', '/plans', ['document' => [...$guide['document'], 'name' => 'From paper']], 201);
        self::assertSame([$this->paint('Oilskin Yellow')->id], array_column($plan['document']['areas'][0]['steps'][0]['mix'], 'paint'));
        self::assertSame(['text'], self::fields($this->ask('POST', '/plans/guide', ['text' => ''], 422)));
        self::assertSame(['text'], self::fields($this->ask('POST', '/plans/guide', ['text' => str_repeat('a', 1_000_001)], 422)));
        self::assertSame([], $this->ask('POST', '/plans/guide', ['text' => '<b>Nothing</b> of the kind'])['areas']);
    }

    public function testAPlanBegunWithNamesKnowsWhatItsAreasAre(): void
    {
        $body = [
            'name' => 'Piker',
            'undercoat' => ['base' => $this->paint('Mid Grey Primer')->id, 'light' => null],
            'areas' => ['Cloak', 'Brass lantern'],
        ];
        $sketch = $this->ask('POST', '/plans/sketch', $body);
        $plan = $this->ask('POST', '/plans/begin', $body, 201);

        self::assertSame(
            [['broad folds', 'cloth', 'Basecoat'], ['hard-edged panel', 'metal', 'Basecoat']],
            array_map(static fn(array $area): array => [$area['texture'], $area['material'], $area['first']], $sketch['areas']),
        );
        self::assertSame(['broad-folds', 'hard-edged-panel'], array_column($plan['document']['areas'], 'texture'));
        self::assertSame(
            ['Piker', 32, 'on-foot'],
            [$plan['document']['model']['name'], $plan['document']['model']['heightMm'], $plan['document']['model']['bodyType']],
        );
        // What was shown beforehand is what stands there afterwards.
        $looks = array_values($plan['looks']['areas']);
        self::assertSame([$sketch['areas'][0]['look'], $sketch['areas'][1]['look']], [$looks[0]['strip']['final'], $looks[1]['strip']['final']]);
    }

    public function testASketchShowsWhatIsThereSoFarAndABeginningNamesWhatIsMissing(): void
    {
        self::assertNull($this->ask('POST', '/plans/sketch', ['name' => '', 'areas' => ['Face']])['areas'][0]['look']);
        self::assertSame([], $this->ask('POST', '/plans/sketch', ['name' => '', 'areas' => []])['areas']);
        self::assertEqualsCanonicalizing(
            ['name', 'model.name', 'undercoat.base'],
            self::fields($this->ask('POST', '/plans/begin', ['name' => '', 'areas' => ['Face']], 422)),
        );
        self::assertSame(['areas'], self::fields($this->ask('POST', '/plans/begin', ['name' => 'x', 'areas' => array_fill(0, 61, 'Face')], 422)));
        self::assertSame(['areas.0'], self::fields($this->ask('POST', '/plans/sketch', ['name' => 'x', 'areas' => [str_repeat('x', 121)]], 422)));
    }

    public function testEditsAreMadeUndoneAndRefusedWhenStale(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $edit = fn(array $edit, int $version, int $status = 200): array => $this->ask(
            'POST',
            "/plans/$plan[id]/edits",
            ['version' => $version, 'edit' => $edit],
            $status,
        );
        $area = $edit(['do' => 'add-area', 'id' => 'new-area', 'name' => 'Chain mail'], $plan['version']);
        $step = $edit(['do' => 'add-step', 'id' => 'new-step', 'area' => 'new-area'], $area['version']);
        $painted = $edit(
            ['do' => 'paint-step', 'step' => 'new-step', 'mix' => [['paint' => $this->paint('Rowan Red')->id, 'parts' => 1]]],
            $step['version'],
        );
        $last = $painted['document']['areas'][count($painted['document']['areas']) - 1];

        self::assertSame(['scales-or-chain', 'metal', 'basecoat'], [$last['texture'], $last['material'], $last['steps'][0]['technique']]);
        self::assertSame($painted['looks']['areas']['new-area']['strip']['stages'][2]['forecast']['coats'], $last['steps'][0]['coats']);
        self::assertSame($step['document'], $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $painted['version']])['document']);

        $edit(['do' => 'add-area', 'id' => 'late', 'name' => 'Late'], $plan['version'], 409);
        self::assertSame(
            ['step'],
            self::fields($edit(['do' => 'swap-technique', 'step' => 'gone', 'technique' => 'wash'], $painted['version'] + 1, 422)),
        );
        self::assertSame(['do'], self::fields($edit(['do' => 'explode'], $painted['version'] + 1, 422)));
        $this->ask('POST', '/plans/nobody/edits', ['version' => 1, 'edit' => ['do' => 'add-area', 'id' => 'a', 'name' => 'b']], 404);
    }

    public function testNameAndColourAreEnoughForAPaintAndItStandsOnTheShelf(): void
    {
        $paint = $this->ask('POST', '/paints', ['name' => 'Ferry Lamp', 'swatch' => '#e0b020'], 201);
        $again = $this->ask('POST', '/paints', ['name' => 'Ferry Lamp', 'swatch' => '#e0b021', 'pots' => 0], 201);

        self::assertSame(
            ['no maker', 'ferry-lamp', 'opaque', 17, 1, 17],
            [$paint['maker'], $paint['code'], $paint['kind'], $paint['volumeMl'], $paint['pot']['pots'], $paint['pot']['remainingMl']],
        );
        self::assertSame(['ferry-lamp-2', 0], [$again['code'], $again['pot']['pots']]);
        self::assertSame(['swatch'], self::fields($this->ask('POST', '/paints', ['name' => 'Ferry Lamp'], 422)));
        self::assertSame(['name'], self::fields($this->ask('POST', '/paints', ['swatch' => '#e0b020'], 422)));
        self::assertSame(['pots'], self::fields($this->ask('POST', '/paints', ['name' => 'x', 'swatch' => '#e0b020', 'pots' => -1], 422)));
        // A change that leaves something out would lose it.
        self::assertSame(
            ['maker', 'code', 'kind', 'finish', 'volumeMl', 'price'],
            self::fields($this->ask('PUT', "/paints/$paint[id]", ['name' => 'Ferry Lamp', 'swatch' => '#e0b020', 'version' => 1], 422)),
        );
    }

    public function testANameSuggestsKindAndColour(): void
    {
        self::assertSame(['kind' => 'primer', 'swatch' => '#1c1b1c', 'knowsColour' => true], $this->ask('GET', '/paint-guess?name=Black+primer'));
        self::assertSame(['primer', false], array_values(array_diff_key($this->ask('GET', '/paint-guess?name=Zzz&kind=primer'), ['swatch' => 0])));
        self::assertSame(['name'], self::fields($this->ask('GET', '/paint-guess?name=', null, 422)));
        self::assertSame(['kind'], self::fields($this->ask('GET', '/paint-guess?name=x&kind=glitter', null, 422)));
    }

    public function testAShelfToStartWithIsPutUpOnceAndTakenBack(): void
    {
        $shelves = $this->ask('GET', '/starters');
        self::assertCount(6, $shelves);
        $before = [Product::query()->count(), $this->ask('GET', '/paints?owned=owned')['total']];
        foreach ($shelves as $shelf) {
            self::assertSame(0, $shelf['owned']);
            // Each is enough for a recipe from primer to highlight.
            self::assertContains('primer', array_column($shelf['paints'], 'kind'));
            self::assertNotEmpty(array_intersect(['wash', 'one-coat'], array_column($shelf['paints'], 'kind')));
        }
        $done = $this->ask('POST', '/starters/metal-and-machine');
        self::assertCount(13, $done['pots']);
        self::assertSame(13, array_column($this->ask('GET', '/starters'), 'owned', 'id')['metal-and-machine']);
        self::assertSame(['paints' => [], 'pots' => []], $this->ask('POST', '/starters/metal-and-machine'));

        // A pot that was used since stays.
        $used = $this->ask('GET', '/paints/'.$done['pots'][0])['paint'];
        $this->ask(
            'PUT',
            '/paints/'.$used['id'].'/pot',
            ['pots' => 2, 'remainingMl' => 30, 'note' => '', 'wished' => false, 'version' => $used['pot']['version']],
        );
        $this->ask('POST', '/shelf/back', $done, 204);
        self::assertSame([$before[0] + 1, $before[1] + 1], [Product::query()->count(), $this->ask('GET', '/paints?owned=owned')['total']]);

        // Taken down it can be put up again.
        self::assertCount(12, $this->ask('POST', '/starters/metal-and-machine')['pots']);
        $this->ask('POST', '/starters/nothing-like-it', null, 404);
    }

    public function testAMixIsKeptByNameDroppedAndBroughtBack(): void
    {
        $mix = [['paint' => $this->paint('Rowan Red')->id, 'parts' => 2], ['paint' => $this->paint('Oilskin Yellow')->id, 'parts' => 1]];
        $kept = $this->ask('POST', '/kept-mixes', ['name' => 'Lamp glow', 'mix' => $mix], 201);
        $list = $this->ask('GET', '/kept-mixes');
        self::assertSame(['Lamp glow', '2 Rowan Red : 1 Oilskin Yellow'], [$list[0]['name'], $list[0]['mix']['words']]);

        $this->ask('DELETE', "/kept-mixes/$kept[id]", null, 204);
        self::assertSame([], $this->ask('GET', '/kept-mixes'));
        $this->ask('POST', "/kept-mixes/$kept[id]/restore");
        self::assertCount(1, $this->ask('GET', '/kept-mixes'));
        self::assertSame(['name'], self::fields($this->ask('POST', '/kept-mixes', ['name' => '', 'mix' => $mix], 422)));
        self::assertSame(
            ['mix.0.paint'],
            self::fields($this->ask('POST', '/kept-mixes', ['name' => 'x', 'mix' => [['paint' => 'nobody', 'parts' => 1]]], 422)),
        );
        self::assertSame(['mix'], self::fields($this->ask('POST', '/kept-mixes', ['name' => 'x', 'mix' => [...$mix, ...$mix]], 422)));
    }

    public function testPricesHaveACurrencyThatCanBeSet(): void
    {
        self::assertSame('EUR', $this->ask('GET', '/settings')['currency']);
        self::assertSame('CHF', $this->ask('PUT', '/settings', ['currency' => 'CHF'])['currency']);
        self::assertSame('CHF', $this->ask('GET', '/settings')['currency']);
        foreach (['', 'euro', 'eur', '€', 5, ['EUR']] as $wrong) {
            self::assertSame(['currency'], self::fields($this->ask('PUT', '/settings', ['currency' => $wrong], 422)));
        }
        self::assertSame('CHF', $this->ask('GET', '/settings')['currency']);
    }

    /** A plan begun over a light from above is primed as it is sprayed: dark below, light above. */
    public function testASketchShowsTheLightFromAbove(): void
    {
        $plain = ['name' => 'x', 'undercoat' => ['base' => $this->paint('Tar')->id, 'light' => null], 'areas' => ['Cloak']];
        $lit = [...$plain, 'undercoat' => ['base' => $this->paint('Tar')->id, 'light' => $this->paint('Bone Primer')->id]];
        $values = fn(array $body): array => array_column($this->ask('POST', '/plans/sketch', $body)['areas'][0]['look']['zones'], 'value');

        self::assertCount(1, array_unique($values($plain)));
        self::assertGreaterThan($values($lit)[0] + 30, $values($lit)[3]);
    }

    public function testABeginningMayComeFromAnyClientAndNamesItsFaults(): void
    {
        $base = $this->paint('Tar')->id;
        $whole = [
            'name' => 'Rider',
            'model' => ['name' => 'Provost', 'bodyType' => 'rider', 'heightMm' => 75, 'finishLevel' => 'display'],
            'undercoat' => ['base' => $base],
            'areas' => [],
        ];
        self::assertSame(
            ['Provost', 'rider', 75, 'display'],
            array_values(array_intersect_key(
                $this->ask('POST', '/plans/begin', $whole, 201)['document']['model'],
                ['name' => 0, 'bodyType' => 0, 'heightMm' => 0, 'finishLevel' => 0],
            )),
        );

        foreach ([
            'model.heightMm' => [...$whole, 'model' => ['heightMm' => 5000]],
            'model.bodyType' => [...$whole, 'model' => ['bodyType' => 'cloud']],
            'undercoat.base' => [...$whole, 'undercoat' => ['base' => $this->paint('Matt Varnish')->id]],
            'undercoat.light' => [...$whole, 'undercoat' => ['base' => $base, 'light' => 'nobody']],
            'name' => [...$whole, 'name' => str_repeat('x', 121)],
            'areas.1' => [...$whole, 'areas' => ['Face', ['x']]],
        ] as $field => $body) {
            self::assertContains($field, self::fields($this->ask('POST', '/plans/begin', $body, 422)), $field);
        }
        foreach ([
            ['name' => ['x'], 'areas' => []],
            ['name' => 'x', 'areas' => 'Face'],
            ['name' => 'x', 'model' => 'y', 'areas' => []],
            ['name' => 'x', 'undercoat' => 'y', 'areas' => []],
            [],
        ] as $body) {
            $this->ask('POST', '/plans/begin', $body, 422);
        }
    }

    /** Sent again after a lost answer an edit is made once. */
    public function testAnEditSentTwiceUnderOneKeyIsMadeOnce(): void
    {
        $plan = $this->plan();
        $body = ['version' => $plan->version, 'edit' => ['do' => 'add-area', 'id' => 'once', 'name' => 'Lamp']];
        $send = fn() => $this->postJson("/api/plans/$plan->id/edits", $body, ['Idempotency-Key' => '01ARZ3NDEKTSV4RRFFQ69G5FAV']);
        $first = $send()->assertOk()->json();
        $second = $send()->assertOk()->json();

        self::assertSame($first['version'], $second['version']);
        self::assertCount(1, array_keys(array_column($this->plan()->document['areas'], 'id'), 'once', true));
    }

    /** What a paint in a kept mix became since does not take the list down. */
    public function testAKeptMixWhosePaintLostItsColourIsToldAndTheOthersStay(): void
    {
        $one = $this->ask('POST', '/paints', ['name' => 'Fleeting', 'swatch' => '#405060'], 201);
        $this->ask(
            'POST',
            '/kept-mixes',
            ['name' => 'Fleeting mix', 'mix' => [['paint' => $one['id'], 'parts' => 1], ['paint' => $this->paint('Tar')->id, 'parts' => 1]]],
            201,
        );
        $this->ask('POST', '/kept-mixes', ['name' => 'Lasting mix', 'mix' => [['paint' => $this->paint('Tar')->id, 'parts' => 1]]], 201);
        DB::table('products')->where('id', $one['id'])->update(['kind' => 'varnish', 'version' => 2]);
        $mixes = array_column($this->ask('GET', '/kept-mixes'), 'mix', 'name');

        self::assertNull($mixes['Fleeting mix']);
        self::assertSame('Tar', $mixes['Lasting mix']['words']);
    }

    public function testWhatIsToBeBoughtSaysWhichStepNeedsIt(): void
    {
        $plan = $this->plan('Provost on the White Heron');
        $items = $this->ask('POST', '/purchases/advice', ['plan' => $plan->id])['purchases']['cheapest']['items'];
        $uses = array_merge(...array_map(static fn(array $item): array => array_column($item['does'], 'uses'), $items));

        self::assertContains(['Cloak: basecoat'], $uses);
        self::assertContains(['Saddle: wash'], $uses);
        self::assertNotContains([], $uses);
        $this->ask(
            'PUT',
            '/paints/'.$this->paint('Deep Tide')->id.'/pot',
            ['pots' => 0, 'remainingMl' => null, 'note' => '', 'wished' => true, 'version' => 0],
        );
        self::assertSame(
            [[[]]],
            array_map(
                static fn(array $item): array => array_column($item['does'], 'uses'),
                $this->ask('POST', '/purchases/advice', [])['purchases']['cheapest']['items'],
            ),
        );
    }
}
