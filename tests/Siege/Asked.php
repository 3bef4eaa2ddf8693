<?php

declare(strict_types=1);

namespace Tests\Siege;

/** A request as it is sent, and sent again. */
final readonly class Asked
{
    /** @param list<string> $headers */
    public function __construct(
        public string $method,
        public string $url,
        public array $headers,
        public ?string $body,
    ) {}
}
