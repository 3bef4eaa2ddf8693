<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Matching\Buying;

final class ListRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'text' => [$this->isMethod('POST') ? 'required' : 'nullable', 'string', 'max:30000'],
            'tolerance' => ['nullable', new ToleranceRule],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'The list is empty. Write one paint a line: a name, a code, or a colour such as #7a5230.'];
    }

    public function tolerance(): float
    {
        return $this->float('tolerance', Buying::USUAL_TOLERANCE);
    }
}
