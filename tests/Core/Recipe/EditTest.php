<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Craft\Material;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\EditReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Edit\AddArea;
use Kalokroma\Recipe\Edit\AddStep;
use Kalokroma\Recipe\Edit\PaintStep;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;
use Tests\Core\Plans;

final class EditTest extends TestCase
{
    public function testAnAreaIsWhatItsNameSuggestsAndGoesBehindTheOthers(): void
    {
        $plan = (new AddArea('b', 'Leather boots'))->applyTo(Plans::of([Plans::area('a', [])]));

        self::assertSame(['a', 'b'], array_column($plan->areas, 'id'));
        self::assertSame([Texture::CloseFolds, Material::Leather], [$plan->areas[1]->texture, $plan->areas[1]->material]);
    }

    public function testStepsGoOnAsIsUsualAndTheSecondHighlightLiesHigher(): void
    {
        $plan = Plans::of([Plans::area('a', [])]);
        foreach (['1', '2', '3', '4', '5'] as $id) {
            $plan = (new AddStep($id, 'a'))->applyTo($plan);
        }
        $steps = $plan->areas[0]->steps;

        self::assertSame(
            [Technique::of('basecoat'), Technique::of('wash'), Technique::of('layer'), Technique::of('highlight'), Technique::of('highlight')],
            array_column($steps, 'technique'),
        );
        self::assertSame([Place::RaisedParts, Place::UpperEdges], [$steps[3]->place, $steps[4]->place]);
        self::assertSame([null, null, null, null, null], array_column($steps, 'mix'));
    }

    /** @return iterable<string, array{string}> */
    public static function colours(): iterable
    {
        foreach (['#a3231f', '#e2b21f', '#eeece6', '#1c1b1c', '#26508a', '#3f6b35', '#d56a1c', '#6a4326', '#d98a9c', '#7fa6c8'] as $hex) {
            yield $hex => [$hex];
        }
    }

    /**
     * Whatever colour it is: nobody's fresh basecoat is told to have other coats; that a weak paint needs five on so dark a ground is worth
     * a word.
     */
    #[DataProvider('colours')]
    public function testAFreshStepHasTheCoatsItsPaintNeeds(string $hex): void
    {
        $plan = (new AddStep('1', 'a'))->applyTo(Plans::of([Plans::area('a', [])]));
        $plan = (new PaintStep('1', Mix::single(Paints::of($hex))))->applyTo($plan);
        $findings = Review::of(Scene::of(Rehearsal::of($plan)));

        self::assertSame($plan->coatsNeeded('1') ?? 2, $plan->areas[0]->steps[0]->coats);
        self::assertSame(
            [],
            array_filter(
                $findings,
                fn($finding): bool => $finding->severity !== Severity::Taste && $finding->rule !== 'weak-over-dark'
                    && $plan->coatsNeeded('1') !== null,
            ),
        );
    }

    public function testCoatsGoAlongWithThePaintUntilSomebodySetsThemOtherwise(): void
    {
        $plan = (new AddStep('1', 'a'))->applyTo(Plans::of([Plans::area('a', [])]));
        $red = (new PaintStep('1', Mix::single(Paints::of('#b01c1c', 0.4))))->applyTo($plan);
        $brown = (new PaintStep('1', Mix::single(Paints::of('#4a3020', 0.97))))->applyTo($red);
        self::assertGreaterThan($brown->areas[0]->steps[0]->coats, $red->areas[0]->steps[0]->coats);
        self::assertSame($brown->coatsNeeded('1'), $brown->areas[0]->steps[0]->coats);

        $mine = $red->withArea($red->areas[0]->withStep($red->areas[0]->steps[0]->inCoats(11)));
        self::assertSame(11, (new PaintStep('1', Mix::single(Paints::of('#4a3020', 0.97))))->applyTo($mine)->areas[0]->steps[0]->coats);
        self::assertNull((new PaintStep('1', null))->applyTo($red)->areas[0]->steps[0]->mix);
    }

    public function testAnotherTechniqueIsBegunAsUsualWithTheSamePaintAndNote(): void
    {
        $step = Plans::step('1', Technique::of('basecoat'), Paints::of('#8a5a34'), 3, 2);
        $plan = (new SwapTechnique('1', Technique::of('drybrush')))->applyTo(Plans::of([Plans::area('a', [$step])]));
        $swapped = $plan->areas[0]->steps[0];

        self::assertSame(
            [Technique::of('drybrush'), $step->mix, Technique::of('drybrush')->usual->brush, 0],
            [$swapped->technique, $swapped->mix, $swapped->brush, $swapped->dilution->thinner],
        );
    }

    public function testWhatIsNotInThePlanIsNamed(): void
    {
        $plan = Plans::of([Plans::area('a', [])]);
        foreach ([
            ['area', new AddStep('1', 'x')],
            ['step', new PaintStep('x', null)],
            ['step', new SwapTechnique('x', Technique::of('wash'))],
            ['areas', new AddArea('a', 'Again')],
        ] as [$field, $edit]) {
            try {
                $edit->applyTo($plan);
                self::fail("No complaint about $field.");
            } catch (IllegalPlan $illegal) {
                self::assertSame($field, $illegal->field);
            }
        }
    }

    public function testEditsAreReadAndFaultyOnesNamed(): void
    {
        $paints = DocumentPaints::of(['paints' => [['id' => 'p', 'name' => 'Red', 'kind' => Kind::Opaque->value, 'swatch' => '#a3231f']]]);
        $plan = Plans::of([]);
        foreach ([
            ['do' => 'add-area', 'id' => 'a', 'name' => 'Face'],
            ['do' => 'add-step', 'id' => 's', 'area' => 'a'],
            ['do' => 'paint-step', 'step' => 's', 'mix' => [['paint' => 'p', 'parts' => 1]]],
            ['do' => 'swap-technique', 'step' => 's', 'technique' => 'glaze'],
        ] as $edit) {
            $plan = EditReader::read($edit, $paints)->applyTo($plan);
        }
        self::assertSame(
            ['Face', Technique::of('glaze'), 'Red'],
            [$plan->areas[0]->name, $plan->areas[0]->steps[0]->technique, $plan->areas[0]->steps[0]->mix?->words()],
        );

        foreach ([
            [[], 'do'],
            [['do' => 'fly'], 'do'],
            [['do' => 'add-area', 'id' => 'a'], 'name'],
            [['do' => 'paint-step', 'step' => 's', 'mix' => [['paint' => 'q', 'parts' => 1]]], 'mix.0.paint'],
            [['do' => 'swap-technique', 'step' => 's', 'technique' => 'x'], 'technique'],
            [['do' => 'add-step', 'id' => ['x'], 'area' => 'a'], 'id'],
        ] as [$edit, $field]) {
            try {
                EditReader::read($edit, $paints);
                self::fail("No complaint about $field.");
            } catch (Faulty $faulty) {
                self::assertContains($field, array_column($faulty->faults, 'field'));
            }
        }
    }
}
