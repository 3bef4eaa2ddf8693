<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\SprayCone;

/**
 * Turns a plan document (docs/formats/plan.schema.json) into a plan.
 */
final readonly class PlanReader
{
    private const LONGEST_ID = 40;

    private function __construct(private PaintSource $paints) {}

    /**
     * @param array<mixed> $document
     *
     * @throws Faulty with every fault and its dotted field
     */
    public static function read(array $document, PaintSource $paints): Plan
    {
        return (new self($paints))->plan(DocumentReader::of($document));
    }

    /** The `mix` of a step; null when it is empty, and at fault under its dotted field when it cannot be. */
    public static function mixOf(DocumentReader $in, PaintSource $paints): ?Mix
    {
        return (new self($paints))->mix($in);
    }

    /** @throws Faulty */
    private function plan(DocumentReader $in): Plan
    {
        $name = $in->text('name', Plan::LONGEST_NAME);
        $model = $this->model($in->under('model'));
        $undercoat = $this->undercoat($in->under('undercoat'));
        $areas = array_map($this->area(...), $in->each('areas', Plan::MOST_AREAS));
        $in->mustBeSound();
        try {
            return Plan::of($name, $model ?? throw IllegalPlan::name('model.name', Plan::LONGEST_NAME), $undercoat ?? throw IllegalPlan::at('undercoat.base', 'Choose an undercoat.'), array_values(array_filter($areas)));
        } catch (IllegalPlan $illegal) {
            throw Faulty::with([new Fault($illegal->field, $illegal->getMessage())]);
        }
    }

    private function model(DocumentReader $in): ?ModelKind
    {
        $name = $in->text('name', Plan::LONGEST_NAME);
        $body = $in->choice('bodyType', BodyType::class);
        $height = $in->whole('heightMm', ModelKind::LEAST_HEIGHT_MM, ModelKind::MOST_HEIGHT_MM);
        $finish = $in->choice('finishLevel', FinishLevel::class);

        return $in->isSound() ? ModelKind::of($name, $body, $height, $finish) : null;
    }

    private function undercoat(DocumentReader $in): ?Undercoat
    {
        $base = $this->paint($in, 'base');
        $light = $in->has('light') ? $this->paint($in, 'light') : null;
        $cone = $in->number('coneDegrees', SprayCone::NARROWEST_DEGREES, SprayCone::WIDEST_DEGREES, SprayCone::USUAL_DEGREES);
        if (! $in->isSound() || $base === null) {
            return null;
        }
        try {
            return $light === null ? Undercoat::plain($base) : Undercoat::zenithal($base, $light, SprayCone::ofHalfAngle($cone));
        } catch (IllegalPlan $illegal) {
            $in->fault(substr($illegal->field, strlen('undercoat.')), $illegal->getMessage());

            return null;
        }
    }

    private function area(DocumentReader $in): ?Area
    {
        $id = $in->text('id', self::LONGEST_ID);
        $name = $in->text('name', Plan::LONGEST_NAME);
        $texture = $in->choice('texture', Texture::class);
        $size = $in->choice('size', AreaSize::class);
        $importance = $in->choice('importance', Importance::class, Importance::Normal);
        $material = $in->choice('material', Material::class, Material::Other);
        $touches = $in->texts('touches', Plan::MOST_AREAS, self::LONGEST_ID);
        $liesUnder = $in->texts('liesUnder', Plan::MOST_AREAS, self::LONGEST_ID);
        $steps = array_map($this->step(...), $in->each('steps', Plan::MOST_STEPS));
        try {
            return $in->isSound() ? Area::of($id, $name, $texture, $size, $importance, $touches, $liesUnder, array_values(array_filter($steps)), $material) : null;
        } catch (IllegalPlan $illegal) {
            $in->fault($illegal->field, $illegal->getMessage());

            return null;
        }
    }

    private function step(DocumentReader $in): ?Step
    {
        $id = $in->text('id', self::LONGEST_ID);
        $technique = $in->choice('technique', Technique::class);
        $usual = $technique->usual();
        $mix = $this->mix($in);
        $dilution = $this->dilution($in->under('dilution'));
        $coats = $in->whole('coats', 1, Step::MOST_COATS, $usual['coats']);
        $brush = $in->choice('brush', Brush::class, $usual['brush']);
        $place = $in->choice('place', Place::class, $usual['place']);
        $note = $in->text('note', Step::LONGEST_NOTE, false);

        return $in->isSound() && $dilution !== null ? Step::of($id, $technique, $mix, $dilution, $coats, $brush, $place, $note) : null;
    }

    private function mix(DocumentReader $in): ?Mix
    {
        $ingredients = [];
        foreach ($in->each('mix', Mix::MOST_PARTS) as $part) {
            $paint = $this->paint($part, 'paint');
            $parts = $part->whole('parts', 1, Mix::MOST_PARTS);
            try {
                if ($paint !== null) {
                    $ingredients[] = Ingredient::of($paint, $parts);
                }
            } catch (IllegalMix $illegal) {
                $part->fault('paint', $illegal->getMessage());
            }
        }
        try {
            return $ingredients === [] ? null : Mix::of($ingredients);
        } catch (IllegalMix $illegal) {
            $in->fault('mix', $illegal->getMessage());

            return null;
        }
    }

    private function dilution(DocumentReader $in): ?Dilution
    {
        $paint = $in->whole('paint', 1, Dilution::MOST_PARTS, 1);
        $thinner = $in->whole('thinner', 0, Dilution::MOST_PARTS, 0);
        $with = $in->choice('with', Thinner::class, Thinner::Water);

        return $in->isSound() ? Dilution::of($paint, $thinner, $with) : null;
    }

    private function paint(DocumentReader $in, string $field): ?Paint
    {
        $id = $in->text($field, self::LONGEST_ID);
        $paint = $id === '' ? null : $this->paints->find($id);
        if ($paint === null && $id !== '') {
            $in->fault($field, sprintf('The paint "%s" is not in the catalogue. Choose one that is, or add it.', mb_strimwidth(mb_scrub($id), 0, 40, '…')));
        }

        return $paint;
    }
}
