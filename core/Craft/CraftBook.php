<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/**
 * The techniques as this painter uses them: the tables, and over them the painter's own habits. It is passed in wherever a plan is read, and
 * a batch keeps the one it was painted by, so that a habit changed later never changes an old record.
 */
final class CraftBook
{
    private static ?self $standard = null;

    /** @param array<string, Technique> $techniques by id, in the order of the work */
    private function __construct(private readonly array $techniques) {}

    public static function standard(): self
    {
        return self::$standard ??= new self(array_column(TechniqueTables::all(), null, 'id'));
    }

    /** The same book with one painter's habits in it; what they do not speak of stays. */
    public function with(Habit ...$habits): self
    {
        $techniques = $this->techniques;
        foreach ($habits as $habit) {
            if (isset($techniques[$habit->technique])) {
                $techniques[$habit->technique] = $habit->on($techniques[$habit->technique]);
            }
        }

        return new self($techniques);
    }

    public function technique(string $id): ?Technique
    {
        return $this->techniques[$id] ?? null;
    }

    /** @return list<Technique> */
    public function techniques(): array
    {
        return array_values($this->techniques);
    }
}
