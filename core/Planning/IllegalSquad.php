<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Illegal;

/** No batch has such models. */
final class IllegalSquad extends Illegal
{
    public static function at(string $field, string $message): self
    {
        return new self($message, $field);
    }

    public static function models(): self
    {
        return new self('A batch has at least one model.', 'models');
    }
}
