<?php

declare(strict_types=1);

namespace Kalokroma\Learning;

use Kalokroma\Paint\Paint;

/** How strong a paint is in mixes, from mixes that were made and measured: the median of what each of them told. */
final readonly class StrengthLesson
{
    private function __construct(
        public Paint $paint,
        public Spread $opacity,
    ) {}

    /**
     * @param list<array{paint: string, opacity: float}> $readings opacity of one coat, 0…1, as `MeasuredMix` has it
     * @param callable(string): (Paint|null) $paint by id
     *
     * @return list<self> of paints that are not drawn down: a film that was measured is not corrected by a mix
     */
    public static function all(array $readings, callable $paint): array
    {
        $byPaint = [];
        foreach ($readings as $one) {
            $byPaint[$one['paint']][] = $one['opacity'];
        }
        $lessons = [];
        foreach ($byPaint as $id => $opacities) {
            $of = $paint((string) $id);
            if ($of !== null && $of->measured->film === null) {
                $lessons[] = new self($of, Spread::of($opacities));
            }
        }

        return $lessons;
    }
}
