<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** The half of an area that looks left or right. */
enum Flank: string
{
    case Left = 'left';
    case Right = 'right';
}
