<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Craft\Nature;
use Kalokroma\Paint\Paint;

/**
 * How well a paint covers, from the coats it really took.
 *
 * What shows through shrinks by the same factor with every coat; a ground that was to be hidden by n coats and was by m tells that m of
 * them leave as much as n were thought to. One record says little: the estimate moves toward it as records add up, and never further than
 * within bounds.
 */
final readonly class OpacityLesson
{
    /** So many records weigh as much as what the pot says. */
    private const WEIGHT_OF_POT = 2.0;

    /** No record moves what is shown through by more than this factor of a coat, either way. */
    private const MOST = 0.5;

    private function __construct(
        public Paint $paint,
        public float $before,
        public float $learned,
        public Spread $coats,
        public float $plannedCoats,
    ) {}

    /**
     * @param list<Worked> $worked
     *
     * @return list<self> of paints that took more or fewer coats than planned
     */
    public static function all(array $worked): array
    {
        $records = [];
        foreach ($worked as $one) {
            $paints = $one->step->mix->ingredients ?? [];
            if (
                count($paints) === 1
                && $one->isAsMixed
                && $one->step->technique->does(Nature::Covers)
                && ! $paints[0]->paint->isClear()
                && ! $paints[0]->paint->kind->isTransparent()
            ) {
                $records[$paints[0]->paint->id][] = $one;
            }
        }
        $lessons = [];
        foreach ($records as $of) {
            $lesson = self::from($of);
            if ($lesson !== null) {
                $lessons[] = $lesson;
            }
        }

        return $lessons;
    }

    /** @param non-empty-list<Worked> $records */
    private static function from(array $records): ?self
    {
        $paint = $records[0]->step->mix->ingredients[0]->paint ?? null;
        if ($paint === null) {
            return null;
        }
        $before = max(0.01, min(0.995, $paint->optics()->contrast()));
        $told = array_map(static fn(Worked $one): float => max(1.0 - self::MOST, min(1.0 + self::MOST, $one->step->coats / $one->coats)), $records);
        $weight = count($told) / (count($told) + self::WEIGHT_OF_POT);
        $power = 1.0 + $weight * (Spread::of($told)->median - 1.0);
        $learned = 1.0 - (1.0 - $before) ** $power;
        $planned = array_sum(array_map(static fn(Worked $one): int => $one->step->coats, $records)) / count($records);

        return abs($learned - $before) < 0.005
            ? null
            : new self($paint, $before, $learned, Spread::of(array_map(static fn(Worked $one): float => (float) $one->coats, $records)), $planned);
    }
}
