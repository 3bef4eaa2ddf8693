<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;

/**
 * What does the job of a fluid without colour. A medium is a medium, whether it dries slow, matt or glossy; what only thins is done by
 * water; satin lies between matt and gloss.
 */
final readonly class ClearStandIn
{
    /** Mediums that only make paint run are told by their name. */
    private const THINS = '/\b(thinner|thinners|reducer|flow)\b/i';

    /** @param list<Paint> $paints owned; none where water does */
    private function __construct(
        public array $paints,
        public string $words,
    ) {}

    /**
     * @param list<Paint> $owned
     *
     * @return self|null null when nothing on the shelf does its job
     */
    public static function for(Paint $wanted, array $owned): ?self
    {
        $same = array_values(array_filter($owned, static fn(Paint $one): bool => $one->isClear() && Compatibility::mayReplace($wanted, $one)));
        // Of mediums the one of the same finish first.
        usort($same, static fn(Paint $one, Paint $other): int => ($other->finish === $wanted->finish) <=> ($one->finish === $wanted->finish));
        if ($same !== []) {
            return new self($same, $same[0]->name);
        }
        if (self::isThinner($wanted)) {
            return new self([], 'water');
        }
        $halves = $wanted->kind === Kind::Varnish && $wanted->finish === Finish::Satin ? self::mattAndGloss($owned) : [];

        return $halves === [] ? null : new self($halves, "{$halves[0]->name} and {$halves[1]->name}, 1 : 1");
    }

    public static function isThinner(Paint $paint): bool
    {
        return $paint->kind === Kind::Medium && preg_match(self::THINS, $paint->name) === 1;
    }

    /**
     * @param list<Paint> $owned
     *
     * @return list<Paint> one of each, or none
     */
    private static function mattAndGloss(array $owned): array
    {
        $of = static fn(Finish $finish): array => array_slice(
            array_filter($owned, static fn(Paint $one): bool => $one->kind === Kind::Varnish && $one->finish === $finish),
            0,
            1,
        );
        [$matt, $gloss] = [$of(Finish::Matt), $of(Finish::Gloss)];

        return $matt === [] || $gloss === [] ? [] : [...$matt, ...$gloss];
    }
}
