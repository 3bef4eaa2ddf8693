<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Craft\Nature;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;

/**
 * Passes that have to follow each other on one model before the next is begun: grit goes into wet paste, a coat over chipping fluid is
 * chipped within the hour.
 */
final readonly class Carried
{
    /** A coat over chipping fluid is chipped within so many minutes. */
    public const CHIP_WITHIN = 60;

    /** @param array<string, string> $into by the step before, the one that goes into it, by id */
    private function __construct(private array $into) {}

    /** @param Job $job of which what is begun unevenly is no longer carried through */
    public static function of(Rehearsal $rehearsal, Job $job): self
    {
        $into = [];
        $passes = $rehearsal->order()->passes;
        foreach ($passes as $pass) {
            $before = self::before($passes, $pass);
            if ($before !== null && self::goInto($before, $pass, $passes) && self::areBegunAlike($before, $pass, $job)) {
                $into[$before->step->id] = $pass->step->id;
            }
        }

        return new self($into);
    }

    /** The step that is carried through right after this one. */
    public function after(string $stepId): ?string
    {
        return $this->into[$stepId] ?? null;
    }

    public function isInto(string $stepId): bool
    {
        return in_array($stepId, $this->into, true);
    }

    /** The last coat of the one and all of the other are left on the same models. */
    private static function areBegunAlike(Pass $before, Pass $pass, Job $job): bool
    {
        $left = $job->left($before->step->id, $before->step->coats);

        return $left === $job->left($pass->step->id, 1) && $left === $job->left($pass->step->id, $pass->step->coats);
    }

    /** @param list<Pass> $passes */
    private static function before(array $passes, Pass $pass): ?Pass
    {
        $before = null;
        foreach ($passes as $one) {
            if ($one === $pass) {
                return $before;
            }
            if ($one->area === $pass->area || $one->area === null) {
                $before = $one->area === $pass->area && ! $one->isUndercoat ? $one : null;
            }
        }

        return null;
    }

    /** @param list<Pass> $passes */
    private static function goInto(Pass $first, Pass $then, array $passes): bool
    {
        if ($then->step->technique->does(Nature::SitsInWetPaste)) {
            return $first->step->technique->does(Nature::HoldsGrit);
        }
        // Chips dabbed on with a sponge are paint like other; what is scratched wants the coat soft.
        return $then->step->technique->does(Nature::Chips)
            && (
                $then->step->mix === null
                || array_any(
                    $passes,
                    static fn(Pass $one): bool => $one->number < $first->number && ($one->area === $then->area || $one->area === null)
                        && $one->step->technique->does(Nature::LaysChippingFluid),
                )
            );
    }
}
