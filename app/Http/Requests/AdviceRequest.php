<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class AdviceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'plan' => ['nullable', 'string', 'max:40'],
            'text' => ['nullable', 'string', 'max:30000'],
            'tolerance' => ['nullable', new ToleranceRule],
            'budget' => ['nullable', 'integer:strict', 'between:0,100000000'],
            'inStockOnly' => ['nullable', 'boolean'],
            'shelfStandsIn' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['budget.between' => 'A budget cannot be negative.', 'budget.integer' => 'Write the budget as a whole number of minor units.'];
    }
}
