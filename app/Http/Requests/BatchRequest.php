<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Batch;
use Illuminate\Foundation\Http\FormRequest;

final class BatchRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...(
                $this->isMethod('POST')
                    ? ($this->routeIs('batches.repeat') ? [] : ['planId' => ['required', 'string', 'max:40']])
                    : ['version' => ['required', 'integer']]
            ),
            'name' => ['required', 'string', new PlainTextRule(120)],
            'models' => ['required', 'integer', 'between:1,'.Batch::MOST_MODELS],
            'squad' => ['nullable', 'array', 'list', 'max:'.Batch::MOST_MODELS],
            'startsOn' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:1950-01-01', 'before:2200-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This may not be empty.', 'models.between' => 'A batch has 1 to '.Batch::MOST_MODELS.' models. Split a larger one.'];
    }
}
