<?php

declare(strict_types=1);

namespace App\Support;

use RuntimeException;

/** A wish that is well formed but cannot be granted as things stand. */
final class Refused extends RuntimeException
{
    /** @param list<string> $uses what stands in the way */
    private function __construct(
        string $message,
        public readonly string $field,
        public readonly array $uses = [],
    ) {
        parent::__construct($message);
    }

    /** @param list<string> $uses */
    public static function inUse(string $name, array $uses): self
    {
        return new self(sprintf('"%s" is used by %s. Put another paint in its place there first.', $name, implode(', ', $uses)), 'id', $uses);
    }

    /**
     * @param string $kind it is about to become, in words
     * @param list<string> $uses
     */
    public static function wrongKind(string $name, string $kind, array $uses): self
    {
        return new self(self::wrongKindWords($name, $kind, $uses), 'kind', $uses);
    }

    /** @param list<string> $uses */
    public static function wrongKindWords(string $name, string $kind, array $uses): string
    {
        return sprintf(
            '"%s" is used by %s, where %s "%s" cannot be. Put another paint in its place there first.',
            $name,
            implode(', ', $uses),
            preg_match('/^[aeiou]/', $kind) === 1 ? 'an' : 'a',
            $kind,
        );
    }

    public static function at(string $field, string $message): self
    {
        return new self($message, $field);
    }
}
