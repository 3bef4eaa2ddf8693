<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Contracts\Cache\Repository;

/**
 * Keeps what takes long to work out and follows from facts that can be named: by those facts and the engine it came from, and by nothing else.
 * Another engine works it out anew; nobody has a number to raise.
 */
final readonly class Kept
{
    private const DAYS = 30;

    public function __construct(private Repository $cache) {}

    /**
     * @template T of array<mixed>
     *
     * @param string $what it is
     * @param list<mixed> $facts scalars and arrays of scalars it follows from, how rows stand
     * @param Closure(): T $make
     *
     * @return T
     */
    public function of(string $what, array $facts, Closure $make): array
    {
        $key = "kept.$what.".hash('xxh128', EngineMark::now().serialize($facts));
        /** @var T|null $kept */
        $kept = $this->cache->get($key);
        if (is_array($kept)) {
            return $kept;
        }
        $made = $make();
        $this->cache->put($key, $made, now()->addDays(self::DAYS));

        return $made;
    }

    public static function now(): self
    {
        return app(self::class);
    }
}
