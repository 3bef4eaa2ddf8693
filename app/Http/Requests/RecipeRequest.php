<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Writing\School;

/** A recipe that is asked for. */
final class RecipeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'target' => ['required', 'array'],
            'target.colour' => ['nullable', 'string', 'max:40', 'required_without:target.paint'],
            'target.paint' => ['nullable', 'string', 'max:40'],
            'school' => ['nullable', 'string', Rule::enum(School::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'target.colour.required_without' => 'Say which colour it shall have: pick one, or choose a paint.',
            'school' => 'Choose one of the ways that are offered.',
        ];
    }

    /** @return array{target: array{colour?: string|null, paint?: string|null}, school?: string|null} */
    public function wish(): array
    {
        /** @var array{target: array{colour?: string|null, paint?: string|null}, school?: string|null} */
        return $this->validated();
    }
}
