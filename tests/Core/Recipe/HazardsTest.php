<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Craft\Hazard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Cautions belong to what is done, with what, and by which brush or can. */
final class HazardsTest extends TestCase
{
    /** @return iterable<string, array{string, list<Hazard>}> step, what it warns of */
    public static function steps(): iterable
    {
        yield 'a careful brush' => ['basecoat navy', []];
        yield 'a can for an area' => ['spray-layer navy brush spray-can', [Hazard::Aerosol]];
        yield 'an airbrush for an area' => ['spray-layer navy', [Hazard::Airbrush]];
        yield 'whatever is airbrushed' => ['one-coat moss brush airbrush', [Hazard::Airbrush]];
        yield 'primer from a can' => ['primer grey', [Hazard::Preparing, Hazard::Aerosol]];
        yield 'primer by brush' => ['primer grey brush large-base', [Hazard::Preparing]];
        yield 'an oil wash' => ['solvent-wash grime', [Hazard::Solvent]];
        yield 'an oil wash, sprayed' => ['solvent-wash grime brush airbrush', [Hazard::Airbrush, Hazard::SprayedSolvent, Hazard::Solvent]];
        yield 'dry powder' => ['pigments dust', [Hazard::Powder]];
        yield 'powder with spirit' => ['pigments dust 1:2 thinner', [Hazard::Solvent, Hazard::Powder]];
        yield 'wiped with spirit' => ['wipe-back', [Hazard::Solvent]];
    }

    /** @param list<Hazard> $hazards */
    #[DataProvider('steps')]
    public function testEachStepWarnsOfWhatItDoes(string $step, array $hazards): void
    {
        self::assertSame(
            $hazards,
            PlanSketch::plan("undercoat grey\narea hull hard-edged-panel main armour\n $step")->areas[0]->steps[0]->hazards(),
        );
    }
}
