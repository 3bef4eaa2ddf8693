<?php

declare(strict_types=1);

namespace Kalokroma\Amounts;

use Kalokroma\Planning\Pass;

/** What one pass takes, mixed once for all its models and coats. */
final readonly class PassAmount
{
    /**
     * @param list<Mixture> $mixtures one for each colour that stands on the palette or in the cup; none where nothing is poured
     * @param list<Pour> $cans what comes out of a can
     */
    public function __construct(
        public Pass $pass,
        public array $mixtures,
        public ?Sprayed $sprayed = null,
        public array $cans = [],
    ) {}

    /** @return list<Pour> every pot once */
    public function pours(): array
    {
        return array_values(Pour::together([...$this->cans, ...array_merge(...array_column($this->mixtures, 'pours'))]));
    }
}
