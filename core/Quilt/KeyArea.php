<?php

declare(strict_types=1);

namespace Kalokroma\Quilt;

use Kalokroma\Craft\Importance;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;

/** One of the few areas that make or break the model: those are solved and tested first, the rest falls in line. */
final readonly class KeyArea
{
    /** More are no key areas any more. */
    public const MOST = 3;

    private function __construct(
        public Area $area,
        public string $why,
        public bool $isSolved,
        public string $words,
    ) {}

    /**
     * Those that the painter marked as eye-catchers; nobody marked any: the largest and what the eye goes to.
     *
     * @param array<string, true> $painted ids of the areas whose recipe was painted to the end before
     *
     * @return list<self>
     */
    public static function of(Plan $plan, Balance $balance, array $painted): array
    {
        $marked = array_values(array_filter($plan->areas, static fn(Area $area): bool => $area->importance === Importance::EyeCatcher));
        $why = 'You marked it as an eye-catcher.';
        $found = array_map(static fn(Area $area): array => [$area, $why], $marked);
        if ($found === [] && $plan->areas !== []) {
            $largest = $plan->areas;
            usort($largest, static fn(Area $one, Area $other): int => $other->size->share() <=> $one->size->share());
            $found = [[$largest[0], 'It is the largest: nobody overlooks it.']];
            foreach (array_slice($balance->spots, 0, self::MOST - 1) as $spot) {
                $found[] = [$spot, 'The eye goes to its colour.'];
            }
        }

        return array_map(static fn(array $one): self => self::judged($one[0], $one[1], $painted), $found);
    }

    /** @param array<string, true> $painted */
    private static function judged(Area $area, string $why, array $painted): self
    {
        [$isSolved, $words] = match (true) {
            $area->open => [false, 'Not decided yet, on purpose.'],
            $area->steps === [] => [false, 'It has no recipe yet.'],
            isset($painted[$area->id]) => [true, 'Its recipe was painted to the end before.'],
            $area->isTried() => [true, 'Its recipe was tried on a test piece.'],
            default => [false, 'Its recipe was never tried: paint a test piece before the batch.'],
        };

        return new self($area, $why, $isSolved, $words);
    }
}
