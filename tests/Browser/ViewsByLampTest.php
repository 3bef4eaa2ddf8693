<?php

declare(strict_types=1);

namespace Tests\Browser;

/** By lamp the same views stand in other colours: it is those that are looked at, all else is looked at by day. */
final class ViewsByLampTest extends ViewsTestCase
{
    protected static function light(): string
    {
        return 'lamp';
    }

    protected static function rules(): array
    {
        return ['type' => 'rule', 'values' => ['color-contrast', 'link-in-text-block']];
    }
}
