<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Recipe\Plan;
use Kalokroma\Writing\School;
use Kalokroma\Writing\Wish;

/** A recipe that is asked for. */
final class RecipeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'target' => ['required', 'array'],
            'target.colour' => ['nullable', 'string', 'max:40', 'required_without_all:target.paint,target.area'],
            'target.paint' => ['nullable', 'string', 'max:40'],
            'target.area' => ['nullable', 'string', 'max:40'],
            'target.plan' => ['nullable', 'string', 'max:40'],
            'wishes' => ['sometimes', 'array', 'list', 'max:'.Wish::MOST * count(Wish::cases())],
            'wishes.*' => ['string', Rule::enum(Wish::class)],
            'keep' => ['sometimes', 'array', 'list', 'max:'.Plan::MOST_STEPS],
            'keep.*' => ['string', 'max:40'],
            'school' => ['nullable', 'string', Rule::enum(School::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'target.colour.required_without_all' => 'Say which colour it shall have: pick one, choose a paint, or an area it shall be like.',
            'wishes.*' => 'Choose among the wishes that are offered.',
            'school' => 'Choose one of the ways that are offered.',
        ];
    }

    /**
     * @return array{target: array{colour?: string|null, paint?: string|null, area?: string|null, plan?: string|null}, school?: string|null,
     *     wishes?: list<string>, keep?: list<string>}
     */
    public function wish(): array
    {
        /**
         * @var array{target: array{colour?: string|null, paint?: string|null, area?: string|null, plan?: string|null}, school?: string|null,
         *     wishes?: list<string>, keep?: list<string>}
         */
        return $this->validated();
    }
}
