<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Kalokroma\Exchange\DocumentReader;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\MeasuredFields;
use Kalokroma\Paint\Kind;

/** What was measured of a paint, as the core reads it. */
final readonly class MeasuredRule implements ValidationRule
{
    public function __construct(private ?Kind $kind) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_array($value) || $this->kind === null) {
            return;
        }
        $reader = DocumentReader::of($value);
        MeasuredFields::read($reader, $this->kind);
        try {
            $reader->mustBeSound();
        } catch (Faulty $faulty) {
            $fail($faulty->faults[0]->field.': '.$faulty->faults[0]->message);
        }
    }
}
