<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use Kalokroma\Matching\PotList;
use Kalokroma\Paint\Kind;

/** Pots as they were settled upon after their names had been looked through. */
final class NamedPotsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pots' => ['required', 'array', 'list', 'max:'.PotList::MOST_LINES],
            'pots.*' => ['array:paint,name,kind,swatch,pots'],
            'pots.*.paint' => ['nullable', 'string', 'max:40'],
            'pots.*.name' => ['required_without:pots.*.paint', 'nullable', 'string', new PlainTextRule(120)],
            'pots.*.kind' => ['nullable', Rule::enum(Kind::class)],
            'pots.*.swatch' => ['nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D'],
            'pots.*.pots' => ['nullable', 'integer', 'between:1,'.PotList::MOST_POTS],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'pots.required' => 'There is no pot in this list.',
            'pots.*.name.required_without' => 'A new paint needs a name.',
            'pots.*.swatch.regex' => 'Write the swatch as # and six hexadecimal digits, for example #7a5230.',
        ];
    }

    public function after(): \Closure
    {
        return function (Validator $validator): void {
            foreach ($validator->errors()->isEmpty() ? $this->pots() : [] as $at => $pot) {
                if ($pot['paint'] === null && $pot['swatch'] === null && ! $pot['kind']->isClear()) {
                    $validator->errors()->add("pots.$at.swatch", 'This kind of paint needs a swatch, for example #7a5230.');
                }
            }
        };
    }

    /** @return list<array{paint: string|null, name: string, kind: Kind, swatch: string|null, pots: int}> */
    public function pots(): array
    {
        return array_map(static fn(array $pot): array => [
            'paint' => $pot['paint'] ?? null,
            'name' => trim($pot['name'] ?? ''),
            'kind' => Kind::tryFrom($pot['kind'] ?? '') ?? Kind::Opaque,
            'swatch' => isset($pot['swatch']) ? strtolower($pot['swatch']) : null,
            'pots' => (int) ($pot['pots'] ?? 1),
        ], array_values($this->array('pots')));
    }
}
