<?php

declare(strict_types=1);

namespace App\Photos;

/**
 * How a camera was held, from the Exif data of a PNG (chunk eXIf) or WebP (chunk EXIF) picture; the picture library reads it of JPEG only.
 * Values as in Exif 2.32, tag 0x0112: 1 is upright.
 */
final class Orientation
{
    private const UPRIGHT = 1;

    private const TAG = 0x0112;

    private const PNG = "\x89PNG\r\n\x1a\n";

    public static function of(string $bytes): int
    {
        $exif = match (true) {
            str_starts_with($bytes, self::PNG) => self::chunk($bytes, strlen(self::PNG), 'eXIf', 'N', 12),
            str_starts_with($bytes, 'RIFF') && substr($bytes, 8, 4) === 'WEBP' => self::chunk($bytes, 12, 'EXIF', 'V', 8),
            default => null,
        };

        return $exif === null ? self::UPRIGHT : self::read(str_starts_with($exif, "Exif\0\0") ? substr($exif, 6) : $exif);
    }

    /**
     * @param 'N'|'V' $order of the bytes of a length
     * @param int $frame bytes around what a chunk holds
     */
    private static function chunk(string $bytes, int $from, string $name, string $order, int $frame): ?string
    {
        $isPng = $order === 'N';
        for ($at = $from; $at + 8 <= strlen($bytes);) {
            $head = unpack($isPng ? 'Nlength/a4name' : 'a4name/Vlength', substr($bytes, $at, 8)) ?: [];
            $length = (int) ($head['length'] ?? 0);
            if (($head['name'] ?? '') === $name) {
                return substr($bytes, $at + 8, $length);
            }
            // Chunks of a WebP file are filled up to an even length.
            $at += $frame + $length + ($isPng ? 0 : $length % 2);
        }

        return null;
    }

    /** @param string $tiff as Exif lays it out: the order of bytes, then where the first directory is */
    private static function read(string $tiff): int
    {
        $short = str_starts_with($tiff, 'II') ? 'v' : 'n';
        $long = str_starts_with($tiff, 'II') ? 'V' : 'N';
        $number = static function (string $format, int $at, int $length) use ($tiff): int {
            $bytes = substr($tiff, $at, $length);

            return strlen($bytes) === $length ? (int) ((unpack($format, $bytes) ?: [])[1] ?? 0) : 0;
        };
        $directory = $number($long, 4, 4);
        $entries = min(200, $directory < 8 ? 0 : $number($short, $directory, 2));
        for ($entry = 0; $entry < $entries; $entry++) {
            $at = $directory + 2 + 12 * $entry;
            if ($number($short, $at, 2) === self::TAG) {
                $value = $number($short, $at + 8, 2);

                return $value >= 1 && $value <= 8 ? $value : self::UPRIGHT;
            }
        }

        return self::UPRIGHT;
    }
}
