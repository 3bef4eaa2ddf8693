<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/**
 * A way of putting paint on. Each says how thick a coat it leaves in every zone, in standard coats: `level` on a surface without
 * relief, `carved` on one with the deepest; textures lie between.
 */
enum Technique: string
{
    case Primer = 'primer';
    case SprayFromAbove = 'spray-from-above';
    case Basecoat = 'basecoat';
    case Wash = 'wash';
    case Drybrush = 'drybrush';
    case Layer = 'layer';
    case Highlight = 'highlight';
    case Glaze = 'glaze';
    case OneCoat = 'one-coat';

    private const TABLE = [
        'primer' => [
            'label' => 'Primer', 'level' => [1.0, 1.0, 1.0, 1.0, 1.0], 'carved' => [0.8, 0.9, 1.0, 1.0, 1.0],
            'hides' => true, 'rank' => 0,
            'usual' => ['coats' => 2, 'paint' => 1, 'thinner' => 0, 'with' => Thinner::Water, 'brush' => Brush::SprayCan, 'place' => Place::Everywhere],
            'hint' => 'Short bursts that start and end off the model, always moving, the whole model in one go.',
            'next' => self::Basecoat,
        ],
        'spray-from-above' => [
            'label' => 'Spray from above', 'level' => [1.0, 1.0, 1.0, 1.0, 1.0], 'carved' => [0.7, 1.0, 1.0, 1.0, 1.0],
            'hides' => false, 'rank' => 1,
            'usual' => ['coats' => 1, 'paint' => 1, 'thinner' => 0, 'with' => Thinner::Water, 'brush' => Brush::Airbrush, 'place' => Place::Everywhere],
            'hint' => 'Only from the sky, the model in its real pose, turning it. A wider cone means less shadow.',
            'next' => self::OneCoat,
        ],
        'basecoat' => [
            'label' => 'Basecoat', 'level' => [1.0, 1.0, 1.0, 1.0, 1.0], 'carved' => [0.85, 1.0, 1.0, 1.0, 0.9],
            'hides' => true, 'rank' => 2,
            'usual' => ['coats' => 2, 'paint' => 2, 'thinner' => 1, 'with' => Thinner::Water, 'brush' => Brush::LargeBase, 'place' => Place::Everywhere],
            'hint' => 'Thin, runny like milk. The first coat looks streaky: leave it, let each coat dry.',
            'next' => self::Wash,
        ],
        'wash' => [
            'label' => 'Wash', 'level' => [1.1, 0.9, 0.8, 0.7, 0.6], 'carved' => [2.2, 1.1, 0.5, 0.28, 0.15],
            'hides' => false, 'rank' => 3,
            'usual' => ['coats' => 1, 'paint' => 1, 'thinner' => 1, 'with' => Thinner::Medium, 'brush' => Brush::Medium, 'place' => Place::Everywhere],
            'hint' => 'Flood thinly, draw the pools out with a clean damp brush.',
            'next' => self::Drybrush,
        ],
        'drybrush' => [
            'label' => 'Drybrush', 'level' => [0.0, 0.001, 0.004, 0.06, 0.14], 'carved' => [0.0, 0.001, 0.003, 0.16, 0.50],
            'hides' => false, 'rank' => 4,
            'usual' => ['coats' => 2, 'paint' => 1, 'thinner' => 0, 'with' => Thinner::Water, 'brush' => Brush::Drybrush, 'place' => Place::Everywhere],
            'hint' => 'Wipe most of the paint off, test it on the base; slow, many light passes, mostly from above.',
            'next' => self::Highlight,
        ],
        'layer' => [
            'label' => 'Layer', 'level' => [1.0, 1.0, 1.0, 1.0, 1.0], 'carved' => [1.0, 1.0, 1.0, 1.0, 1.0],
            'hides' => true, 'rank' => 5,
            'usual' => ['coats' => 2, 'paint' => 1, 'thinner' => 1, 'with' => Thinner::Water, 'brush' => Brush::Medium, 'place' => Place::AllButRecesses],
            'hint' => 'The base again on everything but the recesses, feathered down, each coat dry before the next.',
            'next' => self::Highlight,
        ],
        'highlight' => [
            'label' => 'Highlight', 'level' => [1.0, 1.0, 1.0, 1.0, 1.0], 'carved' => [1.0, 1.0, 1.0, 1.0, 1.0],
            'hides' => true, 'rank' => 6,
            'usual' => ['coats' => 2, 'paint' => 1, 'thinner' => 1, 'with' => Thinner::Water, 'brush' => Brush::Fine, 'place' => Place::RaisedParts],
            'hint' => 'A smaller place each time. The right highlight looks slightly too bright while wet.',
            'next' => self::Highlight,
        ],
        'glaze' => [
            'label' => 'Glaze', 'level' => [0.35, 0.35, 0.35, 0.35, 0.35], 'carved' => [0.385, 0.35, 0.35, 0.33, 0.315],
            'hides' => false, 'rank' => 7,
            'usual' => ['coats' => 2, 'paint' => 1, 'thinner' => 9, 'with' => Thinner::Medium, 'brush' => Brush::Medium, 'place' => Place::Everywhere],
            'hint' => 'Moist, not wet. The stroke ends where the colour should be strongest.',
            'next' => self::Highlight,
        ],
        'one-coat' => [
            'label' => 'One-coat transparent', 'level' => [1.1, 1.0, 1.0, 0.9, 0.8], 'carved' => [2.0, 1.2, 0.9, 0.55, 0.35],
            'hides' => false, 'rank' => 2,
            'usual' => ['coats' => 1, 'paint' => 1, 'thinner' => 0, 'with' => Thinner::Water, 'brush' => Brush::LargeBase, 'place' => Place::Everywhere],
            'hint' => 'Keep the whole area wet, work fast, draw out the pools.',
            'next' => self::Highlight,
        ],
    ];

    public function label(): string
    {
        return self::TABLE[$this->value]['label'];
    }

    /** What matters in the hand. */
    public function hint(): string
    {
        return self::TABLE[$this->value]['hint'];
    }

    /** Thickness of one undiluted coat, in standard coats. */
    public function deposit(Zone $zone, Texture $texture): float
    {
        $level = self::TABLE[$this->value]['level'][$zone->index()];
        $carved = self::TABLE[$this->value]['carved'][$zone->index()];

        return $level + $texture->relief() * ($carved - $level);
    }

    /** It is meant to hide what lies under it, so a number of coats to cover can be asked for. */
    public function isMeantToCover(): bool
    {
        return self::TABLE[$this->value]['hides'];
    }

    /** Its turn in the order of the work: lower comes earlier. */
    public function rank(): int
    {
        return self::TABLE[$this->value]['rank'];
    }

    /** What most recipes go on with. */
    public function next(): self
    {
        return self::TABLE[$this->value]['next'];
    }

    /**
     * Coats, parts of paint to parts of thinner, brush and place a painter would start with.
     *
     * @return array{coats: int, paint: int, thinner: int, with: Thinner, brush: Brush, place: Place}
     */
    public function usual(): array
    {
        return self::TABLE[$this->value]['usual'];
    }
}
