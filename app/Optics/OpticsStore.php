<?php

declare(strict_types=1);

namespace App\Optics;

use Illuminate\Contracts\Cache\Repository;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Observer;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\IllegalPaint;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Measured;
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

    /** The same paint, whose optics are fetched when somebody asks for them. */
    public function paint(
        string $id,
        string $name,
        Kind $kind,
        ?Lab $swatch,
        ?float $opacity,
        Finish $finish,
        string $maker,
        string $code,
        ?Measured $measured = null,
    ): Paint {
        $share = $opacity === null ? null : Opacity::of($opacity);

        return Paint::of($id, $name, $kind, $swatch, $share, $finish, $maker, $code, $kind->isClear() ? null : $this->optics(...), $measured);
    }

    private function optics(Paint $paint): Optics
    {
        $key = sprintf('optics.%d.%s', self::MODEL, self::fingerprint($paint));

        return $this->fresh[$key] ??= $this->unpack($this->cache->get($key)) ?? $this->keep($key, $paint->workOutOptics());
    }

    /** Whatever the optics follow from. */
    private static function fingerprint(Paint $paint): string
    {
        $film = $paint->measured->film;
        $colours = $film === null ? [$paint->colour()] : [$film->overBlack, $film->overWhite, $film->black, $film->white];

        return implode('.', [
            $paint->kind->isTransparent() ? 'coat' : 'masstone',
            ...array_map(static fn(Lab $one): string => sprintf('%.3f_%.3f_%.3f', $one->lightness, $one->a, $one->b), $colours),
            ...($film === null ? [sprintf('%.4f', $paint->opacity()->share)] : []),
        ]);
    }

    private function keep(string $key, Optics $optics): Optics
    {
        $this->cache->forever($key, pack('e*', ...$optics->absorption, ...$optics->scattering));

        return $optics;
    }

    /** Null when nothing is kept, or it was damaged: then it is worked out anew. */
    private function unpack(mixed $bytes): ?Optics
    {
        if (! is_string($bytes)) {
            return null;
        }
        /** @var list<float> $numbers */
        $numbers = array_values(unpack('e*', $bytes) ?: []);
        if (count($numbers) !== 2 * Observer::BANDS) {
            return null;
        }
        try {
            return Optics::of(array_slice($numbers, 0, Observer::BANDS), array_slice($numbers, Observer::BANDS));
        } catch (IllegalPaint) {
            return null;
        }
    }
}
