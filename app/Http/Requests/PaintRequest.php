<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Product;
use App\Shelf\Catalogue;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Rules\RequiredIf;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;

/** A paint typed in by hand. */
final class PaintRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $id = $this->route('id');
        // A new paint may leave out what nobody knows yet; a change says all there is, or what is left out would be lost.
        $open = $id === null ? 'nullable' : 'present';

        return [
            'maker' => [$open, 'nullable', 'string', new PlainTextRule(60)],
            'range' => ['nullable', 'string', new PlainTextRule(60)],
            'code' => [$open, 'nullable', 'string', new PlainTextRule(40), function (string $field, mixed $code, callable $fail) use ($id): void {
                $taken = is_string($this->input('maker')) && is_string($code)
                    && Product::query()
                        ->where('maker', trim($this->input('maker')))
                        ->where('code', $code)
                        ->whereKeyNot(is_string($id) ? $id : '')
                        ->exists();
                if ($taken) {
                    $fail('This maker already has a paint with this code. Give it another, or edit that one.');
                }
            }],
            'name' => ['required', 'string', new PlainTextRule(120)],
            'kind' => [$open, 'nullable', Rule::enum(Kind::class)],
            'swatch' => [new RequiredIf(fn(): bool => ! ($this->kind()?->isClear() ?? true)), 'nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D'],
            'opacity' => ['nullable', 'numeric', 'between:0,1'],
            'finish' => [$open, 'nullable', Rule::enum(Finish::class)],
            'volumeMl' => [$open, 'nullable', 'numeric', 'between:0.1,5000'],
            'price' => [$open, 'nullable', 'integer', 'between:0,10000000'],
            'pots' => [$id === null ? 'nullable' : 'prohibited', 'integer', 'between:0,999'],
            'barcode' => ['nullable', 'string', new PlainTextRule(32)],
            'measured' => ['nullable', 'array:colour,film,strength', new MeasuredRule($this->kind())],
            'version' => $id === null ? ['prohibited'] : ['required', 'integer'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This may not be empty.',
            'present' => 'Say what this is to be, even when it is to be empty.',
            'swatch.required' => 'This kind of paint needs a swatch, for example #7a5230.',
            'swatch.regex' => 'Write the swatch as # and six hexadecimal digits, for example #7a5230.',
            'opacity.between' => 'Opacity lies between 0 (clear) and 1 (hides in one coat). Leave it empty to have it estimated.',
            'kind.enum' => 'This kind of paint is not known here. Choose one from the list.',
        ];
    }

    /** @return array<string, mixed> columns of a product */
    public function columns(): array
    {
        $clear = $this->kind()?->isClear() ?? false;
        $maker = trim($this->string('maker')->value()) ?: Catalogue::NO_MAKER;
        $code = trim($this->string('code')->value());

        return [
            'maker' => $maker,
            'range' => trim($this->string('range')->value()),
            'code' => $code === ''
                ? Catalogue::freeCode($maker, $this->string('name')->value(), is_string($this->route('id')) ? $this->route('id') : '')
                : $code,
            'name' => trim($this->string('name')->value()),
            'kind' => $this->kind() ?? Kind::Opaque,
            'swatch' => $clear ? null : strtolower($this->string('swatch')->value()),
            'opacity' => $this->input('opacity') === null ? null : $this->float('opacity'),
            'finish' => $this->enum('finish', Finish::class) ?? Finish::Matt,
            'volume_ml' => $this->float('volumeMl', Catalogue::USUAL_ML),
            'price' => $this->integer('price'),
            'barcode' => trim($this->string('barcode')->value()),
            ...($this->has('measured') ? ['measured' => $this->measured()] : []),
        ];
    }

    /** One, unless told otherwise: who adds a paint by hand has it before him. */
    public function pots(): int
    {
        return $this->integer('pots', 1);
    }

    /** @return array<string, mixed>|null */
    private function measured(): ?array
    {
        $given = $this->input('measured');

        return is_array($given) ? MeasuredFields::write(MeasuredFields::read(DocumentReader::of($given), $this->kind() ?? Kind::Opaque)) : null;
    }

    /** Opaque unless it says otherwise; null when it says something that is none. */
    private function kind(): ?Kind
    {
        $kind = $this->input('kind') ?? Kind::Opaque->value;

        return is_string($kind) ? Kind::tryFrom($kind) : null;
    }
}
