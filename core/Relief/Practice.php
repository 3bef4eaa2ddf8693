<?php

declare(strict_types=1);

namespace Kalokroma\Relief;

use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Side;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Blend;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\SprayCone;

/** What each technique does, on a small sculpt of our own: as it stood before, and as it stands after. */
final readonly class Practice
{
    /** Where the stone in the clasp is; the rest is everything else. */
    public const STONE = 'Stone';

    /** kind, swatch, opacity and finish of what is painted with */
    private const PAINTS = [
        'ground' => [Kind::Primer, '#85878a', 0.93, Finish::Matt], 'dim' => [Kind::Primer, '#2c2e31', 0.95, Finish::Matt],
        'bone' => [Kind::Primer, '#e9dfca', 0.9, Finish::Matt], 'base' => [Kind::Opaque, '#2f6270', 0.86, Finish::Matt],
        'mid' => [Kind::Opaque, '#639da0', 0.75, Finish::Matt], 'light' => [Kind::Opaque, '#b5d6ce', 0.7, Finish::Matt],
        'deep' => [Kind::Opaque, '#16323d', 0.92, Finish::Matt], 'chalk' => [Kind::Opaque, '#f1ead8', 0.66, Finish::Matt],
        'brick' => [Kind::Opaque, '#a4472f', 0.7, Finish::Matt], 'shade' => [Kind::Wash, '#463528', 0.03, Finish::Matt],
        'sea' => [Kind::OneCoat, '#3d8f93', 0.04, Finish::Matt], 'ember' => [Kind::Ink, '#d2682a', 0.04, Finish::Matt],
        'grime' => [Kind::Enamel, '#43342a', 0.5, Finish::Satin], 'dust' => [Kind::Pigment, '#b4966b', 0.7, Finish::Matt],
        'rust' => [Kind::Effect, '#9b4f25', 0.6, Finish::Matt], 'mud' => [Kind::Texture, '#57432f', 0.95, Finish::Matt],
        'fluid' => [Kind::Chipping, null, null, Finish::Satin], 'gloss' => [Kind::Varnish, null, null, Finish::Gloss],
        'satin' => [Kind::Varnish, null, null, Finish::Satin], 'matt' => [Kind::Varnish, null, null, Finish::Matt],
    ];

    /** What lies there before, then the technique itself with its paint; both in the order in which they are painted. */
    private const LESSONS = [
        'spray-layer' => [['spray-layer', 'base']],
        'basecoat' => [['basecoat', 'base']],
        'one-coat' => [['one-coat', 'sea']],
        'wet-blend' => [['wet-blend', 'base']],
        'stipple' => [['basecoat', 'base'], ['stipple', 'light']],
        'wash' => [['basecoat', 'mid'], ['wash', 'shade']],
        'layered-shade' => [['basecoat', 'mid'], ['layered-shade', 'deep']],
        'lining' => [['basecoat', 'mid'], ['lining', 'deep']],
        'drybrush' => [['basecoat', 'base'], ['drybrush', 'light']],
        'patting' => [['basecoat', 'base'], ['patting', 'light']],
        'layer' => [['basecoat', 'deep'], ['layer', 'base']],
        'highlight' => [['basecoat', 'base'], ['highlight', 'mid']],
        'edge-highlight' => [['basecoat', 'base'], ['edge-highlight', 'light']],
        'dot' => [['basecoat', 'base'], ['edge-highlight', 'mid'], ['dot', 'chalk']],
        'glaze' => [['basecoat', 'mid'], ['drybrush', 'chalk'], ['glaze', 'sea']],
        'coloured-light' => [['basecoat', 'base'], ['highlight', 'mid'], ['coloured-light', 'ember']],
        'lens' => [['basecoat', 'base'], ['lens', 'brick']],
        'gem' => [['basecoat', 'base'], ['gem', 'brick']],
        'freehand' => [['basecoat', 'base'], ['freehand', 'chalk']],
        'gloss-coat' => [['basecoat', 'base'], ['drybrush', 'light'], ['gloss-coat', 'gloss']],
        'satin-coat' => [['basecoat', 'base'], ['drybrush', 'light'], ['satin-coat', 'satin']],
        'matt-coat' => [['basecoat', 'base'], ['drybrush', 'light'], ['gloss-coat', 'gloss'], ['matt-coat', 'matt']],
        'gloss-spot' => [['basecoat', 'base'], ['gloss-spot', 'gloss']],
        'solvent-wash' => [['basecoat', 'mid'], ['solvent-wash', 'grime']],
        'wipe-back' => [['basecoat', 'mid'], ['solvent-wash', 'grime', 'everywhere'], ['wipe-back', null]],
        'streaks' => [['basecoat', 'mid'], ['streaks', 'grime']],
        'pigments' => [['basecoat', 'base'], ['pigments', 'dust']],
        'effect' => [['basecoat', 'base'], ['effect', 'rust']],
        'chip' => [['basecoat', 'rust'], ['chipping-fluid', 'fluid'], ['basecoat', 'mid'], ['chip', null]],
        'texture-paste' => [['texture-paste', 'mud']],
    ];

    /** Only the stone is done so. */
    private const ON_THE_STONE = ['lens', 'gem', 'gloss-spot'];

    /** There is no room for it on the stone. */
    private const ON_THE_BODY = ['freehand'];

    /** How the sprayed light falls, half of its cone in degrees. */
    public const CONE_DEGREES = 50.0;

    private const HEIGHT_MM = 23;

    public function __construct(
        private Mesh $mesh,
        private Labels $labels,
        private Skin $skin,
    ) {}

    /** @return list<string> ids of the techniques of which there is something to see */
    public static function shown(): array
    {
        return ['primer', 'spray-from-above', ...array_keys(self::LESSONS)];
    }

    /**
     * As it stood before and as it stands after, side by side.
     *
     * @param string $technique one of those shown
     * @param int $width of each
     *
     * @return array{Still, Still}
     */
    public function stills(string $technique, int $width, int $height, bool $isSmooth = false): array
    {
        $rehearsal = Rehearsal::of(self::plan($technique));
        $looks = ['before' => [], 'after' => []];
        foreach ($rehearsal->plan->areas as $area) {
            $number = (int) array_search($area->id, $this->labels->areas, true);
            $painted = PaintedArea::of($rehearsal, $area);
            $last = count($painted->stages) - 1;
            $isDone = ! in_array($technique, $area->id === self::STONE ? self::ON_THE_BODY : self::ON_THE_STONE, true);
            $looks['before'][$number] = PaintedLook::of($painted, $painted->stages[$isDone ? $last - 1 : $last]);
            $looks['after'][$number] = PaintedLook::of($painted, $painted->stages[$last]);
        }

        $frame = Frame::whole($width, $height);

        return [$this->still($looks['before'], $frame, $isSmooth), $this->still($looks['after'], $frame, $isSmooth)];
    }

    /** @param array<int, PaintedLook> $looks */
    private function still(array $looks, Frame $frame, bool $isSmooth): Still
    {
        $skin = $this->skin->markedFor(
            $looks,
            fn(): array => MarkPlaces::of($this->mesh, $this->labels, $this->skin->zones, $this->skin->openness),
        );

        return Still::of($this->mesh, $this->labels, $skin, $looks, Camera::turned(18.0), $frame, $isSmooth);
    }

    private static function plan(string $technique): Plan
    {
        $undercoat = match ($technique) {
            'spray-from-above' => Undercoat::zenithal(self::paint('dim'), self::paint('bone'), SprayCone::ofHalfAngle(self::CONE_DEGREES)),
            'one-coat' => Undercoat::plain(self::paint('bone')),
            default => Undercoat::plain(self::paint('ground')),
        };
        $steps = self::LESSONS[$technique] ?? [];
        $stepsOn = static fn(array $not): array => in_array($technique, $not, true) ? array_slice($steps, 0, -1) : $steps;

        return Plan::of('Practice', ModelKind::of('Practice piece', BodyType::OnFoot, self::HEIGHT_MM, FinishLevel::TableReady), $undercoat, [
            self::area('Body', Texture::BroadFolds, $stepsOn(self::ON_THE_STONE)),
            self::area(self::STONE, Texture::TinyDetail, $stepsOn(self::ON_THE_BODY)),
        ]);
    }

    /** @param list<array{0: string, 1: string|null, 2?: string}> $steps */
    private static function area(string $name, Texture $texture, array $steps): Area
    {
        return Area::of($name, $name, $texture, AreaSize::Main, Importance::Normal, steps: array_map(
            static fn(int $at, array $step): Step => self::step("$name-$at", ...$step),
            array_keys($steps),
            $steps,
        ));
    }

    private static function step(string $id, string $technique, ?string $paint, ?string $place = null): Step
    {
        return Step::usual(
            $id,
            Technique::of($technique),
            $place === null ? null : Place::from($place),
            $paint === null ? null : Mix::single(self::paint($paint)),
            more: match ($technique) {
                'coloured-light' => new Particulars(side: Side::Left),
                'wet-blend' => new Particulars(second: new Blend(Mix::single(self::paint('light')), Dilution::none())),
                default => null,
            },
        );
    }

    private static function paint(string $name): Paint
    {
        [$kind, $swatch, $opacity, $finish] = self::PAINTS[$name];

        return Paint::of(
            $name,
            ucfirst($name),
            $kind,
            $swatch === null ? null : Srgb::parse($swatch)->toLab(),
            $opacity === null ? null : Opacity::of($opacity),
            $finish,
        );
    }
}
