<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Texture;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\FreeOrder;
use Kalokroma\Planning\LockStep;
use Kalokroma\Planning\RunStep;
use Kalokroma\Recipe\Edit\AddArea;
use Kalokroma\Recipe\Edit\AddPart;
use Kalokroma\Recipe\Edit\AddRole;
use Kalokroma\Recipe\Edit\AddStep;
use Kalokroma\Recipe\Edit\AddVariant;
use Kalokroma\Recipe\Edit\AddWay;
use Kalokroma\Recipe\Edit\AddWholeStep;
use Kalokroma\Recipe\Edit\CutLoose;
use Kalokroma\Recipe\Edit\DuplicateArea;
use Kalokroma\Recipe\Edit\DuplicateStep;
use Kalokroma\Recipe\Edit\Edit;
use Kalokroma\Recipe\Edit\GroundWay;
use Kalokroma\Recipe\Edit\MeasureAreas;
use Kalokroma\Recipe\Edit\MoveArea;
use Kalokroma\Recipe\Edit\MoveInRecipe;
use Kalokroma\Recipe\Edit\PaintStep;
use Kalokroma\Recipe\Edit\PromoteVariant;
use Kalokroma\Recipe\Edit\PromoteWay;
use Kalokroma\Recipe\Edit\PutSteps;
use Kalokroma\Recipe\Edit\RemoveArea;
use Kalokroma\Recipe\Edit\RemovePart;
use Kalokroma\Recipe\Edit\RemoveRole;
use Kalokroma\Recipe\Edit\RemoveStep;
use Kalokroma\Recipe\Edit\RemoveVariant;
use Kalokroma\Recipe\Edit\RepaintArea;
use Kalokroma\Recipe\Edit\SetStop;
use Kalokroma\Recipe\Edit\Several;
use Kalokroma\Recipe\Edit\SilenceFinding;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Recipe\Edit\TakeRecipe;
use Kalokroma\Recipe\OnSculpt;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Silence;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\GoesAlong;
use Kalokroma\Review\TakeMend;

/**
 * Turns an edit as it is sent into one: `do` says which, the other fields what of. What only sets fields (`set`) is done to the document
 * (FieldsAt).
 */
final readonly class EditReader
{
    private const LONGEST_ID = StepReader::LONGEST_ID;

    private const MOST_MENDS = 20;

    private const MOST_MODELS = 10000;

    private function __construct(
        private DocumentReader $in,
        private PaintSource $paints,
        private CraftBook $book,
        private ?Shelf $shelf,
    ) {}

    /**
     * @param array<mixed> $fields
     * @param Shelf|null $shelf that mends may reach for
     *
     * @throws Faulty with every fault and its field
     */
    public static function read(array $fields, PaintSource $paints, ?CraftBook $book = null, ?Shelf $shelf = null): Edit
    {
        $in = DocumentReader::of($fields);
        $edit = (new self($in, $paints, $book ?? CraftBook::standard(), $shelf))->edit();
        $in->mustBeSound();

        return $edit ?? throw Faulty::field('do', 'Say what to do.');
    }

    private function edit(): ?Edit
    {
        /** @var array<string, callable(): Edit> $does */
        $does = [
            'add-area' => fn(): Edit => new AddArea($this->id('id'), $this->in->text('name', Plan::LONGEST_NAME)),
            'add-step' => fn(): Edit => new AddStep($this->id('id'), $this->id('area'), $this->book),
            'add-whole-step' => fn(): Edit => new AddWholeStep($this->id('id'), (new StepReader($this->paints, $this->book))->technique($this->in)),
            'put-steps' => fn(): Edit => new PutSteps(
                $this->id('area'),
                (new StepReader($this->paints, $this->book))->steps($this->in, 'steps'),
                $this->id('id'),
                $this->maybe('after'),
                $this->in->truth('instead', false),
            ),
            'remove-step' => fn(): Edit => new RemoveStep($this->id('step')),
            'remove-area' => fn(): Edit => new RemoveArea($this->id('area')),
            'repaint-area' => fn(): Edit => new RepaintArea(
                $this->id('area'),
                (new StepReader($this->paints, $this->book))->steps($this->in, 'steps'),
                $this->in->has('aim') ? PlanReader::colour($this->in, 'aim') : null,
                $this->in->has('wish') ? PlanReader::asked($this->in->under('wish')) : null,
            ),
            'take-recipe' => fn(): Edit => new TakeRecipe(
                $this->id('area'),
                $this->id('recipe'),
                (new StepReader($this->paints, $this->book))->steps($this->in, 'steps'),
                $this->id('id'),
            ),
            'cut-loose' => fn(): Edit => new CutLoose($this->id('area')),
            'measure-areas' => fn(): Edit => new MeasureAreas(array_map($this->measure(...), $this->in->each('areas', Plan::MOST_AREAS))),
            'add-variant' => fn(): Edit => new AddVariant(
                $this->id('area'),
                $this->id('id'),
                $this->in->text('name', Plan::LONGEST_NAME),
                $this->in->has('steps') ? (new StepReader($this->paints, $this->book))->steps($this->in, 'steps') : null,
            ),
            'promote-variant' => fn(): Edit => new PromoteVariant($this->id('area'), $this->id('variant'), $this->id('id')),
            'add-way' => fn(): Edit => new AddWay(
                $this->in->text('name', Plan::LONGEST_NAME),
                $this->in->texts('areas', Plan::MOST_AREAS, Plan::LONGEST_NAME),
                $this->id('id'),
            ),
            'promote-way' => fn(): Edit => new PromoteWay($this->in->text('name', Plan::LONGEST_NAME), $this->id('id')),
            'ground-way' => fn(): Edit => new GroundWay(
                $this->in->text('name', Plan::LONGEST_NAME),
                $this->in->has('undercoat') ? PlanReader::undercoatOf($this->in->under('undercoat'), $this->paints) : null,
            ),
            'remove-variant' => fn(): Edit => new RemoveVariant($this->id('area'), $this->id('variant')),
            'duplicate-area' => fn(): Edit => new DuplicateArea($this->id('area'), $this->id('id')),
            'move-area' => fn(): Edit => new MoveArea($this->id('area'), $this->maybe('before')),
            'duplicate-step' => fn(): Edit => new DuplicateStep($this->id('step'), $this->id('id')),
            'add-part' => fn(): Edit => new AddPart($this->id('id'), $this->in->text('name', Plan::LONGEST_NAME)),
            'add-role' => fn(): Edit => new AddRole($this->id('id'), $this->in->text('name', Plan::LONGEST_NAME)),
            'remove-role' => fn(): Edit => new RemoveRole($this->id('role')),
            'remove-part' => fn(): Edit => new RemovePart($this->id('part')),
            'paint-step' => fn(): Edit => new PaintStep($this->id('step'), PlanReader::mixOf($this->in, $this->paints)),
            'swap-technique' => fn(): Edit => new SwapTechnique(
                $this->id('step'),
                (new StepReader($this->paints, $this->book))->technique($this->in),
            ),
            'run-step' => fn(): Edit => new RunStep($this->id('step'), $this->maybe('before')),
            'move-step' => fn(): Edit => new MoveInRecipe($this->id('step'), $this->id('other'), $this->in->truth('before', true)),
            'lock-step' => fn(): Edit => new LockStep($this->id('step'), $this->in->truth('locked', true)),
            'free-order' => static fn(): Edit => new FreeOrder,
            'set-stop' => fn(): Edit => new SetStop($this->in->text('name', Plan::LONGEST_NAME), $this->maybe('after')),
            'mend' => function (): Edit {
                $models = $this->in->has('models') ? $this->in->whole('models', 1, self::MOST_MODELS) : null;
                $along = array_map(fn(DocumentReader $in): Edit => $this->mend($in, $models), $this->in->each('with', GoesAlong::MOST));

                return $along === [] ? $this->mend($this->in, $models) : new Several([$this->mend($this->in, $models), ...$along]);
            },
            'silence' => fn(): Edit => new SilenceFinding($this->silence($this->in->text('note', Step::LONGEST_NOTE, false))),
            'unsilence' => fn(): Edit => new SilenceFinding($this->silence(''), false),
        ];
        $do = $this->in->text('do', self::LONGEST_ID);
        if (! isset($does[$do])) {
            $this->in->fault('do', sprintf('Say what to do: one of %s.', implode(', ', ['set', ...array_keys($does)])));

            return null;
        }

        return $does[$do]();
    }

    private function id(string $field): string
    {
        return $this->in->text($field, self::LONGEST_ID);
    }

    private function maybe(string $field): ?string
    {
        return $this->in->has($field) ? $this->id($field) : null;
    }

    private function mend(DocumentReader $in, ?int $models): TakeMend
    {
        $maybe = static fn(string $field): ?string => $in->has($field) ? $in->text($field, self::LONGEST_ID) : null;

        return new TakeMend(
            $in->text('rule', self::LONGEST_ID),
            $maybe('area'),
            $maybe('step'),
            $in->whole('mend', 1, self::MOST_MENDS),
            $this->shelf,
            $models,
        );
    }

    /** @return array{area: string, size: AreaSize|null, texture: Texture|null, touches: list<string>|null, onSculpt: OnSculpt} */
    private function measure(DocumentReader $in): array
    {
        return [
            'area' => $in->text('area', self::LONGEST_ID),
            'size' => $in->has('size') ? $in->choice('size', AreaSize::class) : null,
            'texture' => $in->has('texture') ? $in->choice('texture', Texture::class) : null,
            'touches' => $in->has('touches') ? $in->texts('touches', Plan::MOST_AREAS, self::LONGEST_ID) : null,
            'onSculpt' => SculptReader::read($in),
        ];
    }

    private function silence(string $note): Silence
    {
        return new Silence($this->id('rule'), $this->maybe('area'), $this->maybe('step'), $note);
    }
}
