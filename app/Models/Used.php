<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Validation\ValidationException;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Recipe\Step;

/**
 * With what a step was really done. What is stored has passed the core's own types; what is read from storage is mended rather than trusted,
 * so that no entry of long ago can take the logbook down.
 *
 * @phpstan-type Part array{paint: string, parts: int, name: string}
 */
final readonly class Used
{
    /** @param list<array{paint: string, parts: int, name: string}> $mix */
    private function __construct(
        public array $mix,
        public Dilution $dilution,
        public int $coats,
    ) {}

    /**
     * @param array{mix?: list<array{paint: string, parts: int}>|null, dilution?: array{paint: int, thinner: int, with: string}|null, coats?: int|null} $told what is left out was done as planned
     *
     * @throws ValidationException when a paint is unknown, or there is no such dilution
     */
    public static function told(Step $step, array $told): self
    {
        $planned = array_map(static fn($one): array => ['paint' => $one->paint->id, 'parts' => $one->parts], $step->mix->ingredients ?? []);
        $mix = $told['mix'] ?? $planned;
        $names = Product::withTrashed()->findMany(array_column($mix, 'paint'))->pluck('name', 'id');
        foreach ($step->mix->ingredients ?? [] as $ingredient) {
            $names[$ingredient->paint->id] ??= $ingredient->paint->name;
        }
        foreach ($mix as $i => $part) {
            $names->has($part['paint']) || throw ValidationException::withMessages(["used.mix.$i.paint" => 'This paint is not in the catalogue.']);
        }
        $dilution = $told['dilution'] ?? null;
        try {
            $diluted = $dilution === null ? $step->dilution : Dilution::of($dilution['paint'], $dilution['thinner'], Thinner::from($dilution['with']));
        } catch (IllegalMix $illegal) {
            throw ValidationException::withMessages(['used.dilution' => $illegal->getMessage()]);
        }

        return new self(
            array_map(static fn(array $part): array => ['paint' => $part['paint'], 'parts' => $part['parts'], 'name' => (string) $names[$part['paint']]], $mix),
            $diluted,
            $told['coats'] ?? $step->coats,
        );
    }

    /** @param mixed $stored as an entry holds it, however old or odd */
    public static function stored(mixed $stored): self
    {
        $stored = is_array($stored) ? $stored : [];
        $mix = [];
        foreach (is_array($stored['mix'] ?? null) ? $stored['mix'] : [] as $part) {
            if (is_array($part) && is_string($part['paint'] ?? null)) {
                $mix[] = ['paint' => $part['paint'], 'parts' => max(1, self::whole($part['parts'] ?? 1)), 'name' => is_string($part['name'] ?? null) ? $part['name'] : 'a paint since removed'];
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

    /** @return array{mix: list<array{paint: string, parts: int, name: string}>, dilution: array{paint: int, thinner: int, with: string}, coats: int} */
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

    private static function whole(mixed $number): int
    {
        return is_numeric($number) ? (int) $number : 1;
    }

    private static function within(int $least, mixed $number): int
    {
        return max($least, min(Dilution::MOST_PARTS, self::whole($number)));
    }
}
