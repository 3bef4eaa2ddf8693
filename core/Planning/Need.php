<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\Verdict;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;

/** One paint or mix of a plan, with every step that takes it. */
final readonly class Need
{
    /** @param list<array{where: string, step: Step}> $uses in the order of the plan */
    public function __construct(
        public Mix $mix,
        private bool $isUndercoat,
        public array $uses,
    ) {}

    public function alsoAt(Step $step, string $where): self
    {
        return new self($this->mix, $this->isUndercoat, [...$this->uses, ['where' => $where, 'step' => $step]]);
    }

    /** What is done with it there, in a word or two. */
    public function does(Step $step): string
    {
        return match (true) {
            ! $this->isUndercoat => $step->technique->label,
            $step->id === Undercoat::LIGHT_STEP => 'from above',
            default => 'all over',
        };
    }

    /** @param float $tolerance ΔE₀₀ up to which something counts as doing the job */
    public function on(Substitutes $shelf, float $tolerance): Verdict
    {
        $planned = max(array_map(static fn(array $use): float => $use['step']->dilution->strength(), $this->uses) ?: [1.0]);

        return Verdict::on($this->mix, $shelf, $tolerance, $this->isUndercoat ? 1 : MixLimits::MOST_PAINTS, $planned);
    }
}
