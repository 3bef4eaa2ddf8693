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

    /** @param non-empty-list<array{share: float, coating: Coating}> $patches the shares add up to 1 */
    private function __construct(private readonly array $patches) {}

    public static function one(Coating $coating): self
    {
        return new self([['share' => 1.0, 'coating' => $coating]]);
    }

    /**
     * The same with a share of every patch changed.
     *
     * @param callable(Coating): Coating $change
     * @param float $share 0…1
     */
    public function changed(callable $change, float $share = 1.0): self
    {
        if ($share <= 0.0) {
            return $this;
        }
        $patches = [];
        $isOther = false;
        foreach ($this->patches as ['share' => $whole, 'coating' => $coating]) {
            $after = $change($coating);
            $isOther = $isOther || $after !== $coating;
            if ($after === $coating || $share >= 1.0) {
                $patches[] = ['share' => $whole, 'coating' => $after];
                continue;
            }
            $patches[] = ['share' => $whole * (1.0 - $share), 'coating' => $coating];
            $patches[] = ['share' => $whole * $share, 'coating' => $after];
        }

        return $isOther ? new self(self::few($patches)) : $this;
    }

    /** The films, apart from the skin on top of them: what the next coat lies on. */
    public function films(): Reflectance
    {
        return $this->films ??= $this->mean(static fn(Coating $one): Reflectance => $one->films);
    }

    public function colour(Zone $zone): Lab
    {
        return $this->colours[$this->sheens() ? $zone->index() : 0] ??= $this->mean(static fn(Coating $one): Reflectance => $one->seen($zone))->toLab();
    }

    /** More than half of it is bare metal paint. */
    public function isMetal(): bool
    {
        $metal = 0.0;
        foreach ($this->patches as ['share' => $share, 'coating' => $coating]) {
            $metal += $coating->isMetal() ? $share : 0.0;
        }

        return $metal > 0.5;
    }

    /** It looks otherwise in one zone than in another. */
    private function sheens(): bool
    {
        foreach ($this->patches as ['coating' => $coating]) {
            if ($coating->sheens()) {
                return true;
            }
        }

        return false;
    }

    /** @param callable(Coating): Reflectance $of */
    private function mean(callable $of): Reflectance
    {
        if (count($this->patches) === 1) {
            return $of($this->patches[0]['coating']);
        }
        $bands = array_fill(0, count($of($this->patches[0]['coating'])->bands), 0.0);
        foreach ($this->patches as ['share' => $share, 'coating' => $coating]) {
            foreach ($of($coating)->bands as $at => $band) {
                $bands[$at] += $share * $band;
            }
        }

        return Reflectance::of(array_values($bands));
    }

    /**
     * @param non-empty-list<array{share: float, coating: Coating}> $patches
     *
     * @return non-empty-list<array{share: float, coating: Coating}>
     */
    private static function few(array $patches): array
    {
        while (count($patches) > self::MOST) {
            usort($patches, static fn(array $one, array $other): int => $other['share'] <=> $one['share']);
            [$small, $smallest] = array_splice($patches, -2);
            $share = $small['share'] + $smallest['share'];
            $patches[] = ['share' => $share, 'coating' => $small['coating']->beside($smallest['coating'], $smallest['share'] / $share)];
        }

        return $patches;
    }
}
