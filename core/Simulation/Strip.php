<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;

/**
 * What an area looks like after each stage of its recipe, from bare plastic on.
 */
final readonly class Strip
{
    /** @param list<Stage> $stages */
    private function __construct(
        public Texture $texture,
        public array $stages,
        public Look $bare,
    ) {}

    /** @param list<Application> $applications in the order they are carried out */
    public static function of(Texture $texture, array $applications, FinishLevel $finish): self
    {
        $surface = Surface::bare($texture);
        $bare = $look = $surface->look();
        $stages = [];
        foreach ($applications as $application) {
            $after = $surface->after($application);
            $now = $after->look();
            $stages[] = new Stage(
                $application,
                $surface,
                $now,
                $application->technique->does(Nature::Rims) && $now->rim !== null
                    ? Ciede2000::between($look->rim ?? $look->at(Zone::Face), $now->rim)
                    : $now->differenceTo($look),
                CoatForecast::of($application, $surface, $finish),
            );
            [$surface, $look] = [$after, $now];
        }

        return new self($texture, $stages, $bare);
    }

    /** As it will stand on the table. */
    public function final(): Look
    {
        return $this->stages === [] ? $this->bare : $this->stages[count($this->stages) - 1]->look;
    }

    public function stage(string $id): ?Stage
    {
        return array_find($this->stages, static fn(Stage $stage): bool => $stage->application->id === $id);
    }
}
