<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Planning\Pass;

/** What one pass takes, mixed once for all its models and coats. */
final readonly class PassAmount
{
    /** @param list<Mixture> $mixtures one for each colour that stands on the palette; none where nothing is poured */
    public function __construct(
        public Pass $pass,
        public array $mixtures,
        public ?Sprayed $sprayed = null,
    ) {}

    /** @return list<Pour> every pot once */
    public function pours(): array
    {
        $pours = [];
        foreach ($this->mixtures as $mixture) {
            foreach ($mixture->pours as $pour) {
                $pours[$pour->key()] = isset($pours[$pour->key()]) ? $pours[$pour->key()]->and($pour) : $pour;
            }
        }

        return array_values($pours);
    }
}
