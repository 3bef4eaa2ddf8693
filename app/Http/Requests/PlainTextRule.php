<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Kalokroma\Exchange\PlainText;

/** The core's rule for names and notes, in a form. */
final readonly class PlainTextRule implements ValidationRule
{
    public function __construct(private int $longest) {}

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $complaint = PlainText::complaint(is_string($value) ? $value : '', $this->longest, false);
        if ($complaint !== null) {
            $fail($complaint);
        }
    }
}
