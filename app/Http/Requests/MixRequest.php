<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Mixing\Film;
use Kalokroma\Mixing\Mix;
use Kalokroma\Mixing\MixLimits;
use Kalokroma\Paint\Kind;

final class MixRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'target' => ['required', 'array'],
            'target.paint' => ['nullable', 'string', 'max:40'],
            'target.colour' => ['nullable', 'string', 'max:60', 'required_without_all:target.paint,target.plan'],
            'target.plan' => ['nullable', 'string', 'max:40'],
            'target.step' => ['nullable', 'string', 'max:40', 'required_with:target.plan'],
            'target.zone' => ['nullable', 'string', 'max:20'],
            'film' => ['nullable', Rule::enum(Film::class)],
            'mostPaints' => ['nullable', 'integer:strict', 'between:1,'.MixLimits::MOST_PAINTS],
            'mostParts' => ['nullable', 'integer:strict', 'between:1,'.Mix::MOST_PARTS],
            'kinds' => ['nullable', 'array', 'list', 'max:15'],
            'kinds.*' => [Rule::enum(Kind::class)],
            'avoid' => ['nullable', 'array', 'list', 'max:500'],
            'avoid.*' => ['string', 'max:40'],
            'insist' => ['nullable', 'array', 'list', 'max:20'],
            'insist.*' => ['string', 'max:40'],
            'amountMl' => ['nullable', 'numeric', 'between:0.05,500'],
            'enoughLeft' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'target.required' => 'Say what is to be mixed: a paint, a colour, or a step of a plan.',
            'target.colour.required_without_all' => 'Say what is to be mixed: a paint, a colour such as #7a5230, or a step of a plan.',
            'target.step.required_with' => 'Say which step of the plan.',
            'amountMl.between' => 'An amount lies between 0.05 and 500 ml.',
        ];
    }
}
