<?php

declare(strict_types=1);

namespace Kalokroma\Review;

enum Severity: string
{
    case StopsTheJob = 'stops-the-job';
    case CostsTime = 'costs-time';
    case Taste = 'taste';
}
