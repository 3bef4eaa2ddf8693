<?php

declare(strict_types=1);

namespace Kalokroma\Review;

use Kalokroma\Planning\Custom;
use Kalokroma\Planning\Precedence;
use Kalokroma\Planning\Task;
use Kalokroma\Recipe\Edit\MoveStep;

/** A rule that speaks where the order breaks a custom that the product itself orders by. */
abstract class OrderRule extends Rule
{
    public function __construct(
        string $id,
        private readonly Custom $custom,
    ) {
        parent::__construct($id);
    }

    public function check(Scene $scene): iterable
    {
        $byArea = [];
        foreach ($this->custom->among($scene->tasks()) as $precedence) {
            if (
                $scene->order()->place($precedence->first->id()) > $scene->order()->place($precedence->then->id())
                && ! $this->custom->excuses($precedence, $scene->tasks(), $scene->order())
            ) {
                $byArea[$precedence->first->area->id ?? ''][] = $precedence;
            }
        }
        foreach ($byArea as $broken) {
            yield from $this->findings($scene, $broken);
        }
    }

    /**
     * @param non-empty-list<Precedence> $broken of one area, or of the whole model
     *
     * @return iterable<Finding>
     */
    abstract protected function findings(Scene $scene, array $broken): iterable;

    /** What is said at the step that comes too late, with the move that mends it. */
    protected function tooLate(
        Scene $scene,
        Precedence $broken,
        Severity $severity,
        string $words,
        string $why,
        string $otherSchool,
        string $mend,
    ): Finding {
        return $this->found(
            $severity,
            $broken->first->area?->id,
            $broken->first->id(),
            $words,
            $why,
            $otherSchool,
            [$this->before($scene, $mend, $broken)],
        );
    }

    /** What comes too late goes before what it should come before. */
    protected function before(Scene $scene, string $label, Precedence $broken): Mend
    {
        return new Mend($label, new MoveStep($broken->first->id(), $broken->then->id(), true, $scene->order()->stepIds()));
    }

    /**
     * @param non-empty-list<Precedence> $broken
     *
     * @return non-empty-list<Precedence> of each step that comes too late the first that it should come before
     */
    protected static function onceEach(array $broken): array
    {
        $once = [];
        foreach ($broken as $one) {
            $once[$one->first->id()] ??= $one;
        }

        return array_values($once);
    }

    protected static function number(Scene $scene, Task $task): int
    {
        return $scene->order()->pass($task->id())->number ?? 0;
    }
}
