<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Simulation\Application;
use Kalokroma\Simulation\SprayCone;

/**
 * One stage of one area as it is really carried out. Without a mix it is only thought of, and paints nothing yet.
 */
final readonly class Step
{
    public const MOST_COATS = 12;

    public const LONGEST_NOTE = 500;

    private function __construct(
        public string $id,
        public Technique $technique,
        public ?Mix $mix,
        public Dilution $dilution,
        public int $coats,
        public Brush $brush,
        public Place $place,
        public string $note,
        public ?SprayCone $cone,
    ) {}

    /** @throws IllegalPlan when coats are none or too many */
    public static function of(
        string $id,
        Technique $technique,
        ?Mix $mix,
        Dilution $dilution,
        int $coats,
        Brush $brush,
        Place $place,
        string $note = '',
        ?SprayCone $cone = null,
    ): self {
        if ($coats < 1 || $coats > self::MOST_COATS) {
            throw IllegalPlan::coats('coats', $coats);
        }
        $cone ??= $technique === Technique::SprayFromAbove ? SprayCone::ofHalfAngle(SprayCone::USUAL_DEGREES) : null;

        return new self($id, $technique, $mix, $dilution, $coats, $brush, $place, $note, $cone);
    }

    /** A step as its technique is usually begun. */
    public static function usual(string $id, Technique $technique, ?Place $place = null, ?Mix $mix = null, string $note = ''): self
    {
        $usual = $technique->usual();

        return self::of($id, $technique, $mix, Dilution::of($usual['paint'], $usual['thinner'], $usual['with']), $usual['coats'], $usual['brush'], $place ?? $usual['place'], $note);
    }

    /** The same step in other coats. */
    public function inCoats(int $coats): self
    {
        return self::of($this->id, $this->technique, $this->mix, $this->dilution, $coats, $this->brush, $this->place, $this->note, $this->cone);
    }

    /** The same step with other paint. */
    public function with(?Mix $mix, ?Dilution $dilution = null): self
    {
        return new self(
            $this->id,
            $this->technique,
            $mix,
            $dilution ?? $this->dilution,
            $this->coats,
            $this->brush,
            $this->place,
            $this->note,
            $this->cone,
        );
    }

    /** What the simulation lays down; null while no paint is chosen. */
    public function application(): ?Application
    {
        return $this->mix === null ? null : new Application(
            $this->id,
            $this->technique,
            $this->place,
            $this->mix->optics(),
            $this->dilution->strength(),
            $this->coats,
            $this->mix->isTransparent(),
            $this->cone,
            $this->mix->skinWhite(),
        );
    }
}
