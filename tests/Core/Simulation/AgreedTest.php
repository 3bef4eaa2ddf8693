<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Kalokroma\Craft\Flank;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Surface;
use Tests\Core\AgreedTestCase;
use Tests\Core\Nearby;
use Tests\Core\PlanSketch;
use Tests\Core\Told;
use Tests\Core\WildPlans;

final class AgreedTest extends AgreedTestCase
{
    private const PLANS = 26;

    /** Lit from a side, in spots, broken, over metal, thin over a sketch. */
    private const SKETCHES = [
        "undercoat black light bone\narea coat broad-folds main cloth\n basecoat navy 1:1 x1\n layer blue side left\n highlight sky side left raised"
            ."\n wash umber-wash side right",
        "undercoat grey\narea plate hard-edged-panel main armour\n basecoat green x2\n freehand coal patch\n freehand red patch\n decal setting\n dot snow"
            ."\n lining coal\n edge-highlight lime\n chip\n streaks grime 1:0\n matt-coat matt",
        "undercoat black\narea blade hard-edged-panel main metal\n basecoat steel x1\n glaze ruby\n wash black-wash recesses\n gloss-coat gloss"
            ."\n effect rust recesses\n edge-highlight bright-steel",
        "undercoat black\narea coat broad-folds main cloth\n basecoat navy x1\n coloured-light orange side left\n layer blue raised\n wash umber-wash"
            ."\n coloured-light sky side right\n matt-coat matt",
        "undercoat grey\narea hull smooth-panel main armour\n basecoat steel\n chipping-fluid lifter\n basecoat red x2\n chip\n streaks grime\n chip leather corners",
        "undercoat grey\narea cloak broad-folds main cloth\n wet-blend navy 1:3 over sky\n wet-blend umber-wash over blue-wash\n wet-blend red 2:1 over ruby",
        "undercoat grey\narea hull hard-edged-panel main armour\n basecoat green x3\n freehand snow patch\n stipple lime x2\n chip coal\n freehand red patch"
            ."\n streaks grime\n effect rust\n stipple sand x2\n chip leather",
        "undercoat grey\narea hull hard-edged-panel main armour\n basecoat sand x3\n gloss-coat gloss\n solvent-wash grime all\n wipe-back\n pigments dust\n wash umber-wash\n wipe-back",
    ];

    protected function said(): iterable
    {
        $documents = array_map(static fn(int $seed): array => WildPlans::document(9100 + $seed), range(0, self::PLANS - 1));
        foreach (self::SKETCHES as $sketch) {
            foreach ([$sketch, ...Nearby::of($sketch, 8, crc32($sketch))] as $near) {
                $documents[] = PlanSketch::document($near);
            }
        }
        foreach ($documents as $seed => $fields) {
            $document = PlanDocument::ofFile($fields);
            $rehearsal = Rehearsal::of($document->plan(DocumentPaints::of($document->fields)));
            foreach ($rehearsal->plan->areas as $area) {
                $surface = Surface::bare($area->texture);
                $stages = [];
                foreach ($rehearsal->applications($area) as $application) {
                    $forecast = Told::answer(fn(): mixed => CoatForecast::of($application, $surface, $rehearsal->plan->model->finishLevel), 2);
                    $before = $surface->look();
                    $surface = $surface->after($application);
                    $look = $surface->look();
                    $stages[] = [
                        $application->id, $look->colours, $look->left, $look->rim, $look->mark, $forecast, $look->relief(), $look->mean(),
                        $look->differenceTo($before), $look->words(), [$look->lowestValue(), $look->highestValue()], $surface->gloss(),
                        array_map($surface->sheen(...), Zone::cases()), $surface->isMetal(),
                        Told::of($surface->tones(Flank::Right), 2), Told::of($surface->tones(Flank::Left), 2), $application
                            ->lands($area->texture), $surface
                            ->at(Zone::Face)
                            ->toLab(),
                    ];
                }
                yield "plan $seed, $area->name" => $stages;
                yield "plan $seed, $area->name, at places of its own" => self::exposed($rehearsal, $area);
            }
        }
        foreach ([1.0, 10.0, 40.0, 50.0, 60.0, 89.0, 0.0, 95.0] as $degrees) {
            yield "cone $degrees" => Told::answer(static fn(): array => [
                SprayCone::ofHalfAngle($degrees), array_map(SprayCone::ofHalfAngle($degrees)->reach(...), Zone::cases()),
                array_map(SprayCone::ofHalfAngle($degrees)->fromBelow()->reach(...), Zone::cases()),
                array_map(SprayCone::ofHalfAngle($degrees)->landing(0.4)->reach(...), Zone::cases()),
            ]);
        }
    }

    /** @return array<mixed> where sprays from above and below get to as they do there, and of each stage what it leaves */
    private static function exposed(Rehearsal $rehearsal, Area $area): array
    {
        $told = [];
        foreach ([[0.9, 0.1], [0.3, 0.6]] as [$above, $below]) {
            $surface = Surface::bare($area->texture);
            foreach ($rehearsal->applications($area) as $application) {
                $surface = $surface->after($application->exposed($above, $below));
            }
            $told[] = $surface->look()->colours;
        }
        $strip = $rehearsal->strip($area);

        return [
            $told, $strip->final()->words(), count($strip->stages), $strip->stage('none') === null,
            $strip->stages === [] ? null : $strip->stage($strip->stages[0]->application->id)?->look->mean(),
        ];
    }
}
