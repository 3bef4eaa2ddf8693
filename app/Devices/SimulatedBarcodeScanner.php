<?php

declare(strict_types=1);

namespace App\Devices;

use App\Models\DeviceState;
use App\Support\Refused;

/** A scanner that exists only here. One holds a pot before it. */
final class SimulatedBarcodeScanner implements BarcodeScanner
{
    private const NAME = 'barcode-scanner';

    public function hold(string $barcode): void
    {
        DeviceState::query()->updateOrCreate(['device' => self::NAME], ['state' => ['barcode' => $barcode]]);
    }

    public function scan(): string
    {
        $barcode = DeviceState::query()->find(self::NAME)->state['barcode'] ?? '';

        return is_string($barcode) && $barcode !== ''
            ? $barcode
            : throw Refused::at('scanner', 'The scanner sees no code. Hold a pot before it, with its label to the front.');
    }
}
