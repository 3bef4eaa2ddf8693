<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Recipe\Plan;

/** What a plan begins with: a name, a model, an undercoat, and areas by name. */
final class BeginningRequest extends FormRequest
{
    private const USUAL_HEIGHT_MM = 32;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string'],
            'model' => ['nullable', 'array'],
            'undercoat' => ['nullable', 'array:base,light'],
            'areas' => ['present', 'array', 'list', 'max:'.Plan::MOST_AREAS],
            'areas.*' => ['required', 'string', new PlainTextRule(Plan::LONGEST_NAME)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['areas.max' => 'A plan has at most :max areas. Put some of them together.'];
    }

    /**
     * A plan document without areas. A model without a name is called as the plan is.
     *
     * @return array<string, mixed>
     */
    public function document(): array
    {
        $name = $this->input('name') ?? '';
        $model = (array) $this->input('model');

        return [
            'name' => $name,
            'model' => [
                'name' => trim((string) (is_string($model['name'] ?? '') ? $model['name'] ?? '' : '')) === '' ? $name : $model['name'],
                'bodyType' => $model['bodyType'] ?? BodyType::OnFoot->value,
                'heightMm' => $model['heightMm'] ?? self::USUAL_HEIGHT_MM,
                'finishLevel' => $model['finishLevel'] ?? FinishLevel::TableReady->value,
            ],
            'undercoat' => ['base' => $this->input('undercoat.base') ?? '', 'light' => $this->input('undercoat.light')],
            'areas' => [],
        ];
    }

    /** @return array<string, string> names of the areas by ids made for them */
    public function areas(): array
    {
        $areas = [];
        foreach ($this->array('areas') as $name) {
            $areas[(string) Str::ulid()] = $name;
        }

        return $areas;
    }
}
