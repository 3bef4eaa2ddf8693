<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Support\Field;
use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Colour\Lab;

final class ReadingRequest extends FormRequest
{
    private const MOST = 60;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'earlier' => ['nullable', 'array', 'list', 'max:'.self::MOST],
            'earlier.*' => ['array', 'list', 'size:3'],
            'earlier.*.*' => ['numeric'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['earlier.max' => sprintf('%d readings are enough for anything. Start anew.', self::MOST)];
    }

    /** @return list<Lab> */
    public function earlier(): array
    {
        /** @var list<array{float|int|string, float|int|string, float|int|string}> $earlier */
        $earlier = $this->validated('earlier') ?? [];

        return array_map(
            static fn(array $one): Lab => Field::read(
                'earlier',
                static fn(): Lab => Lab::measured((float) $one[0], (float) $one[1], (float) $one[2]),
            ),
            $earlier,
        );
    }
}
