<?php

declare(strict_types=1);

namespace Kalokroma\Recipe;

use Kalokroma\Craft\Technique;
use Kalokroma\Illegal;
use Kalokroma\Paint\Paint;

/** A plan that cannot be: names the field at fault, dotted as in the plan document. */
final class IllegalPlan extends Illegal
{
    public static function at(string $field, string $message): self
    {
        return new self($message, $field);
    }

    public static function coats(string $field, int $given): self
    {
        return new self(sprintf('A step takes 1 to %d coats, not %d.', Step::MOST_COATS, $given), $field);
    }

    public static function touchesItself(string $field, string $name): self
    {
        return new self(sprintf('"%s" cannot touch itself. Take it off its own list of neighbours.', $name), $field);
    }

    public static function liesUnderItself(string $field, string $name): self
    {
        return new self(sprintf('"%s" would lie under itself. Take one of the areas in that circle off its list.', $name), $field);
    }

    /** @param list<string> $names each lies under the next, the last under the first */
    public static function circle(string $field, array $names): self
    {
        return new self(sprintf(
            '%s: these lie under each other in a circle. Take one of them off the list of what lies over it.',
            implode(' under ', array_map(static fn(string $name): string => "\"$name\"", [...$names, ...array_slice($names, 0, 1)])),
        ), $field);
    }

    public static function unknownArea(string $field): self
    {
        return new self('This area is not in the plan. Choose one that is, or add it first.', $field);
    }

    public static function unknownStep(string $field): self
    {
        return new self('This step is not in the plan any more. Choose one that is.', $field);
    }

    public static function unknownVariant(string $field): self
    {
        return new self('This variant is not there any more. Choose one that is.', $field);
    }

    public static function twice(string $field, string $what): self
    {
        return new self(sprintf('Two %s have the same id. Give each its own.', $what), $field);
    }

    public static function heightMm(int $given): self
    {
        return new self(
            sprintf('A model is %d to %d mm high, not %d.', ModelKind::LEAST_HEIGHT_MM, ModelKind::MOST_HEIGHT_MM, $given),
            'model.heightMm',
        );
    }

    public static function name(string $field, int $most): self
    {
        return new self(sprintf('Give it a name of 1 to %d characters.', $most), $field);
    }

    public static function notPrimer(string $field, string $name, string $kind): self
    {
        return new self(sprintf('"%s" (%s) cannot be an undercoat. Choose a primer, or other paint that has colour.', $name, $kind), $field);
    }

    public static function behindItself(string $field, string $name): self
    {
        return new self(sprintf('"%s" cannot be behind itself. Take it off its own list.', $name), $field);
    }

    public static function wrongPaint(string $field, Technique $technique, Paint $paint): self
    {
        return new self(
            sprintf(
                '"%s" is %s, and %s takes %s. Choose another pot, or another technique.',
                $paint->name,
                $paint->kind->label(),
                mb_strtolower($technique->label),
                $technique->takes->words(),
            ),
            $field,
        );
    }

    public static function unknownPart(string $field): self
    {
        return new self('This loose part is not in the plan. Choose one that is, or add it first.', $field);
    }

    public static function notWithin(string $field): self
    {
        return new self('The step within whose mark this lies is not in the recipe. Name one that is, or none.', $field);
    }

    public static function outOfRecipe(string $field, string $area, Step $first, Step $second): self
    {
        // An id that somebody gave says which step; one that was drawn by lot says nothing.
        $name = static fn(Step $step): string => sprintf('"%s"', $step->technique->label).(strlen($step->id) < 26 ? " ($step->id)" : '');

        return new self(
            sprintf(
                'The recipe of "%s" has %s before %s: the running order cannot turn them round. Change the recipe, or put them back.',
                $area,
                $name($first),
                $name($second),
            ),
            $field,
        );
    }

    public static function noSuch(string $field, string $what, string $id): self
    {
        return new self(
            sprintf('No %s of this plan has the id "%s". Use one that is in it.', $what, mb_strimwidth(mb_scrub($id), 0, 40, '…')),
            $field,
        );
    }

    public static function listedTwice(string $field, string $id): self
    {
        return new self(sprintf('The step "%s" stands here twice. Name it once.', mb_strimwidth(mb_scrub($id), 0, 40, '…')), $field);
    }
}
