<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is owned of a paint. */
final class PotRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pots' => ['required', 'integer', 'between:0,999'],
            'remainingMl' => ['present', 'nullable', 'numeric', 'between:0,50000'],
            'note' => ['present', 'nullable', 'string', new PlainTextRule(500)],
            'wished' => ['required', 'boolean'],
            'version' => ['required', 'integer'],
        ];
    }
}
