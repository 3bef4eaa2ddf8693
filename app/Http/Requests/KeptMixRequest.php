<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\ProductPaints;
use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\PlanReader;
use Kalokroma\Mixing\Ingredient;

/** A mix to be kept by name; that it can be mixed is the core's to judge. */
final class KeptMixRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', new PlainTextRule(120)], 'mix' => ['required', 'array', 'list', 'max:9']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give it a name by which you will know it again.', 'mix.required' => 'Choose a mix first.'];
    }

    /**
     * @return list<array{paint: string, parts: int}>
     *
     * @throws Faulty when it names a paint that is not there, or cannot be mixed
     */
    public function parts(): array
    {
        $given = $this->only('mix');
        $in = DocumentReader::of($given);
        $mix = PlanReader::mixOf($in, ProductPaints::forDocument($given));
        $in->mustBeSound();

        return array_map(
            static fn(Ingredient $one): array => ['paint' => $one->paint->id, 'parts' => $one->parts],
            $mix->ingredients ?? throw Faulty::field('mix', 'Choose a mix first.'),
        );
    }
}
