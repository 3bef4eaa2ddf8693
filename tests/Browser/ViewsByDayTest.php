<?php

declare(strict_types=1);

namespace Tests\Browser;

final class ViewsByDayTest extends ViewsTestCase
{
    protected static function light(): string
    {
        return 'day';
    }
}
