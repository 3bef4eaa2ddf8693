<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Craft\Technique;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Writing\Practice;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

/** Where something could be practised. */
final class PracticeTest extends TestCase
{
    public function testTheLargestPlaceWhereNothingSpeaksAgainstItComesFirst(): void
    {
        $places = Practice::of(
            Rehearsal::of(PlanSketch::plan(
                "undercoat grey\narea coat broad-folds main cloth\n basecoat navy x2\n highlight sky x1\narea belt hard-edged-panel small leather\n basecoat green x2\n highlight ice x1\narea boots smooth-panel medium leather\n basecoat navy x2\n layer sky x1",
            )),
            Technique::of('layer'),
        );

        self::assertSame(
            ['coat', 'belt'],
            array_map(static fn(Practice $one): string => $one->area->id, $places),
            'The boots are layered already.',
        );
        self::assertSame(
            ['layer'],
            array_values(array_intersect(array_map(static fn(Step $one): string => $one->technique->id, $places[0]->area->steps), ['layer'])),
        );
        self::assertSame($places[0]->instead?->mix, $places[0]->step->mix);
    }

    public function testAGlazeIsLaidOverTheLightsInTheColourBelowThem(): void
    {
        $places = Practice::of(
            Rehearsal::of(PlanSketch::plan(
                "undercoat grey\narea coat broad-folds main cloth\n basecoat navy x2\n layer sky x1\narea belt hard-edged-panel small leather\n basecoat green x2",
            )),
            Technique::of('glaze'),
        );

        self::assertSame(
            [['coat', null, 'navy']],
            array_map(static fn(Practice $one): array => [$one->area->id, $one->instead, $one->step->paints()[0]->id], $places),
        );
        self::assertSame($places[0]->step, $places[0]->area->steps[2]);
    }

    public function testWhereNoStepTakesItThereIsNoPlace(): void
    {
        self::assertSame(
            [],
            Practice::of(
                Rehearsal::of(PlanSketch::plan("undercoat grey\narea coat broad-folds main cloth\n basecoat navy x2")),
                Technique::of('wash'),
            ),
        );
    }

    /** Of every technique that is painted, over plans as people make them: it stands where it said, and nothing urgent is new. */
    #[DataProvider('techniques')]
    public function testWhatIsOfferedIsDoneSoAndRaisesNothing(string $technique): void
    {
        foreach (glob(__DIR__.'/../../../resources/demo/plans/*.json') ?: [] as $file) {
            $document = PlanDocument::ofFile((array) json_decode((string) file_get_contents($file), true));
            $rehearsal = Rehearsal::of($document->plan(DocumentPaints::of($document->fields)));
            $known = array_map(static fn(Finding $one): string => "$one->rule $one->area $one->step", Review::of(Scene::of($rehearsal)));
            foreach (Practice::of($rehearsal, Technique::of($technique)) as $place) {
                $after = $rehearsal->plan->withArea($place->area);
                self::assertSame($technique, $after->step($place->step->id)?->technique->id);
                $urgent = array_filter(
                    Review::of(Scene::of(Rehearsal::of($after))),
                    static fn(Finding $one): bool => in_array($one->severity->value, ['stops-the-job', 'costs-time'], true)
                        && ! in_array("$one->rule $one->area $one->step", $known, true),
                );
                self::assertCount(count($place->against), $urgent);
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function techniques(): iterable
    {
        foreach (['layer', 'glaze', 'wet-blend', 'stipple', 'drybrush', 'edge-highlight'] as $one) {
            yield $one => [$one];
        }
    }
}
