<?php

declare(strict_types=1);

namespace Kalokroma\Schedule;

use Kalokroma\Planning\Law;
use Kalokroma\Planning\Laws;
use Kalokroma\Planning\Order;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Tasks;
use Kalokroma\Recipe\Plan;

/**
 * What ties areas together, so that they cannot change places in time: what laws and preferences want and the running order keeps, and what
 * the painter has locked. All of it holds on each model, and none of it is a matter of drying.
 */
final readonly class Ties
{
    /** @param list<array{string, string}> $pairs step ids, the first before the second */
    private function __construct(public array $pairs) {}

    public static function of(Plan $plan, Order $order): self
    {
        $tasks = Tasks::of($plan);
        $pairs = self::locked($plan, $order);
        foreach ([...Laws::hard(), ...Laws::preferences()] as $law) {
            array_push($pairs, ...self::kept($law, $tasks, $order));
        }

        return new self(array_values(array_unique($pairs, SORT_REGULAR)));
    }

    /** @return list<array{string, string}> between two areas, as far as the order keeps it */
    private static function kept(Law $law, Tasks $tasks, Order $order): array
    {
        $pairs = [];
        foreach ($law->among($tasks) as $precedence) {
            [$first, $then] = [$precedence->first, $precedence->then];
            $isTie = $first->area !== null && $then->area !== null && $first->area !== $then->area;
            if ($isTie && $order->place($first->id()) < $order->place($then->id())) {
                $pairs[] = [$first->id(), $then->id()];
            }
        }

        return $pairs;
    }

    /** @return list<array{string, string}> what stands before a locked step in each other area, and what after it */
    private static function locked(Plan $plan, Order $order): array
    {
        $pairs = [];
        foreach ($plan->running->locked as $id) {
            $locked = $order->pass($id);
            if ($locked === null) {
                continue;
            }
            foreach ($plan->areas as $area) {
                $others = array_filter($order->passes, static fn(Pass $pass): bool => $pass->area === $area && $locked->area !== $area);
                $before = array_filter($others, static fn(Pass $pass): bool => $pass->number < $locked->number);
                $after = array_diff_key($others, $before);
                if ($before !== []) {
                    $pairs[] = [$before[array_key_last($before)]->step->id, $id];
                }
                if ($after !== []) {
                    $pairs[] = [$id, $after[array_key_first($after)]->step->id];
                }
            }
        }

        return $pairs;
    }
}
