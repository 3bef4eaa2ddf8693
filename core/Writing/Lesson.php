<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Load;
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
    /** L*, a*, b* of the warm white a sketch of light is laid with, and in how many coats it is patted on. */
    public const SKETCH = [88.0, 1.0, 8.0];

    private const SKETCH_COATS = 4;

    private const SPRAYED = 2;

    /** So much darker than a light ground a face still shows a transparent. */
    private const DIMMER = 6.0;

    /** What yellow's pale domes are set on. */
    private const WARM_BROWN = [38.0, 20.0, 30.0];

    /** Coats of the first tone of a dry-brushed area, and of the last of a stippled one. */
    private const PATTED = 2;

    private const DABBED = 3;

    /** Coats of the base laid again over a wash. */
    private const AGAIN = 2;

    /** Chroma below which a base takes brown as it takes anything, and by how much ΔE₀₀ that may be farther off. */
    private const GREYISH = 12.0;

    private const RATHER_BROWN = 4.0;

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

    /** How a large area gets its first colour. */
    private string $coat;

    /**
     * @param bool $isDeep with the deepest shade, for an area that would go flat otherwise
     * @param float $stretch what the ladder's distances are multiplied by
     */
    public function __construct(
        private WritingWish $wish,
        private PaintBox $box,
        private Draft $draft,
        bool $isDeep = false,
        float $stretch = 1.0,
    ) {
        $this->taste = $wish->taste;
        $this->work = new Brushwork($box, $draft, $wish->taste);
        $this->ladder = Ladder::about($wish->colour(), $wish->area->material, $wish->model->finishLevel, $stretch * $this->taste->span());
        $this->texture = $wish->area->texture;
        $this->isDeep = $isDeep || $this->taste->has(Wish::MoreContrast);
        $this->isDisplay = $wish->model->finishLevel === FinishLevel::Display;
        $this->isSmall = $wish->area->isSmall();
        $this->coat = $wish->hasAirbrush && $wish->area->size->share() >= AreaSize::Large->share() ? 'spray-layer' : 'basecoat';
    }

    /** False when there is no paint at all to begin with. */
    public function follow(School $school): bool
    {
        if ($this->wish->area->material === Material::Glass) {
            $glass = new GlassLesson($this->wish, $this->box, $this->draft, $this->work, $this->ladder);

            return $school === School::ZenithalAndTransparents ? $glass->lens() : $glass->gem();
        }

        return match ($school) {
            School::WashAndHighlight => $this->washAndHighlight(),
            School::LayerUp => $this->layerUp(),
            School::ZenithalAndTransparents => $this->transparents(),
            School::DrybrushBuildUp => $this->drybrush(),
            School::TrueMetal => $this->metal()->trueMetal(),
            School::NonMetallicMetal => $this->metal()->nonMetallicMetal(),
            School::StippledUndertone => $this->stippled(),
        };
    }

    private function metal(): MetalLesson
    {
        return new MetalLesson($this->wish, $this->box, $this->draft, $this->work, $this->ladder);
    }

    private function washAndHighlight(): bool
    {
        if (! $this->work->covering($this->coat, $this->ladder->base)) {
            return false;
        }
        if ($this->texture === Texture::TinyDetail) {
            return $this->isWhite()
                ? $this->work->tone('highlight', $this->ladder->light, place: Place::RaisedParts)
                    && $this->work->tone('highlight', $this->ladder->high, place: Place::UpperEdges)
                : $this->work->tone('highlight', $this->ladder->high, place: Place::RaisedParts);
        }
        if ($this->ladder->base->colour->lightness >= self::SHADEABLE) {
            $this->shade();
        }

        return $this->lights() && $this->finishes();
    }

    private function layerUp(): bool
    {
        if (! $this->work->tone($this->coat, $this->ladder->deepest)) {
            return false;
        }
        if ($this->isDisplay && ! $this->taste->isBrief()) {
            $this->work->tone('layer', $this->ladder->shade, why: 'leaves the deepest tone in the recesses');
        }

        return $this->work->covering('layer', $this->ladder->base, 'a rim of the darker tone is left on purpose', Place::AllButRecesses)
            && $this->lights()
            && $this->finishes();
    }

    private function transparents(): bool
    {
        if (! $this->sketch()) {
            return false;
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

    /** Over dark a transparent does nothing: first the light is patted on, for yellow on a warm brown. */
    private function sketch(): bool
    {
        if ($this->draft->seen(Zone::Face)->lightness >= School::LIGHT_GROUND - self::DIMMER || $this->draft->keeps('sketch')) {
            return true;
        }
        $sketch = $this->box->nearest(Wanted::of(Lab::of(...self::SKETCH)), $this->taste);
        if ($sketch === null || $sketch->mix->colour()->lightness < School::LIGHT_GROUND) {
            return false;
        }
        $isYellow = Lean::of($this->wish->colour(), $this->wish->area->material) === Lean::Yellow;
        $brown = $isYellow ? $this->box->nearest(Wanted::of(Lab::of(...self::WARM_BROWN)), $this->taste) : null;
        if ($brown !== null && $brown->isReached()) {
            $this->draft->put('basecoat', 'undertone', $brown, 'Undertone: a warm brown in the folds keeps yellow from going green.');
        }
        if ($this->wish->hasAirbrush) {
            $this->draft->put(
                'spray-from-above',
                'sketch',
                $sketch,
                'Sketch: over dark a transparent does nothing, so the light is sprayed from above first.',
                coats: self::SPRAYED,
            );

            return true;
        }
        $this->draft->put(
            'patting',
            'sketch',
            $sketch,
            'Sketch: over dark a transparent does nothing, so the light is patted on first.',
            Place::Everywhere,
            coats: self::SKETCH_COATS,
            load: Load::Heavy,
        );

        return true;
    }

    private function drybrush(): bool
    {
        if (! $this->work->tone($this->coat, $this->dark())) {
            return false;
        }
        $this->work->tone(
            'patting',
            $this->ladder->base,
            place: Place::Everywhere,
            why: 'the first tone is patted on, fuller than a dry brush',
            coats: self::PATTED,
            load: Load::Heavy,
        );
        $this->work->tone('drybrush', $this->ladder->light, why: 'lighter and with less pressure, on what stands up');
        $isWhite = $this->isWhite();
        $isWhite || $this->work->tone('drybrush', $this->ladder->high, why: 'lighter still, only from above');
        if ($isWhite || ($this->isDisplay && ! $this->taste->isBrief())) {
            $this->work->tone(
                $isWhite ? 'highlight' : 'edge-highlight',
                $this->ladder->edge,
                place: Place::UpperEdges,
                why: 'a few lines by hand, where the dry brush was too soft',
            );
        }

        return true;
    }

    private function stippled(): bool
    {
        if (! $this->work->tone($this->coat, $this->dark())) {
            return false;
        }
        $this->work->tone(
            'stipple',
            new Rung('between', $this->dark()->colour->midway($this->ladder->base->colour), 'broken cover: the warm tone below shows through'),
        );
        $this->work->tone(
            'stipple',
            $this->ladder->base,
            place: Place::AllButRecesses,
            why: 'dabbed again, less far: the speckles stay in the folds',
            coats: self::DABBED,
        );

        return $this->lights();
    }

    /** A red gets its last fire from a thin glaze of itself. */
    private function finishes(): bool
    {
        if (
            $this->isDisplay
            && ! $this->taste->isBrief()
            && ! $this->isSmall
            && Lean::of($this->wish->colour(), $this->wish->area->material) === Lean::Red
            && ! $this->draft->keeps('glaze')
        ) {
            $red = $this->box->nearest(Wanted::of(PaintGamut::within($this->wish->colour())), $this->taste, $this->draft->open);
            if ($red !== null && $red->isReached()) {
                $this->draft->put('glaze', 'glaze', $red, 'Glaze: a thin red over all of it ties the lights together, and it glows.');
            }
        }

        return true;
    }

    /** Smooth panels are washed in the joints only, broad folds shaded by thin coats, all else washed over. */
    private function shade(): void
    {
        if ($this->draft->keeps('shade') || $this->draft->keeps('deepest shade')) {
            return;
        }
        $isBroad = $this->texture === Texture::BroadFolds && $this->wish->area->size->share() >= AreaSize::Medium->share();
        $wash = $isBroad ? null : $this->wash();
        if ($wash === null) {
            $this->work->tone(
                'layered-shade',
                $this->dark(),
                dilution: Dilution::of(1, 3, Thinner::Medium),
                why: 'thin coats at the bottom of the fold: on broad surfaces a wash dries blotchy',
            );

            return;
        }
        $inJoints = $this->texture->isPanel();
        $this->draft->put(
            'wash',
            'shade',
            $wash,
            $inJoints
                ? 'Shade: only into the joints, for on a smooth face it would dry blotchy.'
                : Reason::of($this->ladder->shade, $wash->colour(), $this->draft->base),
            $inJoints ? Place::Recesses : Place::Everywhere,
        );
        if (
            ! $inJoints
            && ! $this->isSmall
            && ! $this->taste->isBrief()
            && ! in_array($this->wish->area->material, [Material::Metal, Material::Bone], true)
        ) {
            $this->work->tone(
                'layer',
                $this->ladder->base,
                why: 'the base again on all but the recesses: a wash dulls what it does not shade',
                coats: self::AGAIN,
            );
        }
    }

    /** What grew or weathers is shaded with brown too, where nothing of its own colour is at hand. */
    private function wash(): ?Pick
    {
        $ground = $this->draft->face();
        $own = $this->box->wash($ground, $this->dark()->colour);
        $brown = $this->wish->area->material->weathers() && ($own === null || $this->ladder->base->colour->toLch()->chroma < self::GREYISH)
            ? $this->box->grime($ground, $this->dark()->colour)
            : null;

        // A green wash makes a grey fur mossy: brown may be somewhat farther off.
        return $own === null || ($brown !== null && $brown->off <= $own->off + self::RATHER_BROWN) ? $brown : $own;
    }

    /** The shade, or the deepest where there is little room for light. */
    private function dark(): Rung
    {
        return ! $this->isDeep && $this->ladder->light->colour->lightness - $this->ladder->shade->colour->lightness >= self::CARRIES
            ? $this->ladder->shade
            : $this->ladder->deepest;
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
        // A small thing has one light, and that is seen.
        $isOneLight = $isBrief || ($this->isSmall && ! $this->isDisplay && ! $this->livesByItsEdges());
        $this->work->tone('highlight', $isOneLight ? $this->ladder->high : $this->ladder->light, place: Place::RaisedParts);
        if (! $isBrief && $this->isSmall && ! $this->isDisplay && $this->livesByItsEdges()) {
            return $this->work->tone('highlight', $this->ladder->high, place: Place::UpperEdges);
        }
        if ($isBrief || ($this->isSmall && ! $this->isDisplay)) {
            return true;
        }
        if ($this->texture->isPanel() && ! $this->isWhite()) {
            $this->work->tone('edge-highlight', $this->ladder->high);
        } else {
            $this->work->tone('highlight', $this->ladder->high, place: Place::UpperEdges);
        }
        if ($this->isDisplay) {
            $this->work->tone('dot', $this->ladder->edge, place: Place::Corners, why: 'the last points of light, small');
        }

        return true;
    }

    private function isWhite(): bool
    {
        return Lean::of($this->wish->colour(), $this->wish->area->material) === Lean::White;
    }

    /** Only its edges make white white, and tell where black is. */
    private function livesByItsEdges(): bool
    {
        return $this->isWhite() || Lean::of($this->wish->colour(), $this->wish->area->material) === Lean::Black;
    }

    /** One brighter paint, much thinned, each time less far: the thin coats add up to the ladder. */
    private function lightsOfOne(): bool
    {
        $pick = $this->work->pick($this->ladder->high, Film::Covering);
        if ($pick === null) {
            return true;
        }
        $this->work->owe($this->ladder->high, $pick);
        $thin = Dilution::of(1, self::THIN_LIGHT, Thinner::Water);
        $places = ['light' => Place::RaisedParts, 'highlight' => Place::UpperEdges, ...($this->isDisplay ? ['edge' => Place::Corners] : [])];
        foreach ($this->isSmall && ! $this->isDisplay ? ['light' => Place::RaisedParts] : $places as $rung => $place) {
            if (! $this->draft->keeps($rung)) {
                $this->draft->put(
                    'highlight',
                    $rung,
                    $pick,
                    ucfirst($rung).': '.(
                        $rung === 'light' ? 'one bright paint, much thinned, in thin coats' : 'the same paint again, less far'
                    ).'; '.$this->ladder->high->reason.'.',
                    $place,
                    $thin,
                    self::THIN_COATS,
                );
            }
        }

        return true;
    }
}
