<?php

declare(strict_types=1);

namespace Kalokroma\Simulation;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Zone;

/** A zone as patches of coatings beside each other: one while everything was painted all over, more after chips, streaks and stippling. */
final class Patches
{
    /** More than these nobody tells apart; the two smallest are seen as one then. */
    private const MOST = 5;

    /** @var array<int, Lab> by the zone's place: worked out once, for much stays as it was from stage to stage */
    private array $colours = [];

    private ?Reflectance $films = null;

    /** @param non-empty-list<Patch> $patches the shares add up to 1; what was left as it was before what was laid on it */
    private function __construct(private readonly array $patches) {}

    public static function one(Coating $coating): self
    {
        return new self([Patch::whole($coating)]);
    }

    /**
     * The same with a share of every patch changed.
     *
     * @param callable(Coating): Coating $change
     * @param float $share 0…1
     * @param Spot|null $spot where; null: all over
     * @param string|null $by mark that what was changed there bears from now on
     */
    public function changed(callable $change, float $share = 1.0, ?Spot $spot = null, ?string $by = null): self
    {
        if ($share <= 0.0) {
            return $this;
        }
        $patches = [];
        $isOther = false;
        foreach ($spot === null ? $this->patches : $this->with($spot) as $patch) {
            $after = $spot === null || $patch->isMarked($spot->mark) ? $change($patch->coating) : $patch->coating;
            if ($after === $patch->coating) {
                $patches[] = $patch;
                continue;
            }
            $isOther = true;
            if ($share < 1.0) {
                $patches[] = $patch->part(1.0 - $share);
                $patch = $patch->part($share);
            }
            $patches[] = $by === null ? $patch->as($after) : $patch->as($after)->marked($by);
        }

        return $isOther ? new self(self::few($patches)) : $this;
    }

    public function bears(string $mark): bool
    {
        return array_any($this->patches, static fn(Patch $patch): bool => $patch->isMarked($mark));
    }

    /** @return non-empty-list<Patch> with a spot told apart from what lies round it, where it was not before */
    private function with(Spot $spot): array
    {
        $isIn = static fn(Patch $patch): bool => $spot->within === null ? ! $patch->isMarked($spot->beside) : $patch->isMarked($spot->within);
        $room = 0.0;
        foreach ($this->patches as $patch) {
            if ($patch->isMarked($spot->mark)) {
                return $this->patches;
            }
            $room += $isIn($patch) ? $patch->share : 0.0;
        }
        $share = $spot->within === null ? min(1.0, $spot->share / max(1e-9, $room)) : $spot->share;
        $patches = [];
        foreach ($this->patches as $patch) {
            if (! $isIn($patch)) {
                $patches[] = $patch;
                continue;
            }
            if ($share < 1.0) {
                $patches[] = $patch->part(1.0 - $share);
            }
            $patches[] = $patch->part($share)->marked($spot->mark);
        }

        return $patches;
    }

    /** The films, apart from the skin on top of them: what the next coat lies on. */
    public function films(): Reflectance
    {
        return $this->films ??= $this->mean(static fn(Coating $one): Reflectance => $one->films);
    }

    public function colour(Zone $zone): Lab
    {
        return $this->colours[$this->sheens() ? $zone->index() : 0] ??= $this->mean(
            static fn(Coating $one): Reflectance => $one->seen($zone),
        )->toLab();
    }

    /**
     * What lies in a spot and what lies round it, each as it looks by itself.
     *
     * @return array{plain: Lab, on: list<array{colour: Lab, share: float}>}|null the outermost first; null where nothing lies there, or
     *     nothing is left round it
     */
    public function spot(string $mark, Zone $zone): ?array
    {
        $groups = [];
        foreach ($this->patches as $patch) {
            $groups[$patch->isMarked($mark) ? implode(' ', array_keys($patch->marks)) : ''][] = $patch;
        }
        if (! isset($groups['']) || count($groups) < 2) {
            return null;
        }
        $told = array_map(static fn(array $group): array => [
            'colour' => (new self($group))->seen($zone),
            'share' => self::shareOf($group),
        ], $groups);
        $plain = $told['']['colour'];
        unset($told['']);
        // What lies on another mark bears its own too, and lies inside.
        uksort($told, static fn(string $one, string $other): int => substr_count($one, ' ') <=> substr_count($other, ' '));

        return ['plain' => $plain, 'on' => array_values($told)];
    }

    /**
     * What lies beside each other there where one looks from near: what was there first, and what lies on it as flecks. Each place of a
     * zone counts for itself, so that tips are no flecks of roots.
     *
     * @param string $mark of a spot that is left out, unless there is nothing else
     */
    public function broken(string $mark, Zone $zone): Broken
    {
        if (count($this->patches) === 1) {
            return Broken::whole($this->colour($zone));
        }
        $places = [];
        foreach ($this->patches as $patch) {
            if (! $patch->isMarked($mark)) {
                $places[implode(' ', array_keys($patch->marks))][] = $patch;
            }
        }
        $plain = $flecks = [];
        foreach ($places as $patches) {
            $plain[] = array_shift($patches);
            array_push($flecks, ...$patches);
        }
        if ($plain === []) {
            return Broken::whole($this->colour($zone));
        }

        return $flecks === []
            ? Broken::whole((new self($plain))->seen($zone))
            : Broken::of(
                (new self($plain))->seen($zone),
                (new self($flecks))->seen($zone),
                self::shareOf($flecks) / self::shareOf([...$plain, ...$flecks]),
                (new self([...$plain, ...$flecks]))->seen($zone),
            );
    }

    /** @param list<Patch> $patches */
    private static function shareOf(array $patches): float
    {
        return array_sum(array_column($patches, 'share'));
    }

    private function seen(Zone $zone): Lab
    {
        $share = max(1e-9, self::shareOf($this->patches));

        return (new self(array_map(static fn(Patch $one): Patch => $one->part(1.0 / $share), $this->patches)))->colour($zone);
    }

    /** More than half of it is bare metal paint. */
    public function isMetal(): bool
    {
        $metal = 0.0;
        foreach ($this->patches as $patch) {
            $metal += $patch->coating->isMetal() ? $patch->share : 0.0;
        }

        return $metal > 0.5;
    }

    /** 0 (none) to 1 (bare metal paint). */
    public function sheen(): float
    {
        return array_sum(array_map(static fn(Patch $patch): float => $patch->share * $patch->coating->sheen, $this->patches));
    }

    /** 0 (matt) to 1 (gloss). */
    public function gloss(): float
    {
        return array_sum(array_map(static fn(Patch $patch): float => $patch->share * $patch->coating->gloss(), $this->patches));
    }

    /** It looks otherwise in one zone than in another. */
    private function sheens(): bool
    {
        return array_any($this->patches, static fn(Patch $patch): bool => $patch->coating->sheens());
    }

    /** @param callable(Coating): Reflectance $of */
    private function mean(callable $of): Reflectance
    {
        if (count($this->patches) === 1) {
            return $of($this->patches[0]->coating);
        }
        $bands = array_fill(0, count($of($this->patches[0]->coating)->bands), 0.0);
        foreach ($this->patches as $patch) {
            foreach ($of($patch->coating)->bands as $at => $band) {
                $bands[$at] += $patch->share * $band;
            }
        }

        return Reflectance::of(array_values($bands));
    }

    /**
     * The smallest are one when there are too many: first of those in the same spots.
     *
     * @param non-empty-list<Patch> $patches what was left as it was before what was laid on it
     *
     * @return non-empty-list<Patch> in the same order
     */
    private static function few(array $patches): array
    {
        while (count($patches) > self::MOST) {
            $large = array_keys($patches);
            usort($large, static fn(int $one, int $other): int => $patches[$other]->share <=> $patches[$one]->share);
            [$one, $other] = self::smallestAlike($patches, $large) ?? [$large[count($large) - 2], $large[count($large) - 1]];
            $patches[min($one, $other)] = $patches[$one]->with($patches[$other]);
            unset($patches[max($one, $other)]);
            $patches = array_values($patches);
        }

        return $patches;
    }

    /**
     * @param non-empty-list<Patch> $patches
     * @param list<int> $large their places, largest first
     *
     * @return array{int, int}|null two in the same spots
     */
    private static function smallestAlike(array $patches, array $large): ?array
    {
        for ($other = count($large) - 1; $other > 0; $other--) {
            for ($one = $other - 1; $one >= 0; $one--) {
                if ($patches[$large[$one]]->marks === $patches[$large[$other]]->marks) {
                    return [$large[$one], $large[$other]];
                }
            }
        }

        return null;
    }
}
