<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** An edit of a plan, the version it was made on, and what it touches; what is in it is judged by the core. */
final class PlanEditRequest extends FormRequest
{
    /** Places that one edit touches: all areas, measured at once. */
    private const MOST_TOUCHED = 60;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'edit' => ['required', 'array'],
            'version' => ['required', 'integer:strict'],
            'was' => ['nullable', 'list', 'max:'.self::MOST_TOUCHED],
        ];
    }

    /** @return array<mixed> */
    public function edit(): array
    {
        return SentAsItIs::in($this, 'edit') ?? [];
    }

    /** @return array<mixed>|null what it touches, as it was when it was made */
    public function was(): ?array
    {
        return SentAsItIs::in($this, 'was');
    }
}
