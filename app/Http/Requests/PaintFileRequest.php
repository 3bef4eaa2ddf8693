<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class PaintFileRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return $this->query->all();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(['catalogue', 'shelf', 'palette'])],
            'preview' => ['nullable', 'boolean'],
        ];
    }

    public function what(): string
    {
        return is_string($this->query('what')) ? $this->query('what') : '';
    }
}
