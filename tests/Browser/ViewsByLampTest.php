<?php

declare(strict_types=1);

namespace Tests\Browser;

final class ViewsByLampTest extends ViewsTestCase
{
    protected static function light(): string
    {
        return 'lamp';
    }
}
