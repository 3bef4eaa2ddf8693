<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Closure;
use Kalokroma\Paint\Paint;
use WeakMap;

/** What stands on the painter's shelf, and how much is left of it. */
final class Shelf
{
    /** @var array<string, Paint>|null by id */
    private ?array $made = null;

    /** @var WeakMap<Paint, array{Paint|null}> */
    private readonly WeakMap $alike;

    /**
     * @param array<string, float|null> $mlLeft of all that is owned, by id; null where nobody has said
     * @param Closure(): list<Paint> $paints made when somebody asks for more than what is there
     */
    private function __construct(
        private readonly array $mlLeft,
        private readonly Closure $paints,
    ) {
        $this->alike = new WeakMap;
    }

    /**
     * @param list<Paint> $owned
     * @param array<string, float> $mlLeft by id, where it is known
     */
    public static function of(array $owned, array $mlLeft = []): self
    {
        $all = [];
        foreach ($owned as $paint) {
            $all[$paint->id] = $mlLeft[$paint->id] ?? null;
        }

        return new self($all, static fn(): array => $owned);
    }

    /**
     * @param array<string, float> $mlLeft of all that is owned, by id
     * @param Closure(): list<Paint> $paints all that is owned
     */
    public static function stocked(array $mlLeft, Closure $paints): self
    {
        return new self($mlLeft, $paints);
    }

    public function has(Paint $paint): bool
    {
        return array_key_exists($paint->id, $this->mlLeft);
    }

    /**
     * @param array<Paint> $paints
     *
     * @return list<Paint> those of them that are not here
     */
    public function missing(array $paints): array
    {
        return array_values(array_filter($paints, fn(Paint $paint): bool => ! $this->has($paint)));
    }

    /** Null when nobody has said. */
    public function mlLeft(Paint $paint): ?float
    {
        return $this->mlLeft[$paint->id] ?? null;
    }

    /**
     * What does a paint's job and comes nearest to its colour. Looked for once: a plan is reviewed once more for each mend, and its paints stay
     * the same.
     *
     * @return Paint|null null when there is none, and for clear ones: see ClearStandIn
     */
    public function nearestAlike(Paint $wanted): ?Paint
    {
        return ($this->alike[$wanted] ??= [$this->findAlike($wanted)])[0];
    }

    private function findAlike(Paint $wanted): ?Paint
    {
        return $wanted->isClear()
            ? null
            : Nearest::to($wanted->colour(), $this->owned(), static fn(Paint $one): bool => Compatibility::mayReplace($wanted, $one));
    }

    /** @return array<string, Paint> by id */
    public function owned(): array
    {
        return $this->made ??= array_column(($this->paints)(), null, 'id');
    }
}
