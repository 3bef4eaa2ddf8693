<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Asks for one page of a list; the first unless it says which. */
final class PageRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['page' => ['nullable', 'integer', 'min:1', 'max:100000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['page.*' => 'A page is a whole number, counted from 1.'];
    }
}
