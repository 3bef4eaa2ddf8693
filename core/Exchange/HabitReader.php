<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Step;

/** Reads and writes what a painter does otherwise than the tables say. */
final class HabitReader
{
    private const MESSY_TO_NEAT = 3;

    /**
     * @param array<mixed> $list of habits
     *
     * @return list<Habit>
     *
     * @throws Faulty with every fault and its dotted field
     */
    public static function all(array $list): array
    {
        $in = DocumentReader::of(['habits' => array_values($list)]);
        $habits = array_map(self::habit(...), $in->each('habits', 200));
        $in->mustBeSound();

        return $habits;
    }

    /**
     * @param array<mixed> $fields
     *
     * @throws Faulty with every fault and its field
     */
    public static function one(array $fields): Habit
    {
        $in = DocumentReader::of($fields);
        $habit = self::habit($in);
        $in->mustBeSound();

        return $habit;
    }

    /** @return array<string, mixed> */
    public static function write(Habit $habit): array
    {
        return array_filter([
            'technique' => $habit->technique,
            'coats' => $habit->coats,
            'paint' => $habit->paint,
            'thinner' => $habit->thinner,
            'with' => $habit->with?->value,
            'brush' => $habit->brush?->value,
            'neatness' => $habit->neatness,
            'minutes' => $habit->minutes,
            'dryMinutes' => $habit->dryMinutes,
        ], static fn(mixed $one): bool => $one !== null);
    }

    private static function habit(DocumentReader $in): Habit
    {
        $id = $in->text('technique', StepReader::LONGEST_ID);
        $known = array_column(CraftBook::standard()->techniques(), 'id');
        if ($id !== '' && ! in_array($id, $known, true)) {
            $in->fault('technique', PlainText::unknownWord($id, $known));
        }

        return new Habit(
            $id,
            $in->has('coats') ? $in->whole('coats', 1, Step::MOST_COATS) : null,
            $in->has('paint') ? $in->whole('paint', 1, Dilution::MOST_PARTS) : null,
            $in->has('thinner') ? $in->whole('thinner', 0, Dilution::MOST_PARTS) : null,
            $in->has('with') ? $in->choice('with', Thinner::class) : null,
            $in->has('brush') ? $in->choice('brush', Brush::class) : null,
            $in->has('neatness') ? $in->whole('neatness', 0, self::MESSY_TO_NEAT) : null,
            $in->has('minutes') ? $in->number('minutes', 0.1, Habit::MOST_MINUTES, 1.0) : null,
            $in->has('dryMinutes') ? $in->whole('dryMinutes', 0, Habit::MOST_DRY_MINUTES) : null,
        );
    }
}
