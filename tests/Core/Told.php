<?php

declare(strict_types=1);

namespace Tests\Core;

use BackedEnum;
use DateTimeInterface;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Reflectance;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use ReflectionMethod;
use ReflectionNamedType;
use ReflectionObject;
use ReflectionProperty;
use Throwable;
use UnitEnum;

/** What a value of the core says of itself: its fields, and the answers to whatever can be asked of it without a word. */
final class Told
{
    /** Digits that count. */
    private const DIGITS = 5;

    /** From here on a list of numbers is told by what it adds up to. */
    private const LONG = 12;

    /** Of more things than these the first are told, and of all the sum that no other list has. */
    private const MANY = 40;

    public static function of(mixed $value, int $deep = 3): mixed
    {
        return match (true) {
            is_float($value) => self::number($value),
            is_array($value) => self::list($value, $deep),
            $value instanceof BackedEnum => $value->value,
            $value instanceof UnitEnum => $value->name,
            $value instanceof DateTimeInterface => $value->format('Y-m-d H:i'),
            $value instanceof Lab => sprintf('%.2f %.2f %.2f', $value->lightness, $value->a, $value->b),
            $value instanceof Reflectance => self::list($value->bands, $deep),
            $value instanceof Optics => [self::list($value->absorption, $deep), self::list($value->scattering, $deep)],
            $value instanceof Paint => $value->name,
            $value instanceof Plan, $value instanceof Area => $value->name,
            $value instanceof Step => $value->id,
            $value instanceof \Closure => null,
            is_object($value) => $deep <= 0 ? (new ReflectionObject($value))->getShortName() : self::thing($value, $deep - 1),
            default => $value,
        };
    }

    /** What is answered, or what is thrown. */
    public static function answer(callable $question, int $deep = 3): mixed
    {
        try {
            return self::of($question(), $deep);
        } catch (Throwable $thrown) {
            return (new ReflectionObject($thrown))->getShortName().': '.$thrown->getMessage();
        }
    }

    private static function number(float $value): float|string
    {
        return is_finite($value) ? (float) sprintf('%.'.self::DIGITS.'g', abs($value) < 1e-9 ? 0.0 : $value) : (string) $value;
    }

    /** @param array<mixed> $list */
    private static function list(array $list, int $deep): mixed
    {
        if (count($list) > self::LONG && array_filter($list, is_numeric(...)) === $list) {
            $weighed = 0.0;
            foreach (array_values($list) as $at => $one) {
                $weighed += ($at + 1) * (float) $one;
            }

            return count($list).' numbers: '.self::number(array_sum($list)).', weighed '.self::number($weighed / count($list));
        }

        $told = array_map(static fn(mixed $one): mixed => self::of($one, $deep), $list);

        return count($told) <= self::MANY
            ? $told
            : [...array_slice($told, 0, 4), sprintf('%d more, %s', count($told) - 4, hash('crc32b', (string) json_encode($told)))];
    }

    /** @return array<string, mixed> */
    private static function thing(object $thing, int $deep): array
    {
        $told = [];
        $class = new ReflectionObject($thing);
        foreach ($class->getProperties(ReflectionProperty::IS_PUBLIC) as $field) {
            if (! $field->isStatic() && $field->isInitialized($thing)) {
                $told[$field->getName()] = self::of($field->getValue($thing), $deep);
            }
        }
        foreach ($class->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            if (! $method->isStatic() && ! $method->isConstructor() && $method->getNumberOfRequiredParameters() === 0 && self::isPlain($method)) {
                $told[$method->getName().'()'] = self::answer(static fn(): mixed => $method->invoke($thing), $deep);
            }
        }

        return $told;
    }

    /** It answers with a word, a number, a colour, or a list of them. */
    private static function isPlain(ReflectionMethod $method): bool
    {
        $type = $method->getReturnType();
        if (! $type instanceof ReflectionNamedType) {
            return false;
        }

        return in_array($type->getName(), ['int', 'float', 'string', 'bool', 'array', Lab::class], true) || enum_exists($type->getName());
    }
}
