<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What a paint is let down with. All are clear; they differ in how evenly the paint dries. */
enum Thinner: string
{
    case Water = 'water';
    case Medium = 'medium';
    case Thinner = 'thinner';
}
