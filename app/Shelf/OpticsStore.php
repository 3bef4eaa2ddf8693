<?php

declare(strict_types=1);

namespace App\Shelf;

use Illuminate\Contracts\Cache\Repository;
use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Optics;
use Kalokroma\Paint\Paint;

/**
 * Makes paints for the engine. Fitting a spectrum takes a few milliseconds, so what follows from kind, swatch and opacity is kept.
 */
final class OpticsStore
{
    /** Raise when the film model changes what it computes. */
    private const MODEL = 2;

    /** @var array<string, Optics> */
    private array $fresh = [];

    public function __construct(private readonly Repository $cache) {}

    public function paint(
        string $id,
        string $name,
        Kind $kind,
        ?string $swatch,
        ?float $opacity,
        Finish $finish,
        string $maker,
        string $code,
    ): Paint {
        $colour = $swatch === null ? null : Srgb::parse($swatch)->toLab();
        $share = $opacity === null ? null : Opacity::of($opacity);
        $optics = $colour === null || $kind->isClear() ? null : $this->optics($kind, $swatch, Paint::of($id, $name, $kind, $colour, $share));

        return Paint::of($id, $name, $kind, $colour, $share, $finish, $maker, $code, $optics);
    }

    private function optics(Kind $kind, string $swatch, Paint $paint): Optics
    {
        $key = sprintf('optics.%d.%s.%s.%.4f', self::MODEL, $kind->isTransparent() ? 'coat' : 'masstone', strtolower(ltrim($swatch, '#')), $paint->opacity->share);

        return $this->fresh[$key] ??= $this->unpack($this->cache->get($key)) ?? $this->keep($key, $paint->optics());
    }

    private function keep(string $key, Optics $optics): Optics
    {
        $this->cache->forever($key, pack('e*', ...$optics->absorption, ...$optics->scattering));

        return $optics;
    }

    private function unpack(mixed $bytes): ?Optics
    {
        if (! is_string($bytes)) {
            return null;
        }
        /** @var list<float> $numbers */
        $numbers = array_values(unpack('e*', $bytes) ?: []);
        $bands = intdiv(count($numbers), 2);

        return Optics::of(array_slice($numbers, 0, $bands), array_slice($numbers, $bands));
    }
}
