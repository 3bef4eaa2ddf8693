<?php

declare(strict_types=1);

namespace Kalokroma\Matching;

/** By what way a substitute stands in. */
enum Way: string
{
    case Paint = 'paint';
    case Mix = 'mix';
    case Weaker = 'weaker';
    case Stronger = 'stronger';
    case ThinnedPaint = 'thinned-paint';
}
