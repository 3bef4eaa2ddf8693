<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Carries a plan document; what is in it is judged by the core, which knows plans. */
final class PlanRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'document' => ['required', 'array'],
            'version' => $this->isMethod('PUT') ? ['required', 'integer'] : ['nullable', 'integer'],
        ];
    }

    /** @return array<mixed> */
    public function document(): array
    {
        // As sent: trimming or emptying its texts on the way in is for forms, not for documents.
        $sent = json_decode($this->getContent(), true);
        $document = is_array($sent) ? $sent['document'] ?? [] : [];

        return is_array($document) ? $document : [];
    }
}
