<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Shelf\PaintSearch;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Paint\Kind;

final class PaintSearchRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'search' => ['nullable', 'string', 'max:200'],
            'kind' => ['nullable', Rule::enum(Kind::class)],
            'maker' => ['nullable', 'string', 'max:60'],
            'owned' => ['nullable', Rule::in(['all', 'owned', 'wished'])],
            'sort' => ['nullable', Rule::in(PaintSearch::orders())],
            'page' => ['nullable', 'integer', 'min:1', 'max:100000'],
            'perPage' => ['nullable', 'integer', 'min:1', 'max:500'],
        ];
    }

    /** @return array{search?: string|null, kind?: string|null, maker?: string|null, owned?: string|null, sort?: string|null} */
    public function wish(): array
    {
        /** @var array{search?: string|null, kind?: string|null, maker?: string|null, owned?: string|null, sort?: string|null} */
        return $this->validated();
    }
}
