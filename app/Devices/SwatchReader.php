<?php

declare(strict_types=1);

namespace App\Devices;

use App\Support\Refused;

/** A small device that is set onto a dry swatch and reads its colour. */
interface SwatchReader
{
    /**
     * @return array{float, float, float} L*, a*, b* as the device gives them: not to be trusted before they are checked
     *
     * @throws Refused when the device cannot read now
     */
    public function read(): array;
}
