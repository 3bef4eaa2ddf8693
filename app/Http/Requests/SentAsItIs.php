<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;

/** Trimming or emptying texts on the way in is for forms, not for documents: they are taken as they were sent. */
final class SentAsItIs
{
    /** @return array<mixed>|null null when there is none */
    public static function in(Request $request, string $field): ?array
    {
        $sent = json_decode($request->getContent(), true);
        $part = is_array($sent) ? $sent[$field] ?? null : null;

        return is_array($part) ? $part : null;
    }
}
