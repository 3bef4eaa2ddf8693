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
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Step;

/** What each school does, step by step, on one area. */
final readonly class Lesson
{
    /** Lightness of the warm white a sketch of light is laid with. */
    private const SKETCH = [88.0, 1.0, 8.0];

    /** Below so dark a base no shade is seen. */
    private const SHADEABLE = 22.0;

    /** Lightness that light and shade are apart at least, so that it carries to arm's length. */
    private const CARRIES = 22.0;

    /** More coats than these are not painted without something under them. */
    private const PATIENCE = 4;

    private Ladder $ladder;

    private Texture $texture;

    private bool $isDisplay;

    private bool $isSmall;

    /** @param bool $isDeep with the deepest shade, for an area that would go flat otherwise */
    public function __construct(
        private WritingWish $wish,
        private PaintBox $box,
        private Draft $draft,
        private bool $isDeep = false,
    ) {
        $this->ladder = Ladder::about($wish->target, $wish->area->material, $wish->model->finishLevel);
        $this->texture = $wish->area->texture;
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
        if (! $this->covering('basecoat', $this->ladder->base)) {
            return false;
        }
        if ($this->texture === Texture::TinyDetail) {
            return $this->tone('highlight', $this->ladder->light);
        }
        if ($this->ladder->base->colour->lightness >= self::SHADEABLE) {
            $this->shade();
        }
        $this->lights();

        return true;
    }

    private function layerUp(): bool
    {
        if (! $this->tone('basecoat', $this->ladder->deepest)) {
            return false;
        }
        if ($this->isDisplay) {
            $this->tone('layer', $this->ladder->shade, why: 'leaves the deepest tone in the recesses');
        }
        $this->covering('layer', $this->ladder->base, 'a rim of the darker tone is left on purpose');
        $this->lights();

        return true;
    }

    private function transparents(): bool
    {
        if ($this->draft->seen(Zone::Raised)->lightness < School::LIGHT_GROUND) {
            $sketch = $this->box->nearest(Lab::of(...self::SKETCH), Film::Covering);
            if ($sketch === null) {
                return false;
            }
            $this->draft->put('drybrush', $sketch, 'Over dark a transparent does nothing: first a sketch of the light.', coats: 4);
        }
        $tint = $this->box->tint($this->draft->face(), $this->ladder->base->colour);
        if ($tint === null || ! $this->tone('one-coat', $this->ladder->base, why: 'the light and dark below show through', pick: $tint)) {
            return false;
        }
        if ($this->isDeep) {
            $this->shade();
        }
        $this->lights();

        return true;
    }

    private function drybrush(): bool
    {
        if (! $this->tone('basecoat', $this->dark())) {
            return false;
        }
        $this->tone('drybrush', $this->ladder->base, why: 'the relief catches it');
        $this->tone('drybrush', $this->ladder->light, why: 'lighter and with less pressure');
        if ($this->isDisplay) {
            $this->tone('highlight', $this->ladder->high, place: Place::UpperEdges);
        }

        return true;
    }

    private function trueMetal(): bool
    {
        if (! $this->tone('basecoat', $this->ladder->base, Film::Metal)) {
            return false;
        }
        $wash = $this->box->wash($this->draft->face(), $this->ladder->deepest->colour);
        if ($wash !== null) {
            $this->draft->put('wash', $wash, 'Shade: a wash gives metal its depth.', $this->texture->isPanel() ? Place::Recesses : Place::Everywhere);
        }
        $this->tone('edge-highlight', $this->ladder->high, Film::Metal, why: 'a brighter metal where the light catches');

        return true;
    }

    private function nonMetallicMetal(): bool
    {
        if (! $this->covering('basecoat', $this->ladder->base)) {
            return false;
        }
        $this->tone('layered-shade', $this->ladder->deepest, why: 'the darker plane below, drawn down in thin coats');
        $this->tone('highlight', $this->ladder->high, place: Place::RaisedParts, why: 'the lighter plane, a clear step brighter');
        $this->tone('edge-highlight', new Rung('glint', Lab::of(94.0, 0.0, 3.0), 'the ridge shines nearly white'));

        return true;
    }

    private function stippled(): bool
    {
        if (! $this->tone('basecoat', $this->dark())) {
            return false;
        }
        $this->tone('stipple', new Rung('between', $this->dark()->colour->midway($this->ladder->base->colour), 'broken cover: the warm tone below shows through'));
        $this->tone('stipple', $this->ladder->base, place: Place::AllButRecesses, why: 'dabbed again, less far: the speckles stay in the folds');
        $this->lights();

        return true;
    }

    /** Smooth panels are washed in the joints only, broad folds shaded by thin coats, all else washed over. */
    private function shade(): void
    {
        $isBroad = $this->texture === Texture::BroadFolds && $this->wish->area->size->share() >= AreaSize::Medium->share();
        $wash = $isBroad ? null : $this->box->wash($this->draft->face(), $this->dark()->colour);
        if ($wash === null) {
            $this->tone('layered-shade', $this->dark(), dilution: Dilution::of(1, 3, Thinner::Medium), why: 'thin coats at the bottom of the fold: on broad surfaces a wash dries blotchy');

            return;
        }
        $inJoints = $this->texture->isPanel();
        $this->draft->put('wash', $wash, $inJoints ? 'Shade: only into the joints, for on a smooth face it would dry blotchy.' : 'Shade: '.$this->ladder->shade->reason.'.', $inJoints ? Place::Recesses : Place::Everywhere);
        if (! $inJoints && ! $this->isSmall && ! in_array($this->wish->area->material, [Material::Metal, Material::Bone], true)) {
            $this->tone('layer', $this->ladder->base, why: 'the base again on all but the recesses: a wash dulls what it does not shade');
        }
    }

    /** The shade, or the deepest where there is little room for light. */
    private function dark(): Rung
    {
        return ! $this->isDeep && $this->ladder->light->colour->lightness - $this->ladder->shade->colour->lightness >= self::CARRIES ? $this->ladder->shade : $this->ladder->deepest;
    }

    /** A base that would take many coats is made of what hides better, or goes over another tone that covers. */
    private function covering(string $technique, Rung $rung, ?string $why = null): bool
    {
        $options = $this->box->options($rung->colour, Film::Covering, $this->draft->open);
        $best = [Step::MOST_COATS + 1, null, null];
        foreach ($options as $pick) {
            $best = $this->fewer($best, $technique, $pick, null);
            if ($best[0] <= self::PATIENCE) {
                break;
            }
        }
        foreach ($best[0] > self::PATIENCE && isset($options[0]) ? $this->box->undertones($rung->colour) : [] as $paint) {
            $best = $this->fewer($best, $technique, $options[0], $paint);
        }
        [$coats, $pick, $under] = $best;
        if ($under !== null) {
            $this->draft->put($technique, new Pick(Mix::single($under), 0.0), sprintf('Undertone: it covers in few coats, and so the weak colour over it does too, %d in all.', $coats));
        }

        return $this->tone($technique, $rung, why: $why, pick: $pick);
    }

    /**
     * @param array{int, Pick|null, Paint|null} $best
     *
     * @return array{int, Pick|null, Paint|null}
     */
    private function fewer(array $best, string $technique, Pick $pick, ?Paint $under): array
    {
        $coats = $this->draft->coatsOf($technique, $pick->mix, $under === null ? null : Mix::single($under));

        return $coats !== null && $coats < $best[0] ? [$coats, $pick, $under] : $best;
    }

    private function lights(): void
    {
        $this->tone('highlight', $this->ladder->light, place: Place::RaisedParts);
        if ($this->isSmall && ! $this->isDisplay) {
            return;
        }
        if ($this->texture->isPanel()) {
            $this->tone('edge-highlight', $this->ladder->high);
        } else {
            $this->tone('highlight', $this->ladder->high, place: Place::UpperEdges);
        }
        if ($this->isDisplay) {
            $this->tone('dot', $this->ladder->edge, place: Place::Corners, why: 'the last points of light, small');
        }
    }

    private function tone(string $technique, Rung $rung, Film $film = Film::Covering, ?Place $place = null, ?Dilution $dilution = null, ?string $why = null, ?Pick $pick = null): bool
    {
        $pick ??= $this->box->nearest($rung->colour, $film, $this->draft->open);
        if ($pick === null) {
            return false;
        }
        if (in_array($technique, ['layer', 'stipple'], true) && $this->draft->isAll($pick->mix)) {
            return true;
        }
        $reason = ucfirst($rung->name).': '.($why ?? $rung->reason).'.';
        if (in_array($technique, ['highlight', 'edge-highlight', 'dot'], true)) {
            if (! $this->draft->light($technique, $pick, $reason, $place ?? Place::UpperEdges)) {
                return true;
            }
        } else {
            $this->draft->put($technique, $pick, $reason, $place, $dilution);
        }
        if (! $pick->isReached()) {
            $this->draft->unreached[] = sprintf('%s: the nearest is %.1f off.', ucfirst($rung->name), $pick->off);
        }

        return true;
    }
}
