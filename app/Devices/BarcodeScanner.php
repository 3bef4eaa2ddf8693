<?php

declare(strict_types=1);

namespace App\Devices;

use App\Support\Refused;

/** Reads the code on a pot. */
interface BarcodeScanner
{
    /** @throws Refused when there is nothing to read */
    public function scan(): string;
}
