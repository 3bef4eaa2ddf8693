<?php

declare(strict_types=1);

namespace Kalokroma\Review;

enum Severity: string
{
    case StopsTheJob = 'stops-the-job';
    case CostsTime = 'costs-time';
    /** Many do it and it works; this is what may happen. */
    case Risk = 'risk';
    case Taste = 'taste';

    public function label(): string
    {
        return match ($this) {
            self::StopsTheJob => 'stops the job',
            self::CostsTime => 'costs time',
            self::Risk => 'a risk',
            self::Taste => 'a matter of taste',
        };
    }

    /** 0 is the worst. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
