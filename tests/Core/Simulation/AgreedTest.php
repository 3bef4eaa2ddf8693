<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Kalokroma\Craft\Flank;
use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Simulation\CoatForecast;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Simulation\Surface;
use Tests\Core\AgreedTestCase;
use Tests\Core\Told;
use Tests\Core\WildPlans;

final class AgreedTest extends AgreedTestCase
{
    private const PLANS = 26;

    protected function said(): iterable
    {
        for ($seed = 0; $seed < self::PLANS; $seed++) {
            $document = PlanDocument::ofFile(WildPlans::document(9100 + $seed));
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
                        array_map($surface->sheen(...), Zone::cases()), $surface->isMetal(), $surface->tones(Flank::Right)->shares,
                        $surface->tones(Flank::Left)->flecks, $application->lands($area->texture), $surface->at(Zone::Face)->toLab(),
                    ];
                }
                yield "plan $seed, $area->name" => $stages;
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
}
