<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

/** How a dry film shines. */
enum Finish: string
{
    case Matt = 'matt';
    case Satin = 'satin';
    case Gloss = 'gloss';
}
