<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Plan;
use App\Models\Product;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Which paints to take out, and in which form. */
final class PaintExportRequest extends FormRequest
{
    private const MOST_CHOSEN = 500;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(['catalogue', 'shelf', 'plan', 'selection'])],
            'format' => ['nullable', Rule::in(['csv', 'gpl'])],
            'plan' => ['required_if:what,plan', 'nullable', 'string', 'max:40'],
            'ids' => ['required_if:what,selection', 'nullable', 'string', 'max:'.(27 * self::MOST_CHOSEN)],
        ];
    }

    public function what(): string
    {
        return $this->string('what')->value();
    }

    public function isGpl(): bool
    {
        return $this->string('format')->value() === 'gpl';
    }

    /** @return Collection<int, Product> */
    public function products(): Collection
    {
        $query = Product::query()->orderBy('maker')->orderBy('code');

        return match ($this->what()) {
            'shelf' => $query->whereHas('pot', static fn(Builder $pot) => $pot->where('pots', '>', 0))->get(),
            'plan' => $query->whereKey(Plan::query()->findOrFail($this->string('plan')->value())->products()->pluck('products.id'))->get(),
            'selection' => $query->whereKey(explode(',', $this->string('ids')->value()))->get(),
            default => $query->get(),
        };
    }
}
