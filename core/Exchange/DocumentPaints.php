<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\Srgb;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;

/** The paints a plan document carries with it. */
final readonly class DocumentPaints implements PaintSource
{
    /** @param array<string, Paint> $paints by id */
    private function __construct(public array $paints) {}

    /**
     * @param array<mixed> $document
     *
     * @throws Faulty with every fault and its dotted field
     */
    public static function of(array $document): self
    {
        $in = DocumentReader::of($document);
        $paints = [];
        foreach ($in->each('paints', 2000) as $fields) {
            $paint = self::paint($fields);
            if ($paint !== null) {
                $paints[$paint->id] = $paint;
            }
        }
        $in->mustBeSound();

        return new self($paints);
    }

    public function find(string $id): ?Paint
    {
        return $this->paints[$id] ?? null;
    }

    private static function paint(DocumentReader $in): ?Paint
    {
        $kind = $in->choice('kind', Kind::class);
        $finish = $in->choice('finish', Finish::class, Finish::Matt);
        $id = $in->text('id', 40);
        $name = $in->text('name', 120);
        $maker = $in->text('maker', 60, false);
        $code = $in->text('code', 40, false);
        $swatch = $in->text('swatch', 7, ! $kind->isClear());
        $opacity = $in->has('opacity') ? Opacity::of($in->number('opacity', 0, 1, 0)) : null;
        $measured = $in->has('measured') ? MeasuredFields::read($in->under('measured'), $kind) : null;
        if ($in->isSound() && $swatch !== '' && preg_match('/^#[0-9a-f]{6}$/iD', $swatch) !== 1) {
            $in->fault('swatch', 'Write a colour as six hexadecimal digits, for example #7a5230.');
        }

        return $in->isSound()
            ? Paint::of(
                $id,
                $name,
                $kind,
                $swatch === '' ? null : Srgb::parse($swatch)->toLab(),
                $opacity,
                $finish,
                $maker,
                $code,
                measured: $measured,
            )
            : null;
    }
}
