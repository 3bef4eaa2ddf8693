<?php

declare(strict_types=1);

namespace App\Support;

use DateTimeZone;
use Throwable;

/** Time zones by the names that devices give them. Browsers keep some names that the time zone database has replaced (its file `backward`). */
final class ZoneNames
{
    /** Names that browsers still say, and what they are called now. */
    private const OLD = [
        'Africa/Asmera' => 'Africa/Asmara',
        'America/Buenos_Aires' => 'America/Argentina/Buenos_Aires',
        'America/Catamarca' => 'America/Argentina/Catamarca',
        'America/Coral_Harbour' => 'America/Atikokan',
        'America/Cordoba' => 'America/Argentina/Cordoba',
        'America/Godthab' => 'America/Nuuk',
        'America/Indianapolis' => 'America/Indiana/Indianapolis',
        'America/Jujuy' => 'America/Argentina/Jujuy',
        'America/Louisville' => 'America/Kentucky/Louisville',
        'America/Mendoza' => 'America/Argentina/Mendoza',
        'Asia/Calcutta' => 'Asia/Kolkata',
        'Asia/Katmandu' => 'Asia/Kathmandu',
        'Asia/Rangoon' => 'Asia/Yangon',
        'Asia/Saigon' => 'Asia/Ho_Chi_Minh',
        'Atlantic/Faeroe' => 'Atlantic/Faroe',
        'Europe/Kiev' => 'Europe/Kyiv',
        'Pacific/Enderbury' => 'Pacific/Kanton',
        'Pacific/Ponape' => 'Pacific/Pohnpei',
        'Pacific/Truk' => 'Pacific/Chuuk',
    ];

    /** The zone's present name; null when there is no such zone. */
    public static function present(string $name): ?string
    {
        $name = self::OLD[$name] ?? $name;

        return in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true) ? $name : null;
    }

    /** Whatever was kept: a zone that is not known here (any more) counts as none. */
    public static function zone(mixed $name): DateTimeZone
    {
        try {
            return new DateTimeZone(is_string($name) ? self::OLD[$name] ?? $name : 'UTC');
        } catch (Throwable) {
            return new DateTimeZone('UTC');
        }
    }
}
