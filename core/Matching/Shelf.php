<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Closure;
use Kalokroma\Paint\Paint;

/** What stands on the painter's shelf, and how much is left of it. */
final class Shelf
{
    /** @var array<string, Paint>|null by id */
    private ?array $made = null;

    /**
     * @param array<string, float|null> $mlLeft of all that is owned, by id; null where nobody has said
     * @param Closure(): list<Paint> $paints made when somebody asks for more than what is there
     */
    private function __construct(
        private readonly array $mlLeft,
        private readonly Closure $paints,
    ) {}

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

    /** @return array<string, Paint> by id */
    public function owned(): array
    {
        return $this->made ??= array_column(($this->paints)(), null, 'id');
    }
}
