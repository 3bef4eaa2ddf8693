<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Batch;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Step;

/** What was really done. What is left out of `used` was done as planned. */
final class LogEntryRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            ...($this->isMethod('PUT')
                ? ['version' => ['required', 'integer:strict']]
                : [
                    'id' => ['required', 'string', 'ulid'],
                    'stepId' => ['required', 'string', 'max:40'],
                    'coat' => ['nullable', 'integer:strict', 'between:1,'.Step::MOST_COATS],
                    'at' => ['nullable', 'string', 'date', 'max:40'],
                ]),
            'models' => [Rule::requiredIf(! is_array($this->input('on'))), 'integer:strict', 'between:1,'.Batch::MOST_MODELS],
            'on' => ['nullable', 'array', 'list', 'between:1,'.Batch::MOST_MODELS],
            'on.*' => ['integer:strict', 'distinct', 'between:1,'.Batch::MOST_MODELS],
            'minutes' => ['nullable', 'integer:strict', 'between:0,10000'],
            'note' => ['nullable', 'string', new PlainTextRule(500)],
            'brush' => ['nullable', 'string', 'max:40', Rule::exists('brushes', 'id')],
            'used' => ['nullable', 'array:mix,dilution,coats'],
            'used.mix' => ['nullable', 'array', 'list', 'between:0,'.Mix::MOST_PAINTS, function (string $field, mixed $mix, callable $fail): void {
                if (
                    is_array($mix)
                    && array_sum(array_map(
                        static fn(mixed $part): int => is_array($part) && is_numeric($part['parts'] ?? null) ? (int) $part['parts'] : 0,
                        $mix,
                    )) > Mix::MOST_PARTS
                ) {
                    $fail('A mix has at most '.Mix::MOST_PARTS.' parts in all.');
                }
            }],
            'used.mix.*' => ['array:paint,parts,name'],
            'used.mix.*.paint' => ['required', 'string', 'max:40'],
            'used.mix.*.parts' => ['required', 'integer:strict', 'between:1,'.Mix::MOST_PARTS],
            'used.dilution' => ['nullable', 'array:paint,thinner,with,paintId', 'required_array_keys:paint,thinner,with'],
            'used.dilution.paint' => ['integer:strict', 'between:1,'.Dilution::MOST_PARTS],
            'used.dilution.thinner' => ['integer:strict', 'between:0,'.Dilution::MOST_PARTS],
            'used.dilution.with' => [Rule::enum(Thinner::class)],
            'used.dilution.paintId' => ['nullable', 'string', 'max:40'],
            'used.coats' => ['nullable', 'integer:strict', 'between:1,'.Step::MOST_COATS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['brush.exists' => 'This brush is not known here any more. Choose another, or none.'];
    }
}
