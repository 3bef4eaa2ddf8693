<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A change that says which state it was made on. */
final class VersionRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['version' => ['required', 'integer:strict']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['version.required' => 'Say which version this is about: the one you have before you.'];
    }

    public function version(): int
    {
        return $this->integer('version');
    }
}
