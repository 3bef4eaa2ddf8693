<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Kalokroma\Matching\Buying;

/** How far off a paint may be and still do the job. */
final class ToleranceRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (! is_numeric($value) || (float) $value < 0 || (float) $value > Buying::MOST_TOLERANCE) {
            $fail(sprintf('A tolerance lies between 0 (the very paint) and %d.', (int) Buying::MOST_TOLERANCE));
        }
    }
}
