<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Contracts\Translation\Translator;
use Illuminate\Validation\Validator;

/** The framework's validator, with endless lists cut before it looks at each item. */
final class BoundedValidator extends Validator
{
    /**
     * @param array<mixed> $data
     * @param array<mixed> $rules
     * @param array<mixed> $messages
     * @param array<mixed> $attributes
     */
    public function __construct(Translator $translator, array $data, array $rules, array $messages = [], array $attributes = [])
    {
        parent::__construct($translator, BoundedLists::cut($data, $rules), $rules, $messages, $attributes);
    }
}
