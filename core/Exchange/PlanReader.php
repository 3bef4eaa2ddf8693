<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Colour\IllegalColour;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Edges;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\OrderStyle;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Craft\Texture;
use Kalokroma\Mixing\Mix;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Asked;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Part;
use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Running;
use Kalokroma\Recipe\Silence;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Stop;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Recipe\Variant;
use Kalokroma\Recipe\Way;
use Kalokroma\Simulation\SprayCone;

/**
 * Turns a plan document (docs/formats/plan.schema.json) into a plan.
 */
final readonly class PlanReader
{
    private const LONGEST_COLOUR = 40;

    private const MOST_ORDERED = (Plan::MOST_AREAS + 1) * Plan::MOST_STEPS;


    private StepReader $steps;

    private function __construct(PaintSource $paints, CraftBook $book)
    {
        $this->steps = new StepReader($paints, $book);
    }

    /**
     * @param array<mixed> $document
     *
     * @throws Faulty with every fault and its dotted field
     */
    public static function read(array $document, PaintSource $paints, ?CraftBook $book = null): Plan
    {
        return (new self($paints, $book ?? CraftBook::standard()))->plan(DocumentReader::of($document));
    }

    /** The `mix` of a step; null when it is empty, and at fault under its dotted field when it cannot be. */
    public static function mixOf(DocumentReader $in, PaintSource $paints): ?Mix
    {
        return (new StepReader($paints, CraftBook::standard()))->mix($in);
    }

    /** The `undercoat` of a plan, read where it stands alone. */
    public static function undercoatOf(DocumentReader $in, PaintSource $paints): ?Undercoat
    {
        return (new self($paints, CraftBook::standard()))->undercoat($in);
    }

    /** @throws Faulty */
    private function plan(DocumentReader $in): Plan
    {
        $name = $in->text('name', Plan::LONGEST_NAME);
        $model = $this->model($in->under('model'));
        $undercoat = $in->isNull('undercoat') ? Undercoat::bare() : $this->undercoat($in->under('undercoat'));
        $way = $in->under('way');
        $way = new Way($way->choice('order', OrderStyle::class, OrderStyle::BasesFirst), $way->choice('edges', Edges::class, Edges::Neat));
        $parts = array_map(
            fn(DocumentReader $one): Part => new Part(
                $one->text('id', StepReader::LONGEST_ID),
                $one->text('name', Plan::LONGEST_NAME),
                $one->has('undercoat') ? $this->undercoat($one->under('undercoat')) : null,
            ),
            $in->each('parts', Plan::MOST_PARTS),
        );
        $areas = array_map($this->area(...), $in->each('areas', Plan::MOST_AREAS));
        $whole = $this->steps->steps($in, 'wholeModel');
        $running = $this->running($in);
        $roles = array_map(
            static fn(DocumentReader $one): Role => new Role($one->text('id', StepReader::LONGEST_ID), $one->text('name', Plan::LONGEST_NAME)),
            $in->each('roles', Role::MOST),
        );
        $silenced = array_map($this->silence(...), $in->each('silenced', Silence::MOST));
        $in->mustBeSound();
        try {
            return Plan::of(
                $name,
                $model ?? throw IllegalPlan::name('model.name', Plan::LONGEST_NAME),
                $undercoat ?? throw IllegalPlan::at('undercoat.base', 'Choose an undercoat.'),
                array_values(array_filter($areas)),
                $way,
                $parts,
                $whole,
                $running,
                $silenced,
                $roles,
            );
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
        $base = $this->steps->paint($in, 'base');
        $light = $in->has('light') ? $this->steps->paint($in, 'light') : null;
        $below = $in->has('below') ? $this->steps->paint($in, 'below') : null;
        $cone = $in->number('coneDegrees', SprayCone::NARROWEST_DEGREES, SprayCone::WIDEST_DEGREES, SprayCone::USUAL_DEGREES);
        $method = $in->choice('method', SprayMethod::class, SprayMethod::SprayCan);
        $wait = $in->has('waitMinutes') ? $in->whole('waitMinutes', 0, Particulars::MOST_WAIT_MINUTES) : null;
        if (! $in->isSound() || $base === null) {
            return null;
        }
        try {
            return Undercoat::of($base, $light, SprayCone::ofHalfAngle($cone), $below, $method, $wait);
        } catch (IllegalPlan $illegal) {
            $in->fault(substr($illegal->field, strlen('undercoat.')), $illegal->getMessage());

            return null;
        }
    }

    private function area(DocumentReader $in): ?Area
    {
        $id = $in->text('id', StepReader::LONGEST_ID);
        $name = $in->text('name', Plan::LONGEST_NAME);
        $texture = $in->choice('texture', Texture::class);
        $size = $in->choice('size', AreaSize::class);
        $importance = $in->choice('importance', Importance::class, Importance::Normal);
        $material = $in->choice('material', Material::class, Material::Other);
        $touches = $in->texts('touches', Plan::MOST_AREAS, StepReader::LONGEST_ID);
        $liesUnder = $in->texts('liesUnder', Plan::MOST_AREAS, StepReader::LONGEST_ID);
        $steps = $this->steps->steps($in, 'steps');
        $part = $in->has('part') ? $in->text('part', StepReader::LONGEST_ID) : null;
        $behind = $in->texts('behind', Plan::MOST_AREAS, StepReader::LONGEST_ID);
        $traits = [$in->truth('fragile', false), $in->truth('ground', false), $in->truth('open', false)];
        $aim = $in->has('aim') ? self::colour($in, 'aim') : null;
        $recipe = $in->has('recipe') ? $in->text('recipe', StepReader::LONGEST_ID) : null;
        $asked = $in->has('wish') ? self::asked($in->under('wish')) : null;
        $variants = array_map($this->variant(...), $in->each('variants', Variant::MOST));
        $onSculpt = $in->has('cm2') || $in->has('height') || $in->has('facing') ? SculptReader::read($in) : null;
        try {
            return $in->isSound()
                ? Area::of(
                    $id,
                    $name,
                    $texture,
                    $size,
                    $importance,
                    $touches,
                    $liesUnder,
                    $steps,
                    $material,
                    $part,
                    $behind,
                    $traits[0],
                    $traits[1],
                    $traits[2],
                    $variants,
                    $aim,
                    $recipe,
                    $in->truth('byTurns', false),
                    $asked,
                    $in->texts('roles', Role::MOST, StepReader::LONGEST_ID),
                    $onSculpt,
                )
                : null;
        } catch (IllegalPlan $illegal) {
            $in->fault($illegal->field, $illegal->getMessage());

            return null;
        }
    }

    /** What a recipe was asked for besides its colour. */
    public static function asked(DocumentReader $in): ?Asked
    {
        $asked = new Asked(
            $in->has('school') ? $in->text('school', Asked::LONGEST) : null,
            $in->texts('wishes', Asked::MOST_WISHES, Asked::LONGEST),
        );

        return $asked->saysNothing() ? null : $asked;
    }

    public static function colour(DocumentReader $in, string $field): ?Lab
    {
        try {
            return Lab::spoken($in->text($field, self::LONGEST_COLOUR));
        } catch (IllegalColour $illegal) {
            $in->fault($field, $illegal->getMessage());

            return null;
        }
    }

    private function variant(DocumentReader $in): Variant
    {
        return new Variant(
            $in->text('id', StepReader::LONGEST_ID),
            $in->text('name', Plan::LONGEST_NAME),
            $in->truth('tried', false),
            $in->text('verdict', Step::LONGEST_NOTE, false),
            $in->text('note', Step::LONGEST_NOTE, false),
            $this->steps->steps($in, 'steps'),
            $in->has('undercoat') ? $this->undercoat($in->under('undercoat')) : null,
            $in->texts('roles', Role::MOST, StepReader::LONGEST_ID),
        );
    }

    private function running(DocumentReader $in): Running
    {
        return new Running(
            $in->texts('order', self::MOST_ORDERED, StepReader::LONGEST_ID),
            $in->texts('locked', self::MOST_ORDERED, StepReader::LONGEST_ID),
            array_map(
                static fn(DocumentReader $one): Stop => new Stop(
                    $one->text('name', Plan::LONGEST_NAME),
                    $one->text('after', StepReader::LONGEST_ID),
                ),
                $in->each('stops', Running::MOST_STOPS),
            ),
        );
    }

    private function silence(DocumentReader $in): Silence
    {
        return new Silence(
            $in->text('rule', StepReader::LONGEST_ID),
            $in->has('area') ? $in->text('area', StepReader::LONGEST_ID) : null,
            $in->has('step') ? $in->text('step', StepReader::LONGEST_ID) : null,
            $in->text('note', Step::LONGEST_NOTE, false),
        );
    }
}
