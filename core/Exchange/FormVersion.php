<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

/** Which version of the form a plan document needs: whoever knows an older one can read all that says nothing new. */
final class FormVersion
{
    public const NEWEST = 3;

    private const USUAL = 2;

    /** Fields that came with version 3, by where they stand, and values that did. */
    private const NEW_IN_AREAS = ['roles', 'height', 'facing', 'aim', 'wish'];

    private const NEW_IN_STEPS = ['roles', 'within'];

    private const NEW_IN_PARTS = ['undercoat'];

    private const NEW_IN_VARIANTS = ['undercoat', 'roles'];

    private const NEW_VALUES = ['load' => ['dusting', 'heavy'], 'place' => ['lower-half', 'tips', 'roots', 'centre']];

    /** @param array<mixed> $document a plan's */
    public static function of(array $document): int
    {
        $isNew = self::says($document, ['roles'])
            || self::any($document, 'parts', static fn(array $part): bool => self::says($part, self::NEW_IN_PARTS))
            || self::any($document, 'wholeModel', self::isNewStep(...))
            || self::any($document, 'areas', static fn(array $area): bool => self::says($area, self::NEW_IN_AREAS)
                || self::any($area, 'steps', self::isNewStep(...))
                || self::any(
                    $area,
                    'variants',
                    static fn(array $variant): bool => self::says($variant, self::NEW_IN_VARIANTS)
                        || self::any($variant, 'steps', self::isNewStep(...)),
                ));

        return $isNew ? self::NEWEST : self::USUAL;
    }

    /** @param array<mixed> $step */
    private static function isNewStep(array $step): bool
    {
        foreach (self::NEW_VALUES as $field => $values) {
            if (in_array($step[$field] ?? null, $values, true)) {
                return true;
            }
        }

        return self::says($step, self::NEW_IN_STEPS);
    }

    /**
     * @param array<mixed> $piece
     * @param list<string> $fields
     */
    private static function says(array $piece, array $fields): bool
    {
        return array_any($fields, static fn(string $field): bool => ! in_array($piece[$field] ?? null, [null, []], true));
    }

    /**
     * @param array<mixed> $of
     * @param callable(array<mixed>): bool $is
     */
    private static function any(array $of, string $field, callable $is): bool
    {
        return array_any(is_array($of[$field] ?? null) ? $of[$field] : [], static fn(mixed $piece): bool => is_array($piece) && $is($piece));
    }
}
