<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\Panels;

/** What opens within the views. A suite of its own, so that two browsers share the looking. */
final class PanelViewsTest extends ViewsTest
{
    protected static function names(): array
    {
        return Panels::names();
    }
}
