<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The views that show a figure, in a browser that draws it. Where there is no graphics card all else is slower in it. */
final class FigureViewsTest extends ViewsTest
{
    protected static function names(): array
    {
        return ['plan-figure'];
    }

    protected static function draws(): bool
    {
        return true;
    }
}
