<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\Technique;
use Kalokroma\Recipe\Edit\AddArea;
use Kalokroma\Recipe\Edit\AddStep;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\PaintStep;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Recipe\Plan;

/**
 * Turns an edit as it is sent into one: `do` says which, the other fields what of.
 */
final readonly class EditReader
{
    private const LONGEST_ID = 40;

    /**
     * @param array<mixed> $fields
     *
     * @throws Faulty with every fault and its field
     */
    public static function read(array $fields, PaintSource $paints): Edit
    {
        $in = DocumentReader::of($fields);
        $edit = match ($in->text('do', 20)) {
            'add-area' => new AddArea($in->text('id', self::LONGEST_ID), $in->text('name', Plan::LONGEST_NAME)),
            'add-step' => new AddStep($in->text('id', self::LONGEST_ID), $in->text('area', self::LONGEST_ID)),
            'paint-step' => new PaintStep($in->text('step', self::LONGEST_ID), PlanReader::mixOf($in, $paints)),
            'swap-technique' => new SwapTechnique($in->text('step', self::LONGEST_ID), $in->choice('technique', Technique::class)),
            default => null,
        };
        if ($edit === null) {
            $in->fault('do', 'Say what to do: add-area, add-step, paint-step or swap-technique.');
        }
        $in->mustBeSound();

        return $edit ?? throw Faulty::field('do', 'Say what to do.');
    }
}
