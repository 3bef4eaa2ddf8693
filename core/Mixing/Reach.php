<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Closeness;
use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Paint\Paint;

/**
 * Whether a target can be mixed from the paints that were tried, and if not, how near one can come and why no nearer.
 */
final readonly class Reach
{
    /** Lab units by which a target must lie beyond all paints before that is called the reason. */
    private const BEYOND = 2.0;

    private function __construct(
        public bool $isReached,
        public string $words,
    ) {}

    public static function of(MixAnswers $answers): self
    {
        $best = $answers->best();
        if ($best === null) {
            return new self(false, $answers->tried === []
                ? 'No paint on the shelf may be used for this. Own a paint of these kinds, or loosen the limits.'
                : 'No mix keeps to all the limits. Loosen one: more parts, fewer paints that must be in it, a smaller amount.');
        }
        if (! in_array($best->difference->closeness(), [Closeness::SameFamily, Closeness::Different], true)) {
            return new self(
                true,
                sprintf('In reach: the nearest is %.1f away, %s.', $best->difference->number, $best->difference->closeness()->words()),
            );
        }

        return new self(
            false,
            sprintf('Out of reach: nothing comes nearer than %.1f. %s', $best->difference->number, self::reason($answers, $best)),
        );
    }

    private static function reason(MixAnswers $answers, MixAnswer $best): string
    {
        $wanted = $answers->target->colour;
        $paints = $answers->tried;
        usort($paints, static fn(Paint $one, Paint $other): int => $one->colour()->lightness <=> $other->colour()->lightness);
        [$darkest, $lightest] = [$paints[0], $paints[count($paints) - 1]];

        return match (true) {
            $wanted->lightness < $darkest->colour()->lightness - self::BEYOND => sprintf(
                'It is too dark: value %d, and the darkest paint tried, %s, has %d.',
                $wanted->value(),
                $darkest->name,
                $darkest->colour()->value(),
            ),
            $wanted->lightness > $lightest->colour()->lightness + self::BEYOND => sprintf(
                'It is too light: value %d, and the lightest paint tried, %s, has %d.',
                $wanted->value(),
                $lightest->name,
                $lightest->colour()->value(),
            ),
            self::chroma($wanted) > self::chroma($best->colour) + self::BEYOND => sprintf(
                'It is too saturated: mixing dulls, and no paint tried is a strong enough %s.',
                ColourName::of($wanted)->hueWord(),
            ),
            default => sprintf('No paints tried lie round it: a %s is missing.', ColourName::of($wanted)->words()),
        };
    }

    private static function chroma(Lab $colour): float
    {
        return hypot($colour->a, $colour->b);
    }
}
