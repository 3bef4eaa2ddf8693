<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\Lab;
use Kalokroma\Illegal;
use Kalokroma\Paint\Drawdown;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Measured;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Reading;
use Kalokroma\Paint\Source;

/**
 * What was measured of a paint as the field "measured" of documents holds it: "colour" with lab, "film" with overBlack, overWhite, black and white,
 * "strength" with opacity; each with source, readings and photo. Colours are [L*, a*, b*].
 */
final class MeasuredFields
{
    private const LONGEST_ID = 40;

    /** Nothing for whatever is at fault; the reader remembers the faults. What follows from a film may be left out. */
    public static function read(DocumentReader $in, Kind $kind): Measured
    {
        $measured = Measured::nothing();
        try {
            if ($in->has('strength')) {
                $under = $in->under('strength');
                $measured = $measured->withStrength(Opacity::of($under->number('opacity', 0, 1, 0)), self::reading($under));
            }
            if ($in->has('colour')) {
                $under = $in->under('colour');
                $measured = $measured->withColour(self::lab($under, 'lab'), self::reading($under));
            }
            if ($in->has('film')) {
                $under = $in->under('film');
                $film = Drawdown::of(
                    self::lab($under, 'overBlack'),
                    self::lab($under, 'overWhite'),
                    self::optional($under, 'black'),
                    self::optional($under, 'white'),
                );
                $measured = $measured->withFilm($film, self::reading($under), $kind);
            }
        } catch (Illegal $illegal) {
            $in->fault('measured', $illegal->getMessage());
        }

        return $in->isSound() ? $measured : Measured::nothing();
    }

    /** @throws \Kalokroma\Paint\IllegalPaint when it was read no times */
    private static function reading(DocumentReader $in): Reading
    {
        return Reading::of(
            $in->choice('source', Source::class, Source::Typed),
            $in->whole('readings', 1, Reading::MOST, 1),
            $in->text('photo', self::LONGEST_ID, false),
        );
    }

    /** @return array<string, array<string, mixed>>|null null when nothing was measured */
    public static function write(Measured $measured): ?array
    {
        $fields = [];
        if ($measured->film !== null) {
            $film = $measured->film;
            $fields['film'] = [
                'overBlack' => self::numbers($film->overBlack), 'overWhite' => self::numbers($film->overWhite),
                'black' => self::numbers($film->black), 'white' => self::numbers($film->white), ...self::by($measured->filmBy),
            ];
        }
        if ($measured->colour !== null) {
            $fields['colour'] = ['lab' => self::numbers($measured->colour), ...self::by($measured->colourBy)];
        }
        if ($measured->strength !== null) {
            $fields['strength'] = ['opacity' => round($measured->strength->share, 6), ...self::by($measured->strengthBy)];
        }

        return $fields === [] ? null : $fields;
    }

    /** @return array<string, mixed> */
    private static function by(?Reading $by): array
    {
        return $by === null
            ? []
            : ['source' => $by->source->value, 'readings' => $by->count, ...($by->photo === '' ? [] : ['photo' => $by->photo])];
    }

    /** @throws \Kalokroma\Colour\IllegalColour when no surface could have it */
    private static function lab(DocumentReader $in, string $field): Lab
    {
        return Lab::measured(...$in->numbers($field, 3));
    }

    private static function optional(DocumentReader $in, string $field): ?Lab
    {
        return $in->has($field) ? self::lab($in, $field) : null;
    }

    /** @return array{float, float, float} to a thousandth of a step, which no device reads */
    private static function numbers(Lab $lab): array
    {
        return [round($lab->lightness, 3), round($lab->a, 3), round($lab->b, 3)];
    }
}
