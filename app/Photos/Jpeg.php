<?php

declare(strict_types=1);

namespace App\Photos;

/** Looks through the markers of a JPEG file (ITU-T T.81, annex B). The picture library takes half a file without a word and makes the rest grey. */
final class Jpeg
{
    private const SCAN = 0xDA;

    private const END = 0xD9;

    /** True when the picture goes on to its end; what cameras append behind it does not matter. */
    public static function isWhole(string $bytes): bool
    {
        $at = 2;
        $length = strlen($bytes);
        while ($at + 4 <= $length && $bytes[$at] === "\xFF") {
            $marker = ord($bytes[$at + 1]);
            if ($marker === 0xFF) {
                $at++;

                continue;
            }
            $at += 2 + ord($bytes[$at + 2]) * 256 + ord($bytes[$at + 3]);
            if ($marker === self::SCAN) {
                $at = self::nextMarker($bytes, $at);
                if ($at !== null && ord($bytes[$at + 1]) === self::END) {
                    return true;
                }
            }
            if ($at === null) {
                return false;
            }
        }

        return false;
    }

    /** Behind a scan: within it an FF is followed by 00, or is one of the eight restart marks. */
    private static function nextMarker(string $bytes, int $from): ?int
    {
        $at = strpos($bytes, "\xFF", max(0, min($from, strlen($bytes))));
        for (; $at !== false && $at + 1 < strlen($bytes); $at = strpos($bytes, "\xFF", $at + 1)) {
            $next = ord($bytes[$at + 1]);
            if ($next !== 0x00 && $next !== 0xFF && ($next < 0xD0 || $next > 0xD7)) {
                return $at;
            }
        }

        return null;
    }
}
