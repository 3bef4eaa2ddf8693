<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Matching\Nearest;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/** The paints a mend may reach for: those on the shelf, or, where no shelf is told, those the plan names already. */
final readonly class AtHand
{
    /** @param list<Paint> $paints */
    public function __construct(private array $paints) {}

    /**
     * The nearest to a colour among those that are such.
     *
     * @param (callable(Paint): bool)|null $such any when null
     */
    public function nearest(Lab $colour, ?callable $such = null): ?Paint
    {
        return Nearest::to($colour, $this->paints, $such);
    }

    /**
     * @param callable(Paint): bool $such
     *
     * @return list<Paint> nearest first
     */
    public function sorted(Lab $colour, callable $such): array
    {
        $found = [];
        foreach ($this->paints as $paint) {
            if (! $paint->isClear() && $such($paint)) {
                $found[] = ['paint' => $paint, 'off' => Ciede2000::between($paint->colour(), $colour)];
            }
        }
        usort($found, static fn(array $one, array $other): int => [$one['off'], $one['paint']->id] <=> [$other['off'], $other['paint']->id]);

        return array_column($found, 'paint');
    }

    /** @return list<Paint> that can be an undercoat, primers before others */
    public function undercoats(): array
    {
        $dull = array_values(array_filter($this->paints, static fn(Paint $one): bool => ! $one->isClear() && $one->finish !== Finish::Gloss));
        $primers = array_values(array_filter($dull, static fn(Paint $one): bool => $one->kind === Kind::Primer));

        return $primers !== [] ? $primers : array_values(array_filter($dull, self::covers(...)));
    }

    /** The varnish of a finish, if there is one. */
    public function varnish(Finish $finish): ?Paint
    {
        return array_find($this->paints, static fn(Paint $paint): bool => $paint->kind === Kind::Varnish && $paint->finish === $finish);
    }

    public static function covers(Paint $paint): bool
    {
        return $paint->kind === Kind::Opaque || $paint->kind === Kind::SemiOpaque;
    }
}
