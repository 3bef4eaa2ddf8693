<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Film;

/** What each school does, step by step, on one area. */
final readonly class Lesson
{
    /** Lightness of the warm white a sketch of light is laid with. */
    private const SKETCH = [88.0, 1.0, 8.0];

    /** Below so dark a base no shade is seen. */
    private const SHADEABLE = 22.0;

    /** Lightness that light and shade are apart at least, so that it carries to arm's length. */
    private const CARRIES = 22.0;

    /** Parts of water to one of paint, and coats, where one bright paint makes all the light. */
    private const THIN_LIGHT = 2;

    private const THIN_COATS = 3;

    private Brushwork $work;

    private Taste $taste;

    private Ladder $ladder;

    private Texture $texture;

    private bool $isDeep;

    private bool $isDisplay;

    private bool $isSmall;

    /** @param bool $isDeep with the deepest shade, for an area that would go flat otherwise */
    public function __construct(
        private WritingWish $wish,
        private PaintBox $box,
        private Draft $draft,
        bool $isDeep = false,
    ) {
        $this->taste = $wish->taste;
        $this->work = new Brushwork($box, $draft, $wish->taste);
        $this->ladder = Ladder::about($wish->colour(), $wish->area->material, $wish->model->finishLevel, $this->taste->span());
        $this->texture = $wish->area->texture;
        $this->isDeep = $isDeep || $this->taste->has(Wish::MoreContrast);
        $this->isDisplay = $wish->model->finishLevel === FinishLevel::Display;
        $this->isSmall = $wish->area->isSmall();
    }

    /** False when there is no paint at all to begin with. */
    public function follow(School $school): bool
    {
        return match ($school) {
            School::WashAndHighlight => $this->washAndHighlight(),
            School::LayerUp => $this->layerUp(),
            School::ZenithalAndTransparents => $this->transparents(),
            School::DrybrushBuildUp => $this->drybrush(),
            School::TrueMetal => $this->trueMetal(),
            School::NonMetallicMetal => $this->nonMetallicMetal(),
            School::StippledUndertone => $this->stippled(),
        };
    }

    private function washAndHighlight(): bool
    {
        if ($this->taste->has(Wish::FromDark) && ! $this->isSmall) {
            return $this->work->tone('basecoat', $this->ladder->deepest) && $this->work->covering('layer', $this->ladder->base, 'the dark stays in the recesses', Place::AllButRecesses) && $this->lights();
        }
        if (! $this->work->covering('basecoat', $this->ladder->base)) {
            return false;
        }
        if ($this->texture === Texture::TinyDetail) {
            return $this->work->tone('highlight', $this->ladder->light);
        }
        if ($this->ladder->base->colour->lightness >= self::SHADEABLE) {
            $this->shade();
        }

        return $this->lights();
    }

    private function layerUp(): bool
    {
        if (! $this->work->tone('basecoat', $this->ladder->deepest)) {
            return false;
        }
        if ($this->isDisplay && ! $this->taste->isBrief()) {
            $this->work->tone('layer', $this->ladder->shade, why: 'leaves the deepest tone in the recesses');
        }
        $this->work->covering('layer', $this->ladder->base, 'a rim of the darker tone is left on purpose');

        return $this->lights();
    }

    private function transparents(): bool
    {
        if ($this->draft->seen(Zone::Raised)->lightness < School::LIGHT_GROUND && ! $this->draft->keeps('sketch')) {
            $sketch = $this->box->nearest(Lab::of(...self::SKETCH), Film::Covering, $this->taste);
            if ($sketch === null) {
                return false;
            }
            $this->draft->put('drybrush', 'sketch', $sketch, 'Over dark a transparent does nothing: first a sketch of the light.', coats: 4);
        }
        $tint = $this->box->tint($this->draft->face(), $this->ladder->base->colour);
        if ($tint === null || ! $this->work->tone('one-coat', $this->ladder->base, why: 'the light and dark below show through', pick: $tint)) {
            return false;
        }
        if ($this->isDeep) {
            $this->shade();
        }

        return $this->lights();
    }

    private function drybrush(): bool
    {
        if (! $this->work->tone('basecoat', $this->dark())) {
            return false;
        }
        $this->work->tone('drybrush', $this->ladder->base, why: 'the relief catches it');
        $this->work->tone('drybrush', $this->ladder->light, why: 'lighter and with less pressure');
        if ($this->isDisplay) {
            $this->work->tone('highlight', $this->ladder->high, place: Place::UpperEdges);
        }

        return true;
    }

    private function trueMetal(): bool
    {
        if (! $this->work->tone('basecoat', $this->ladder->base, Film::Metal)) {
            return false;
        }
        $wash = $this->draft->keeps('shade') ? null : $this->box->wash($this->draft->face(), $this->ladder->deepest->colour);
        if ($wash !== null) {
            $this->draft->put('wash', 'shade', $wash, 'Shade: a wash gives metal its depth.', $this->texture->isPanel() ? Place::Recesses : Place::Everywhere);
        }
        $this->work->tone('edge-highlight', $this->ladder->high, Film::Metal, why: 'a brighter metal where the light catches');

        return true;
    }

    private function nonMetallicMetal(): bool
    {
        if (! $this->work->covering('basecoat', $this->ladder->base)) {
            return false;
        }
        $this->work->tone('layered-shade', $this->ladder->deepest, why: 'the darker plane below, drawn down in thin coats');
        $this->work->tone('highlight', $this->ladder->high, place: Place::RaisedParts, why: 'the lighter plane, a clear step brighter');
        $this->work->tone('edge-highlight', new Rung('glint', Lab::of(94.0, 0.0, 3.0), 'the ridge shines nearly white'));

        return true;
    }

    private function stippled(): bool
    {
        if (! $this->work->tone('basecoat', $this->dark())) {
            return false;
        }
        $this->work->tone('stipple', new Rung('between', $this->dark()->colour->midway($this->ladder->base->colour), 'broken cover: the warm tone below shows through'));
        $this->work->tone('stipple', $this->ladder->base, place: Place::AllButRecesses, why: 'dabbed again, less far: the speckles stay in the folds');

        return $this->lights();
    }

    /** Smooth panels are washed in the joints only, broad folds shaded by thin coats, all else washed over. */
    private function shade(): void
    {
        if ($this->draft->keeps('shade') || $this->draft->keeps('deepest shade')) {
            return;
        }
        $isBroad = $this->texture === Texture::BroadFolds && $this->wish->area->size->share() >= AreaSize::Medium->share();
        $wash = $isBroad ? null : $this->box->wash($this->draft->face(), $this->dark()->colour);
        if ($wash === null) {
            $this->work->tone('layered-shade', $this->dark(), dilution: Dilution::of(1, 3, Thinner::Medium), why: 'thin coats at the bottom of the fold: on broad surfaces a wash dries blotchy');

            return;
        }
        $inJoints = $this->texture->isPanel();
        $this->draft->put('wash', 'shade', $wash, $inJoints ? 'Shade: only into the joints, for on a smooth face it would dry blotchy.' : 'Shade: '.$this->ladder->shade->reason.'.', $inJoints ? Place::Recesses : Place::Everywhere);
        if (! $inJoints && ! $this->isSmall && ! $this->taste->isBrief() && ! in_array($this->wish->area->material, [Material::Metal, Material::Bone], true)) {
            $this->work->tone('layer', $this->ladder->base, why: 'the base again on all but the recesses: a wash dulls what it does not shade');
        }
    }

    /** The shade, or the deepest where there is little room for light. */
    private function dark(): Rung
    {
        return ! $this->isDeep && $this->ladder->light->colour->lightness - $this->ladder->shade->colour->lightness >= self::CARRIES ? $this->ladder->shade : $this->ladder->deepest;
    }

    private function lights(): bool
    {
        if ($this->taste->has(Wish::FewestPots) && ! $this->texture->isPanel()) {
            return $this->lightsOfOne();
        }
        $isBrief = $this->taste->isBrief();
        if ($this->taste->has(Wish::Faster) && $this->texture->catchesADryBrush()) {
            return $this->work->tone('drybrush', $this->ladder->high, why: 'the relief catches it by itself');
        }
        $this->work->tone('highlight', $isBrief ? $this->ladder->high : $this->ladder->light, place: Place::RaisedParts);
        if ($isBrief || ($this->isSmall && ! $this->isDisplay)) {
            return true;
        }
        if ($this->texture->isPanel()) {
            $this->work->tone('edge-highlight', $this->ladder->high);
        } else {
            $this->work->tone('highlight', $this->ladder->high, place: Place::UpperEdges);
        }
        if ($this->isDisplay) {
            $this->work->tone('dot', $this->ladder->edge, place: Place::Corners, why: 'the last points of light, small');
        }

        return true;
    }

    /** One brighter paint, much thinned, each time less far: the thin coats add up to the ladder. */
    private function lightsOfOne(): bool
    {
        $pick = $this->box->nearest($this->ladder->high->colour, Film::Covering, $this->taste, $this->draft->open);
        if ($pick === null) {
            return true;
        }
        $this->work->owe($this->ladder->high, $pick);
        $thin = Dilution::of(1, self::THIN_LIGHT, Thinner::Water);
        $places = ['light' => Place::RaisedParts, 'highlight' => Place::UpperEdges, ...($this->isDisplay ? ['edge' => Place::Corners] : [])];
        foreach ($this->isSmall && ! $this->isDisplay ? ['light' => Place::RaisedParts] : $places as $rung => $place) {
            if (! $this->draft->keeps($rung)) {
                $this->draft->put('highlight', $rung, $pick, ucfirst($rung).': '.($rung === 'light' ? 'one bright paint, much thinned, in thin coats' : 'the same paint again, less far').'; '.$this->ladder->high->reason.'.', $place, $thin, self::THIN_COATS);
            }
        }

        return true;
    }
}
