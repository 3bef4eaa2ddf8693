<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

/** How something was measured: by what, and as the mean of how many readings. */
final readonly class Reading
{
    public const MOST = 60;

    private function __construct(
        public Source $source,
        public int $count,
        /** Id of the photo it was read in, nothing when it was read otherwise. */
        public string $photo,
    ) {}

    /** @throws IllegalPaint when it was read no times, or more often than anybody reads */
    public static function of(Source $source, int $count, string $photo = ''): self
    {
        return $count >= 1 && $count <= self::MOST ? new self($source, $count, $photo) : throw IllegalPaint::readings($count, self::MOST);
    }
}
