<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Texture;
use Kalokroma\Mixing\Film;

/** How metal is painted: with metal paint, or as its likeness in ordinary ones. */
final readonly class MetalLesson
{
    /** Chroma from which a metal is a warm one, and the hue its painted likeness is lit toward. */
    private const GOLDEN = 14.0;

    private const GOLD_HUE = 92.0;

    /** Bronze and copper, redder than this, keep their own. */
    private const YELLOW_FROM = 75.0;

    private const SILVER = [84.0, -0.5, -1.0];

    /** Glazes that finish painted metal, and how far off what is at hand may be. */
    private const AMBER = [52.0, 18.0, 48.0];

    private const STEEL_BLUE = [42.0, -2.0, -28.0];

    private const GLAZEABLE = 14.0;

    private Texture $texture;

    public function __construct(
        private WritingWish $wish,
        private PaintBox $box,
        private Draft $draft,
        private Brushwork $work,
        private Ladder $ladder,
    ) {
        $this->texture = $wish->area->texture;
    }

    /** False when there is no paint at all to begin with. */
    public function trueMetal(): bool
    {
        if (! $this->work->tone('basecoat', $this->ladder->base, Film::Metal)) {
            return false;
        }
        $isWashed = $this->draft->keeps('shade');
        $wash = $isWashed || $this->texture === Texture::TinyDetail
            ? null
            : $this->box->grime($this->draft->face(), $this->ladder->deepest->colour);
        if ($wash !== null) {
            $this->draft->put(
                'wash',
                'shade',
                $wash,
                'Shade: a wash gives metal its depth.',
                $this->texture->isPanel() ? Place::Recesses : Place::Everywhere,
            );
        }
        $technique = $this->texture->catchesADryBrush() ? 'drybrush' : 'edge-highlight';
        $why = $technique === 'drybrush' ? 'a brighter metal, dusted on what stands up' : 'a brighter metal where the light catches';
        $brighter = $this->work->pick($this->ladder->high, Film::Metal);
        if ($brighter === null && ($isWashed || $wash !== null)) {
            $this->draft->unreached[] = 'Highlight: nothing at hand is light enough.';
            [$brighter, $why] = [$this->draft->basePick, 'nothing at hand is brighter, so the metal itself again over the wash'];
        }
        $this->work->tone($technique, $this->ladder->high, Film::Metal, why: $why, pick: $brighter);
        if ($this->wish->model->finishLevel === FinishLevel::Display && $this->wish->colour()->toLch()->chroma >= self::GOLDEN) {
            $this->work->tone(
                'edge-highlight',
                new Rung('glint', Lab::of(...self::SILVER), ''),
                Film::Metal,
                place: Place::Corners,
                why: 'silver on the sharpest edges of a warm metal',
                coats: 1,
            );
        }

        return true;
    }

    /** False when there is no paint at all to begin with. */
    public function nonMetallicMetal(): bool
    {
        $isGold = $this->wish->colour()->toLch()->chroma >= self::GOLDEN;
        if (! $this->work->covering('basecoat', $this->ladder->base)) {
            return false;
        }
        $this->work->tone('layered-shade', $this->ladder->deepest, why: 'the darker plane below, drawn down in thin coats');
        $this->work->tone(
            'highlight',
            $isGold ? $this->golden($this->ladder->high) : $this->ladder->high,
            place: Place::RaisedParts,
            why: 'the lighter plane, a clear step brighter',
        );
        $this->work->tone('edge-highlight', new Rung('glint', Lab::of(94.0, 0.0, 3.0), 'the ridge shines nearly white'));
        $glaze = $this->box->nearest(Wanted::of(Lab::of(...($isGold ? self::AMBER : self::STEEL_BLUE))), $this->wish->taste, $this->draft->open);
        if ($this->texture !== Texture::TinyDetail && $glaze !== null && $glaze->off <= self::GLAZEABLE && ! $this->draft->keeps('glaze')) {
            $this->draft->put(
                'glaze',
                'glaze',
                $glaze,
                $isGold ? 'Glaze: a thin warm tint ties the planes together.' : 'Glaze: a thin blue one makes it steel.',
                Place::LowerHalf,
                coats: 1,
            );
        }

        return true;
    }

    /** Gold is lit toward yellow, never toward flesh. */
    private function golden(Rung $rung): Rung
    {
        $polar = $rung->colour->toLch();
        if ($polar->hue < self::YELLOW_FROM) {
            return $rung;
        }
        return new Rung(
            $rung->name,
            PaintGamut::within(Lch::of($polar->lightness, $polar->chroma, self::GOLD_HUE)->toLab()),
            'gold goes toward a pale yellow',
            self::GOLD_HUE,
        );
    }
}
