<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Recipe;
use Illuminate\Foundation\Http\FormRequest;
use Kalokroma\Recipe\Plan;

/** What a shared recipe is called, and what it is found by. */
final class SharedRecipeRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', new PlainTextRule(Plan::LONGEST_NAME)],
            'tags' => ['sometimes', 'array', 'list', 'max:'.Recipe::MOST_TAGS],
            'tags.*' => ['nullable', 'string', new PlainTextRule(Recipe::LONGEST_TAG)],
            'version' => ['required', 'integer:strict'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Say what the recipe is called.',
            'tags.max' => sprintf('%d tags are plenty. Take some out.', Recipe::MOST_TAGS),
        ];
    }

    /** @return array{name: string, tags: list<string>} */
    public function told(): array
    {
        /** @var list<string|null> $tags */
        $tags = $this->validated('tags') ?? [];

        return [
            'name' => $this->string('name')->trim()->value(),
            'tags' => array_values(array_unique(array_filter(
                array_map(static fn(?string $tag): string => mb_strtolower(trim($tag ?? '')), $tags),
                static fn(string $tag): bool => $tag !== '',
            ))),
        ];
    }
}
