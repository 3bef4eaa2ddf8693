<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\PlanRevision;
use App\Models\Recipe;

/** Recipes shared by reference: one edit reaches all that share one, undo too, until an area is cut loose. */
final class SharedRecipeTest extends HttpTestCase
{
    public function testOneEditReachesEveryAreaThatSharesTheRecipe(): void
    {
        [$here, $there] = $this->shared();
        $recipe = $here['document']['areas'][0]['recipe'];
        self::assertCount(2, $this->oilskin()['uses']);
        self::assertSame(self::painted($here, 0), self::painted($there, 1));
        self::assertNotSame(
            array_column($here['document']['areas'][0]['steps'], 'id'),
            array_column($there['document']['areas'][1]['steps'], 'id'),
        );

        $here['document']['areas'][0]['steps'][1]['coats']++;
        $changed = $this->save($here);
        $then = $this->ask('GET', "/plans/$there[id]");
        self::assertSame(self::painted($changed, 0), self::painted($then, 1));
        self::assertSame($there['version'] + 1, $then['version']);
        self::assertSame(
            array_column($there['document']['areas'][1]['steps'], 'id'),
            array_column($then['document']['areas'][1]['steps'], 'id'),
            'Steps keep the ids they have there.',
        );
        self::assertSame(2, Recipe::query()->findOrFail($recipe)->version);

        // A step less here is a step less there; undo brings both back.
        $gone = $this->edit($changed, ['do' => 'remove-step', 'step' => $changed['document']['areas'][0]['steps'][0]['id']]);
        self::assertSame(self::painted($gone, 0), self::painted($this->ask('GET', "/plans/$there[id]"), 1));
        $back = $this->ask('POST', "/plans/$here[id]/undo", ['version' => $gone['version']]);
        self::assertSame(self::painted($changed, 0), self::painted($back, 0));
        self::assertSame(self::painted($changed, 0), self::painted($this->ask('GET', "/plans/$there[id]"), 1));

        // Undone where it arrived, it is undone everywhere too.
        $undone = $this->ask('POST', "/plans/$there[id]/undo", ['version' => $this->ask('GET', "/plans/$there[id]")['version']]);
        self::assertSame(self::painted($undone, 1), self::painted($this->ask('GET', "/plans/$here[id]"), 0));
    }

    /** However often it is done and undone here: what was done there can still be undone there, step by step. */
    public function testChangesElsewherePushNoPlansOwnHistoryOut(): void
    {
        [$here, $there] = $this->shared();
        $there = $this->save([
            'id' => $there['id'],
            'version' => $there['version'],
            'document' => [...$there['document'], 'name' => 'Renamed there'],
        ]);
        $before = PlanRevision::query()->where('plan_id', $there['id'])->count();
        for ($turn = 0; $turn < 6; $turn++) {
            $here['document']['areas'][0]['steps'][1]['coats'] = 3 + $turn % 2;
            $here = $this->save($here);
            $here = $this->ask('POST', "/plans/$here[id]/undo", ['version' => $here['version']]);
            $here = $this->ask('POST', "/plans/$here[id]/redo", ['version' => $here['version']]);
        }
        self::assertSame($before + 1, PlanRevision::query()->where('plan_id', $there['id'])->count());
        $now = $this->ask('GET', "/plans/$there[id]");
        self::assertSame(self::painted($here, 0), self::painted($now, 1));
        $now = $this->ask('POST', "/plans/$there[id]/undo", ['version' => $now['version']]);
        self::assertSame('Renamed there', $now['document']['name']);
        self::assertNotSame('Renamed there', $this->ask('POST', "/plans/$there[id]/undo", ['version' => $now['version']])['document']['name']);
    }

    public function testTwoAreasOfOnePlanShareToo(): void
    {
        [$here] = $this->shared();
        $recipe = $here['document']['areas'][0]['recipe'];
        $here = $this->edit($here, ['do' => 'take-recipe', 'area' => $here['document']['areas'][2]['id'], 'recipe' => $recipe, 'id' => 'again']);
        $here['document']['areas'][2]['steps'][0]['coats'] = 5;
        $changed = $this->save($here);

        self::assertSame(5, $changed['document']['areas'][0]['steps'][0]['coats']);
        self::assertSame(self::painted($changed, 0), self::painted($changed, 2));
    }

    public function testCutLooseItGoesItsOwnWay(): void
    {
        [$here, $there] = $this->shared();
        $loose = $this->edit($there, ['do' => 'cut-loose', 'area' => $there['document']['areas'][1]['id']]);
        self::assertArrayNotHasKey('recipe', $loose['document']['areas'][1]);
        self::assertSame(self::painted($there, 1), self::painted($loose, 1), 'It keeps its steps.');

        $here['document']['areas'][0]['steps'][0]['coats'] = 4;
        $this->save($here);
        self::assertSame(self::painted($loose, 1), self::painted($this->ask('GET', "/plans/$there[id]"), 1));
    }

    /** A file that says otherwise than the library does not overwrite it. */
    public function testWhatComesInFromOutsideIsCutLooseWhereItSaysOtherwise(): void
    {
        [$here] = $this->shared();
        $recipe = Recipe::query()->where('name', 'Oilskin')->sole();
        $steps = $recipe->steps;
        $foreign = ['name' => 'Brought in', ...$here['document']];
        $same = $this->ask('POST', '/plans', ['document' => $foreign], 201);
        self::assertSame($recipe->id, $same['document']['areas'][0]['recipe']);

        $foreign['areas'][0]['steps'][0]['coats'] = 7;
        $other = $this->ask('POST', '/plans', ['document' => $foreign], 201);
        self::assertArrayNotHasKey('recipe', $other['document']['areas'][0]);
        $foreign['areas'][0]['recipe'] = '01KNOBODYKNOWSTHISRECIPE00';
        self::assertArrayNotHasKey('recipe', $this->ask('POST', '/plans', ['document' => $foreign], 201)['document']['areas'][0]);
        self::assertSame($steps, $recipe->refresh()->steps);
    }

    public function testTheLibraryIsRenamedTaggedEmptiedAndFilledAgain(): void
    {
        [$here] = $this->shared();
        $one = $this->oilskin();
        $renamed = $this->ask(
            'PUT',
            "/shared-recipes/$one[id]",
            ['name' => 'Warden yellow', 'tags' => ['Oilskin', 'oilskin ', '', ' wet', ' '], 'version' => $one['version']],
        );
        self::assertSame(['Warden yellow', ['oilskin', 'wet']], [$renamed['name'], $renamed['tags']]);
        $this->ask('PUT', "/shared-recipes/$one[id]", ['name' => 'x', 'version' => $one['version']], 409);
        self::assertSame(
            ['name'],
            self::fields($this->ask('PUT', "/shared-recipes/$one[id]", ['name' => ' ', 'version' => $renamed['version']], 422)),
        );

        $this->ask('DELETE', "/shared-recipes/$one[id]", null, 204);
        self::assertNotContains($one['id'], array_column($this->ask('GET', '/shared-recipes'), 'id'));
        self::assertSame(
            ['recipe'],
            self::fields($this->ask(
                'POST',
                "/plans/$here[id]/edits",
                [
                    'version' => $here['version'],
                    'edit' => ['do' => 'take-recipe', 'area' => $here['document']['areas'][1]['id'], 'recipe' => $one['id'], 'id' => 'x'],
                ],
                422,
            )),
        );
        self::assertCount(2, $this->ask('POST', "/shared-recipes/$one[id]/restore", [])['uses']);
    }

    public function testAnAreaWithoutARecipeHasNoneToShare(): void
    {
        $plan = $this->edit($this->ask('GET', '/plans/'.$this->plan()->id), ['do' => 'add-area', 'id' => 'scarf', 'name' => 'Scarf']);

        self::assertSame(
            ['area'],
            self::fields($this->ask('POST', "/plans/$plan[id]/areas/scarf/shared", ['name' => 'x', 'version' => $plan['version']], 422)),
        );
        self::assertSame(['name'], self::fields($this->ask('POST', "/plans/$plan[id]/areas/scarf/shared", ['version' => $plan['version']], 422)));
        self::assertSame(0, Recipe::query()->where('name', 'x')->count());
    }

    /** @return array<string, mixed> */
    private function oilskin(): array
    {
        return array_column($this->ask('GET', '/shared-recipes'), null, 'name')['Oilskin'];
    }

    /** @return array{array<string, mixed>, array<string, mixed>} the warden, whose first area shares its recipe with the second of the provost */
    private function shared(): array
    {
        $here = $this->ask('GET', '/plans/'.$this->plan()->id);
        $here = $this->ask(
            'POST',
            "/plans/$here[id]/areas/{$here['document']['areas'][0]['id']}/shared",
            ['name' => 'Oilskin', 'tags' => ['yellow'], 'version' => $here['version']],
            201,
        );
        $there = $this->ask('GET', '/plans/'.$this->plan('Provost on the White Heron')->id);
        $there = $this->edit(
            $there,
            [
                'do' => 'take-recipe',
                'area' => $there['document']['areas'][1]['id'],
                'recipe' => $here['document']['areas'][0]['recipe'],
                'id' => 'taken',
            ],
        );

        return [$here, $there];
    }

    /**
     * @param array<string, mixed> $plan
     *
     * @return list<array<string, mixed>> its steps without what is their own in each plan
     */
    private static function painted(array $plan, int $area): array
    {
        return array_map(
            static fn(array $step): array => array_diff_key($step, ['id' => 0, 'borders' => 0, 'part' => 0]),
            $plan['document']['areas'][$area]['steps'],
        );
    }
}
