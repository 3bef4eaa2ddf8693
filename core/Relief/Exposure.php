<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

/**
 * How much of what comes from several directions reaches each vertex: counted by the cosine with which it looks their way, against a
 * surface that nothing hides and that looks straight at the middle of them.
 */
final class Exposure
{
    /** Of the whole sphere, for openness. */
    public const AROUND = 96;

    /** Of a cone of spray. */
    public const OF_A_SPRAY = 40;

    /** @var array<int, float> by vertex, the cosines of the directions from which it is seen */
    private array $seen;

    /** @var array<int, float> by vertex, the cosines of all directions it looks towards */
    private array $looked;

    private int $done = 0;

    /** @param list<array{float, float, float}> $directions unit vectors towards whoever looks or sprays */
    private function __construct(
        private readonly Mesh $mesh,
        private readonly array $directions,
    ) {
        $this->seen = $this->looked = array_fill(0, $mesh->vertexCount(), 0.0);
    }

    /** From all round: what openness is counted by. */
    public static function around(Mesh $mesh): self
    {
        return new self($mesh, Directions::around(self::AROUND));
    }

    public static function of(Mesh $mesh, Spray $spray): self
    {
        return new self($mesh, $spray->directions(self::OF_A_SPRAY));
    }

    public function isDone(): bool
    {
        return $this->done >= count($this->directions);
    }

    public function left(): int
    {
        return count($this->directions) - $this->done;
    }

    /** Looks from the next direction. */
    public function goOn(): void
    {
        DepthPicture::add($this->mesh, $this->directions[$this->done++], $this->seen, $this->looked);
    }

    public function finish(): self
    {
        while (! $this->isDone()) {
            $this->goOn();
        }

        return $this;
    }

    /** @return list<float> by vertex: the share of what it looks at from which it is seen, 0 (hidden) to 1 (open) */
    public function openness(): array
    {
        return array_map(
            static fn(float $seen, float $looked): float => $looked > 0.0 ? $seen / $looked : 0.0,
            array_values($this->seen),
            array_values($this->looked),
        );
    }

    /** @return list<float> by vertex: what reaches it against a surface that is open and looks straight at it, 0…1 */
    public function reach(): array
    {
        $middle = [0.0, 0.0, 0.0];
        foreach ($this->directions as $direction) {
            foreach ($direction as $axis => $value) {
                $middle[$axis] += $value;
            }
        }
        $most = sqrt($middle[0] ** 2 + $middle[1] ** 2 + $middle[2] ** 2);

        return array_map(static fn(float $seen): float => $most > 0.0 ? min(1.0, $seen / $most) : 0.0, array_values($this->seen));
    }

    /** @return array{done: int, seen: list<float>, looked: list<float>} to go on from another time */
    public function state(): array
    {
        return ['done' => $this->done, 'seen' => array_values($this->seen), 'looked' => array_values($this->looked)];
    }

    /**
     * @param array{done: int, seen: list<float>, looked: list<float>} $state of the same sculpt and directions
     *
     * @throws IllegalSculpt when it belongs to another sculpt
     */
    public function resumed(array $state): self
    {
        if (count($state['seen']) !== $this->mesh->vertexCount()) {
            throw IllegalSculpt::otherCount('places', count($state['seen']), $this->mesh->vertexCount());
        }
        $this->done = $state['done'];
        $this->seen = $state['seen'];
        $this->looked = $state['looked'];

        return $this;
    }
}
