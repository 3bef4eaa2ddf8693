<?php

declare(strict_types=1);

namespace Kalokroma\Batch;

use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Step;

/**
 * With what a step was really done. What is read from storage or a file is mended rather than trusted, so that no entry of long ago can
 * take a logbook down.
 *
 * @phpstan-type Part array{paint: string, parts: int, name: string}
 */
final readonly class Used
{
    /**
     * @param list<Part> $mix
     * @param int $coats one or more
     */
    public function __construct(
        public array $mix,
        public Dilution $dilution,
        public int $coats,
    ) {}

    /** As it was planned. */
    public static function asPlanned(Step $step): self
    {
        return new self(
            array_map(
                static fn($one): array => ['paint' => $one->paint->id, 'parts' => $one->parts, 'name' => $one->paint->name],
                $step->mix->ingredients ?? [],
            ),
            $step->dilution,
            $step->coats,
        );
    }

    /** @param mixed $stored as an entry holds it, however old or odd */
    public static function stored(mixed $stored): self
    {
        $stored = is_array($stored) ? $stored : [];
        $mix = [];
        foreach (is_array($stored['mix'] ?? null) ? $stored['mix'] : [] as $part) {
            if (is_array($part) && is_string($part['paint'] ?? null)) {
                $mix[] = [
                    'paint' => $part['paint'],
                    'parts' => max(1, self::whole($part['parts'] ?? 1)),
                    'name' => is_string($part['name'] ?? null) ? $part['name'] : 'a paint since removed',
                ];
            }
        }
        $dilution = is_array($stored['dilution'] ?? null) ? $stored['dilution'] : [];
        $with = is_string($dilution['with'] ?? null) ? Thinner::tryFrom($dilution['with']) : null;

        return new self(
            $mix,
            Dilution::of(self::within(1, $dilution['paint'] ?? 1), self::within(0, $dilution['thinner'] ?? 0), $with ?? Thinner::Water),
            max(1, self::whole($stored['coats'] ?? 1)),
        );
    }

    /** @return array{mix: list<Part>, dilution: array{paint: int, thinner: int, with: string}, coats: int} */
    public function toArray(): array
    {
        return [
            'mix' => $this->mix,
            'dilution' => ['paint' => $this->dilution->paint, 'thinner' => $this->dilution->thinner, 'with' => $this->dilution->with->value],
            'coats' => $this->coats,
        ];
    }

    public function mixWords(): string
    {
        return implode(' : ', array_map(fn(array $part): string => (count($this->mix) > 1 ? $part['parts'].' ' : '').$part['name'], $this->mix));
    }

    /** The paint was mixed as planned: in what order it was told does not matter. */
    public function isMixOf(Step $step): bool
    {
        return $this->parts() === self::asPlanned($step)->parts();
    }

    /** @return array<string, int> parts by paint id */
    private function parts(): array
    {
        $parts = [];
        foreach ($this->mix as ['paint' => $paint, 'parts' => $of]) {
            $parts[$paint] = ($parts[$paint] ?? 0) + $of;
        }
        ksort($parts);

        return $parts;
    }

    private static function whole(mixed $number): int
    {
        return is_numeric($number) ? (int) $number : 1;
    }

    private static function within(int $least, mixed $number): int
    {
        return max($least, min(Dilution::MOST_PARTS, self::whole($number)));
    }
}
