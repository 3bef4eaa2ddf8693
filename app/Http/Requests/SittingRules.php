<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** When one sits down and for how long, in a form. */
final class SittingRules
{
    public const MESSAGES = [
        '*.*.from.*' => 'Write the time as hours and minutes, for example 19:30.',
        '*.*.minutes.*' => 'A session has 5 minutes to 24 hours.',
        'sittings.present' => 'Say when you sit down, an empty list for not at all.',
    ];

    /** @return array<string, list<string>> */
    public static function under(string $list): array
    {
        return [
            "$list.*.from" => ['required', 'string', 'regex:/^([01]\d|2[0-3]):[0-5]\d$/D'],
            "$list.*.minutes" => ['required', 'integer:strict', 'between:5,1440'],
        ];
    }
}
