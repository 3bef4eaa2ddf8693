<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Shelf\Portion;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Exchange\CsvTable;

final class PaintFileRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function validationData(): array
    {
        return $this->query->all();
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(['catalogue', 'shelf', 'palette'])],
            'preview' => ['nullable', 'boolean'],
            'from' => ['nullable', 'integer', 'between:0,'.CsvTable::MOST_ROWS],
            'count' => ['nullable', 'integer', 'between:1,'.CsvTable::MOST_ROWS],
        ];
    }

    public function portion(): Portion
    {
        return new Portion((int) $this->query('from', '0'), (int) $this->query('count', (string) CsvTable::MOST_ROWS));
    }

    public function what(): string
    {
        return is_string($this->query('what')) ? $this->query('what') : '';
    }
}
