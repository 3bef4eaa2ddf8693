<?php

declare(strict_types=1);

namespace Tests\Http;

use PHPUnit\Framework\Attributes\DataProvider;

/** Recipes that are written, wished otherwise, kept in part, put aside, tried and promoted. */
final class RecipeTest extends HttpTestCase
{
    /** What is written can be taken with one edit, and taken back with one undo. */
    public function testARecipeIsWrittenFromTheShelfTakenAndTakenBack(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $area = $plan['document']['areas'][0];
        $proposals = $this->ask('POST', "/plans/$plan[id]/areas/$area[id]/recipes", ['target' => ['colour' => '#26508a']])['proposals'];
        self::assertCount(3, $proposals);
        self::assertSame($plan['version'], $this->ask('GET', "/plans/$plan[id]")['version']);

        $taken = $this->edit($plan, ['do' => 'repaint-area', 'area' => $area['id'], 'steps' => $proposals[0]['steps']]);
        self::assertSame(array_column($proposals[0]['steps'], 'id'), array_column($taken['document']['areas'][0]['steps'], 'id'));
        self::assertSame(
            [],
            array_values(array_filter(
                $taken['looks']['findings'],
                static fn(array $one): bool => in_array($one['stepId'], array_column($proposals[0]['steps'], 'id'), true)
                    && $one['rule'] !== 'paint-missing',
            )),
        );
        $back = $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $taken['version']]);
        self::assertSame($plan['document'], $back['document']);

        $one = $this->ask(
            'POST',
            "/plans/$plan[id]/areas/$area[id]/recipes",
            ['target' => ['paint' => $this->paint('Oilskin Yellow')->id], 'school' => 'layer-up'],
        )['proposals'];
        self::assertSame(['layer-up'], array_column($one, 'school'));
    }

    /** Writing anew starts from what was asked for, in words or numbers, and not from what came of it. */
    public function testWhatWasAskedForStaysWithTheArea(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $area = $plan['document']['areas'][1]['id'];
        $answer = $this->ask('POST', "/plans/$plan[id]/areas/$area/recipes", ['target' => ['colour' => 'warm red'], 'wishes' => ['brighter']]);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $answer['asked']);
        $wish = ['school' => null, 'wishes' => ['brighter']];
        $taken = $this->edit(
            $plan,
            ['do' => 'repaint-area', 'area' => $area, 'steps' => $answer['proposals'][0]['steps'], 'aim' => $answer['asked'], 'wish' => $wish],
        );

        self::assertSame([$answer['asked'], $wish], [$taken['document']['areas'][1]['aim'], $taken['document']['areas'][1]['wish']]);
        self::assertSame(3, $taken['document']['version']);
        $again = $this->edit($taken, ['do' => 'repaint-area', 'area' => $area, 'steps' => []]);
        self::assertSame($answer['asked'], $again['document']['areas'][1]['aim'], 'A recipe painted otherwise does not change what is wanted.');
        $problem = $this->ask('POST', "/plans/$plan[id]/areas/$area/recipes", ['target' => ['colour' => 'shiny']], 422);
        self::assertStringContainsString('words like "warm red"', $problem['faults'][0]['message']);
    }

    public function testAnAirbrushThatIsOwnedIsUsed(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $path = "/plans/$plan[id]/areas/{$plan['document']['areas'][0]['id']}/recipes";
        $techniques = fn(): array => array_merge(
            ...array_map(
                static fn(array $one): array => array_column($one['steps'], 'technique'),
                $this->ask('POST', $path, ['target' => ['colour' => '#26508a']])['proposals'],
            )
        );
        self::assertNotContains('spray-layer', $techniques());

        self::assertTrue($this->ask('PUT', '/settings', ['tools' => ['airbrush' => true]])['tools']['airbrush']);
        self::assertContains('spray-layer', $techniques());
        $this->ask('PUT', '/settings', ['tools' => ['airbrush' => 'yes']], 422);
        self::assertTrue($this->ask('GET', '/settings')['tools']['airbrush']);
    }

    public function testWishesChangeAllProposalsAtOnce(): void
    {
        $plan = $this->plan();
        $path = "/plans/$plan->id/areas/{$plan->document['areas'][1]['id']}/recipes";
        $count = fn(array $wishes): int => array_sum(array_map(
            static fn(array $one): int => count($one['steps']),
            $this->ask('POST', $path, ['target' => ['colour' => '#3f6b35'], 'wishes' => $wishes])['proposals'],
        ));

        self::assertLessThan($count([]), $count(['fewer-steps']));
        self::assertSame($count([]), $count(['warmer', 'cooler']));
    }

    public function testWhatWasChangedByHandIsToldAndLeftAlone(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $area = $plan['document']['areas'][0]['id'];
        self::assertSame(array_column($plan['document']['areas'][0]['steps'], 'id'), $plan['looks']['areas'][$area]['byHand']);
        $written = $this->ask(
            'POST',
            "/plans/$plan[id]/areas/$area/recipes",
            ['target' => ['colour' => '#26508a'], 'school' => 'layer-up'],
        )['proposals'][0];
        $plan = $this->edit($plan, ['do' => 'repaint-area', 'area' => $area, 'steps' => $written['steps']]);
        self::assertSame([], $plan['looks']['areas'][$area]['byHand']);

        $plan['document']['areas'][0]['steps'][1]['coats']++;
        $plan = $this->save($plan);
        $mine = $plan['document']['areas'][0]['steps'][1];
        self::assertSame([$mine['id']], $plan['looks']['areas'][$area]['byHand']);

        $again = $this->ask(
            'POST',
            "/plans/$plan[id]/areas/$area/recipes",
            ['target' => ['colour' => '#a3231f'], 'keep' => [$mine['id']]],
        )['proposals'];
        foreach ($again as $proposal) {
            self::assertContains($mine, $proposal['steps'], $proposal['school']);
            self::assertNotContains($written['steps'][0]['id'], array_column($proposal['steps'], 'id'));
        }
    }

    public function testAnAreaIsPaintedLikeAnotherOfThisOrOfAnotherPlan(): void
    {
        [$plan, $other] = [$this->plan(), $this->plan('Provost on the White Heron')];
        $path = "/plans/$plan->id/areas/{$plan->document['areas'][1]['id']}/recipes";
        $like = fn(array $target): array => $this->ask('POST', $path, ['target' => $target])['proposals'][0]['strip']['final']['zones'][2];
        $named = fn(string $name): string => array_values(array_filter(
            $other->document['areas'],
            static fn(array $one): bool => $one['name'] === $name,
        ))[0]['id'];

        self::assertStringContainsString('yellow', $like(['area' => $plan->document['areas'][0]['id']])['words']);
        self::assertNotSame(
            $like(['area' => $plan->document['areas'][0]['id']])['hex'],
            $like(['plan' => $other->id, 'area' => $named('Cloak')])['hex'],
        );
        self::assertSame(['target.area'], self::fields($this->ask('POST', $path, ['target' => ['area' => 'nobody']], 422)));
        $this->ask('POST', $path, ['target' => ['plan' => 'nobody', 'area' => 'nobody']], 404);
    }

    public function testSeveralRecipesArePutAsideAsAWayAndTakenWithOnePress(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        self::assertSame([], $this->ask('GET', "/plans/$plan[id]/ways")['ways']);
        $ids = array_slice(array_column($plan['document']['areas'], 'id'), 0, 2);
        $aside = $this->edit($plan, ['do' => 'add-way', 'name' => 'by the book', 'areas' => $ids, 'id' => 'book']);
        foreach ([0, 1] as $at) {
            self::assertContains('by the book', array_column($aside['document']['areas'][$at]['variants'], 'name'));
        }
        foreach ($ids as $at => $id) {
            $first = array_slice($plan['document']['areas'][$at]['steps'], 0, 1);
            $aside = $this->edit($aside, ['do' => 'repaint-area', 'area' => $id, 'steps' => $first]);
        }
        $ways = $this->ask('GET', "/plans/$plan[id]/ways")['ways'];
        $named = array_column($ways, null, 'name');

        self::assertNull($ways[0]['name']);
        self::assertSame($ids, $named['by the book']['changed']);
        self::assertGreaterThan($ways[0]['coats'], $named['by the book']['coats']);
        self::assertSame(array_column($plan['document']['areas'], 'id'), array_column($ways[0]['areas'], 'id'));
        $taken = $this->edit($aside, ['do' => 'promote-way', 'name' => 'by the book', 'id' => 'short']);
        foreach ([0, 1] as $at) {
            self::assertSame(
                array_column($plan['document']['areas'][$at]['steps'], 'mix'),
                array_column($taken['document']['areas'][$at]['steps'], 'mix'),
            );
        }
        $back = $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $taken['version']]);
        self::assertSame($aside['document']['areas'], $back['document']['areas'], 'One press takes all of it back.');
        $wrong = ['version' => $back['version'], 'edit' => ['do' => 'add-way', 'name' => 'by the book', 'areas' => $ids, 'id' => 'again']];
        self::assertSame(['name'], self::fields($this->ask('POST', "/plans/$plan[id]/edits", $wrong, 422)));
        $now = $this->ask('GET', "/plans/$plan[id]");
        $grounded = $this->edit(
            $now,
            ['do' => 'ground-way', 'name' => $ways[1]['name'], 'undercoat' => ['base' => $now['document']['undercoat']['base']]],
        );
        self::assertIsString($this->ask('GET', "/plans/$plan[id]/ways")['ways'][1]['undercoat']);
        $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $grounded['version']]);
        self::assertNull($this->ask('GET', "/plans/$plan[id]/ways")['ways'][1]['undercoat']);
        $this->ask('GET', '/plans/nobody/ways', null, 404);
    }

    public function testARecipeIsPutAsideAnotherIsTriedAndTheWinnerIsPromotedAndTakenBack(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $area = $plan['document']['areas'][1];
        $other = $this->ask('POST', "/plans/$plan[id]/areas/$area[id]/recipes", ['target' => ['colour' => '#26508a']])['proposals'][0];

        $both = $this->edit($plan, ['do' => 'add-variant', 'area' => $area['id'], 'id' => 'blue', 'name' => 'blue', 'steps' => $other['steps']]);
        self::assertSame($area['steps'], $both['document']['areas'][1]['steps'], 'Nothing is painted otherwise yet.');
        $look = $both['looks']['areas'][$area['id']]['variants'][0];
        self::assertSame(['id' => 'blue', 'isRecipe' => false], $look);
        $ways = $this->ask('GET', "/plans/$plan[id]/areas/$area[id]/ways");
        self::assertSame(['blue', false, $other['strip']['final']], [
            $ways['variants'][0]['id'], $ways['variants'][0]['isRecipe'], $ways['variants'][0]['strip']['final'],
        ]);
        self::assertSame(count($area['steps']), count($ways['asPlanned']['words']));
        self::assertGreaterThan(0, $ways['asPlanned']['slipMinutes']);
        $this->ask('GET', "/plans/$plan[id]/areas/nobody/ways", null, 404);

        $both['document']['areas'][1]['variants'][0] = [
            'tried' => true,
            'verdict' => 'glows',
            ...array_diff_key($both['document']['areas'][1]['variants'][0], ['tried' => 0, 'verdict' => 0]),
        ];
        $judged = $this->save($both);
        self::assertFalse($judged['looks']['areas'][$area['id']]['isTried']);

        $won = $this->edit($judged, ['do' => 'promote-variant', 'area' => $area['id'], 'variant' => 'blue', 'id' => 'before']);
        self::assertTrue($won['looks']['areas'][$area['id']]['isTried']);
        self::assertSame(['blue', 'before'], array_column($won['document']['areas'][1]['variants'], 'id'), 'What it was is put aside.');
        self::assertSame(array_column($area['steps'], 'mix'), array_column($won['document']['areas'][1]['variants'][1]['steps'], 'mix'));
        $back = $this->edit($won, ['do' => 'promote-variant', 'area' => $area['id'], 'variant' => 'before', 'id' => 'again']);
        self::assertCount(2, $back['document']['areas'][1]['variants'], 'Nothing is put aside twice.');
        self::assertSame(array_column($area['steps'], 'mix'), array_column($back['document']['areas'][1]['steps'], 'mix'));

        $less = $this->edit($back, ['do' => 'remove-variant', 'area' => $area['id'], 'variant' => 'blue']);
        self::assertSame(['before'], array_column($less['document']['areas'][1]['variants'], 'id'));
        self::assertSame(
            ['variant'],
            self::fields($this->ask(
                'POST',
                "/plans/$plan[id]/edits",
                ['version' => $less['version'], 'edit' => ['do' => 'remove-variant', 'area' => $area['id'], 'variant' => 'blue']],
                422,
            )),
        );
        self::assertSame(
            ['id'],
            self::fields($this->ask(
                'POST',
                "/plans/$plan[id]/edits",
                ['version' => $less['version'], 'edit' => ['do' => 'add-variant', 'area' => $area['id'], 'id' => 'before', 'name' => 'x']],
                422,
            )),
        );
        self::assertSame($back['document'], $this->ask('POST', "/plans/$plan[id]/undo", ['version' => $less['version']])['document']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wishes(): iterable
    {
        yield 'no colour' => [['target' => []], 'target.colour'];
        yield 'a word' => [['target' => ['colour' => 'glossy']], 'target.colour'];
        yield 'no such way' => [['target' => ['colour' => '#26508a'], 'school' => 'magic'], 'school'];
        yield 'no such wish' => [['target' => ['colour' => '#26508a'], 'wishes' => ['prettier']], 'wishes.0'];
        yield 'nothing' => [[], 'target'];
    }

    /** @param array<string, mixed> $wish */
    #[DataProvider('wishes')]
    public function testARecipeNobodyCanWriteNamesTheField(array $wish, string $field): void
    {
        $plan = $this->plan();

        self::assertContains(
            $field,
            self::fields($this->ask('POST', "/plans/$plan->id/areas/{$plan->document['areas'][0]['id']}/recipes", $wish, 422)),
        );
    }

    public function testARecipeForNobody(): void
    {
        $plan = $this->plan();
        $this->ask('POST', "/plans/$plan->id/areas/nobody/recipes", ['target' => ['colour' => '#26508a']], 404);
        $this->ask('POST', "/plans/$plan->id/areas/{$plan->document['areas'][0]['id']}/recipes", ['target' => ['paint' => 'nobody']], 404);
    }
    /** Taken as a way of its own, for a trial piece; the recipe stays what it was. */
    public function testWhatOneWantsToPractiseFindsItsPlaces(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $found = $this->ask('GET', "/plans/$plan[id]/practice?technique=stipple");
        self::assertSame(['stipple', 'Stipple'], [$found['technique'], $found['label']]);
        self::assertNotSame([], $found['places']);
        foreach ($found['places'] as $place) {
            self::assertSame(
                ['stipple'],
                array_column(array_filter($place['steps'], static fn(array $one): bool => $one['id'] === $place['stepId']), 'technique'),
            );
        }
        $place = $found['places'][0];
        $made = $this->edit(
            $plan,
            ['do' => 'add-variant', 'area' => $place['areaId'], 'id' => 'trial', 'name' => 'stipple, to practise', 'steps' => $place['steps']],
        );
        $area = array_values(array_filter($made['document']['areas'], static fn(array $one): bool => $one['id'] === $place['areaId']))[0];
        self::assertContains('stipple, to practise', array_column($area['variants'], 'name'));
        self::assertSame(['technique'], self::fields($this->ask('GET', "/plans/$plan[id]/practice?technique=glitter", null, 422)));
        self::assertSame(['technique'], self::fields($this->ask('GET', "/plans/$plan[id]/practice", null, 422)));
    }

}
