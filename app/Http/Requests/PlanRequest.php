<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Carries a plan document; what is in it is judged by the core, which knows plans. */
final class PlanRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
        ];
    }

    /** @return array<mixed> */
    public function document(): array
    {
        return SentAsItIs::in($this, 'document') ?? [];
    }
}
