<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

/** By what way a substitute stands in. */
enum Way: string
{
    case Paint = 'paint';
    case Mix = 'mix';
    case ThinnedPaint = 'thinned-paint';
    case ThinnedInk = 'thinned-ink';
}
