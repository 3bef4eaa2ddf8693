<?php

declare(strict_types=1);

namespace App\Batches;

use App\Models\Product;
use Illuminate\Validation\ValidationException;
use Kalokroma\Batch\Used;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Recipe\Step;

/** With what a step was really done, as the painter tells it. */
final class UsedAsTold
{
    /**
     * @param array{mix?: list<array{paint: string, parts: int}>|null, dilution?: array{paint: int, thinner: int, with: string}|null,
     *     coats?: int|null} $told what is left out was done as planned
     *
     * @throws ValidationException when a paint is unknown, or there is no such dilution
     */
    public static function of(Step $step, array $told): Used
    {
        $planned = Used::asPlanned($step);
        $mix = $told['mix'] ?? $planned->mix;
        $names = Product::withTrashed()->findMany(array_column($mix, 'paint'))->pluck('name', 'id');
        foreach ($planned->mix as $part) {
            $names[$part['paint']] ??= $part['name'];
        }
        foreach ($mix as $i => $part) {
            $names->has($part['paint']) || throw ValidationException::withMessages(["used.mix.$i.paint" => 'This paint is not in the catalogue.']);
        }
        $dilution = $told['dilution'] ?? null;
        try {
            $diluted = $dilution === null
                ? $planned->dilution
                : Dilution::of($dilution['paint'], $dilution['thinner'], Thinner::from($dilution['with']));
        } catch (IllegalMix $illegal) {
            throw ValidationException::withMessages(['used.dilution' => $illegal->getMessage()]);
        }

        return new Used(
            array_map(
                static fn(array $part): array => ['paint' => $part['paint'], 'parts' => $part['parts'], 'name' => (string) $names[$part['paint']]],
                $mix,
            ),
            $diluted,
            $told['coats'] ?? $planned->coats,
        );
    }
}
