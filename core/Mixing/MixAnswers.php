<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Colour\Closeness;
use Kalokroma\Paint\Paint;

/** What the solver found: the best of one paint, of two, and of three. */
final readonly class MixAnswers
{
    /** A simpler mix is the better advice while it is this little farther off than the best … */
    private const WORTH_A_PAINT = 1.0;

    /**
     * @param list<Paint> $tried the paints that the limits allow
     * @param list<MixAnswer> $singles best first
     * @param list<MixAnswer> $pairs best first
     * @param list<MixAnswer> $triples best first
     */
    public function __construct(
        public MixTarget $target,
        public array $tried,
        public array $singles,
        public array $pairs,
        public array $triples,
    ) {}

    /** @return list<MixAnswer> by difference, then fewer paints, then fewer parts */
    public function ranked(): array
    {
        $all = [...$this->singles, ...$this->pairs, ...$this->triples];
        usort($all, static fn(MixAnswer $one, MixAnswer $other): int => $one->rank() <=> $other->rank());

        return $all;
    }

    public function best(): ?MixAnswer
    {
        return $this->ranked()[0] ?? null;
    }

    /** … or the eye sees it only side by side with the target. Null when nothing may be used. */
    public function advised(): ?MixAnswer
    {
        $best = $this->best();
        foreach ([$this->singles, $this->pairs, $this->triples] as $answers) {
            if (
                $best !== null
                && isset($answers[0])
                && $answers[0]->difference->number <= max($best->difference->number + self::WORTH_A_PAINT, Closeness::SideBySide->upTo())
            ) {
                return $answers[0];
            }
        }

        return $best;
    }
}
