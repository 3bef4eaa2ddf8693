<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\CraftBook;

/** What is different between two states of one plan document, in a few words: what an undo takes back. */
final class DocumentChange
{
    private const OF_A_STEP = [
        'mix' => 'the paint', 'second' => 'the second colour', 'coats' => 'the coats', 'dilution' => 'the thinning', 'brush' => 'the brush',
        'place' => 'where it goes', 'note' => 'the note', 'waitMinutes' => 'the wait', 'load' => 'the load', 'side' => 'the side',
        'heads' => 'the places',
    ];

    private const OF_AN_AREA = [
        'name' => 'the name', 'texture' => 'the texture', 'size' => 'the share', 'importance' => 'the importance',
        'material' => 'what it is made of', 'touches' => 'the neighbours',
        'liesUnder' => 'the neighbours', 'behind' => 'the places hard to reach', 'part' => 'the part', 'aim' => 'the colour it shall have',
        'variants' => 'the variants', 'recipe' => 'the shared recipe', 'roles' => 'who has it',
    ];

    private const OF_THE_PLAN = [
        'name' => 'the name of the plan', 'model' => 'the model', 'undercoat' => 'the undercoat', 'order' => 'the running order',
        'locked' => 'what is locked', 'stops' => 'where it may rest',
        'silenced' => 'what is left unsaid', 'parts' => 'the loose parts', 'roles' => 'the roles', 'way' => 'the way through',
    ];

    /**
     * @param array<mixed> $before
     * @param array<mixed> $after
     *
     * @return string "the coats of Highlight, Oilskin coat", "Boots taken out"; empty when nothing is different
     */
    public static function words(array $before, array $after): string
    {
        $told = [
            ...self::areas(self::byId($before['areas'] ?? []), self::byId($after['areas'] ?? [])),
            ...self::steps(self::byId($before['wholeModel'] ?? []), self::byId($after['wholeModel'] ?? []), 'the whole model'),
        ];
        foreach (self::OF_THE_PLAN as $field => $words) {
            if (($before[$field] ?? null) !== ($after[$field] ?? null)) {
                $told[] = $words;
            }
        }
        $told = array_values(array_unique($told));

        return match (true) {
            $told === [] => $before === $after ? '' : 'a change of the plan',
            count($told) > 2 => sprintf('%s and %d more', $told[0], count($told) - 1),
            default => implode(' and ', $told),
        };
    }

    /**
     * @param array<string, array<mixed>> $before
     * @param array<string, array<mixed>> $after
     *
     * @return list<string>
     */
    private static function areas(array $before, array $after): array
    {
        $told = [];
        foreach (array_diff_key($after, $before) as $area) {
            $told[] = self::name($area).' added';
        }
        foreach (array_diff_key($before, $after) as $area) {
            $told[] = self::name($area).' taken out';
        }
        foreach (array_intersect_key($after, $before) as $id => $area) {
            foreach (self::OF_AN_AREA as $field => $words) {
                if (($before[$id][$field] ?? null) !== ($area[$field] ?? null)) {
                    $told[] = "$words of ".self::name($before[$id]);
                }
            }
            array_push($told, ...self::steps(self::byId($before[$id]['steps'] ?? []), self::byId($area['steps'] ?? []), self::name($area)));
        }
        if ($told === [] && array_keys($before) !== array_keys($after)) {
            $told[] = 'the order of the areas';
        }

        return $told;
    }

    /**
     * @param array<string, array<mixed>> $before
     * @param array<string, array<mixed>> $after
     *
     * @return list<string>
     */
    private static function steps(array $before, array $after, string $where): array
    {
        $told = [];
        foreach (array_diff_key($after, $before) as $step) {
            $told[] = self::technique($step)." added to $where";
        }
        foreach (array_diff_key($before, $after) as $step) {
            $told[] = self::technique($step)." taken out of $where";
        }
        // Other ids throughout: a recipe came in the place of another.
        if ($before !== [] && $after !== [] && array_intersect_key($before, $after) === []) {
            return ["the recipe of $where"];
        }
        foreach (array_intersect_key($after, $before) as $id => $step) {
            if (($before[$id]['technique'] ?? null) !== ($step['technique'] ?? null)) {
                $told[] = self::technique($step).' in the place of '.self::technique($before[$id]).", $where";
                continue;
            }
            foreach (self::OF_A_STEP as $field => $words) {
                if (($before[$id][$field] ?? null) !== ($step[$field] ?? null)) {
                    $told[] = "$words of ".self::technique($before[$id]).", $where";
                    break;
                }
            }
        }
        if ($told === [] && $before !== $after) {
            $told[] = array_keys($before) === array_keys($after) ? "a step of $where" : "the order of the steps of $where";
        }

        return $told;
    }

    /** @param array<mixed> $area */
    private static function name(array $area): string
    {
        return is_string($area['name'] ?? null) ? $area['name'] : 'an area';
    }

    /** @param array<mixed> $step */
    private static function technique(array $step): string
    {
        $id = $step['technique'] ?? null;

        return is_string($id) ? CraftBook::standard()->technique($id)->label ?? $id : 'a step';
    }

    /** @return array<string, array<mixed>> */
    private static function byId(mixed $list): array
    {
        $byId = [];
        foreach (is_array($list) ? $list : [] as $one) {
            if (is_array($one) && is_string($one['id'] ?? null)) {
                $byId[$one['id']] = $one;
            }
        }

        return $byId;
    }
}
