<?php

declare(strict_types=1);

namespace Tests\Http;

/** All plans beside each other: what holds them together, and which falls out. */
final class MusterTest extends HttpTestCase
{
    public function testPlansStandBesideEachOtherWithWhatTheyShare(): void
    {
        $muster = $this->ask('GET', '/plans/muster');
        self::assertSame(['Ferry Warden', 'Provost on the White Heron', 'The Bound Capstan'], array_column($muster['plans'], 'name'));
        foreach ($muster['plans'] as $plan) {
            self::assertSame(array_column($plan['areas'], 'id'), array_column($plan['quilt'], 'area'));
        }
        self::assertNotEmpty($muster['paints']);
        foreach ($muster['paints'] as $one) {
            self::assertGreaterThan(1, $one['plans'], $one['paint']['name']);
        }
        // The tarred winch among yellow coats and a white bird.
        self::assertNotEmpty($muster['plans'][2]['fallsOut']);
    }

    public function testASharedRecipeIsSeenAndAPlanOfAnotherForceIsNotCounted(): void
    {
        [$here, $there] = [$this->ask('GET', '/plans/'.$this->plan()->id), $this->ask('GET', '/plans/'.$this->plan('The Bound Capstan')->id)];
        $before = count($this->ask('GET', '/plans/muster')['recipes']);
        $here = $this->ask(
            'POST',
            "/plans/$here[id]/areas/{$here['document']['areas'][0]['id']}/shared",
            ['name' => 'Oilskin', 'version' => $here['version']],
            201,
        );
        $this->edit(
            $there,
            [
                'do' => 'take-recipe',
                'area' => $there['document']['areas'][1]['id'],
                'recipe' => $here['document']['areas'][0]['recipe'],
                'id' => 'taken',
            ],
        );

        $recipes = $this->ask('GET', '/plans/muster')['recipes'];
        self::assertCount($before + 1, $recipes);
        $uses = array_merge(...array_column($recipes, 'uses'));
        self::assertContains(
            [
                'plan' => $there['id'],
                'planName' => 'The Bound Capstan',
                'area' => $there['document']['areas'][1]['id'],
                'areaName' => $there['document']['areas'][1]['name'],
            ],
            $uses,
        );

        $without = $this->ask('GET', "/plans/muster?without[]=$there[id]");
        self::assertSame([true, true, false], array_column($without['plans'], 'counts'));
        self::assertCount($before, $without['recipes']);
        self::assertSame([], $without['plans'][2]['fallsOut']);
    }

    public function testNothingToMuster(): void
    {
        foreach ($this->ask('GET', '/plans/names') as $plan) {
            $this->ask('DELETE', "/plans/$plan[id]", null, 204);
        }
        self::assertSame(['undercoat' => null, 'plans' => [], 'recipes' => [], 'paints' => []], $this->ask('GET', '/plans/muster'));
    }
}
