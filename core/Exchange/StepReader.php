<?php

declare(strict_types=1);

namespace Kalokroma\Exchange;

use Kalokroma\Craft\Brush;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Side;
use Kalokroma\Craft\Spirit;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\IllegalMix;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Blend;
use Kalokroma\Recipe\IllegalPlan;
use Kalokroma\Recipe\Particulars;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Role;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Written;

/** Reads steps, with what they are done with. */
final readonly class StepReader
{
    public const LONGEST_ID = 40;

    public function __construct(
        private PaintSource $paints,
        private CraftBook $book,
    ) {}

    /** @return list<Step> those that are sound */
    public function steps(DocumentReader $in, string $field): array
    {
        return array_values(array_filter(array_map($this->step(...), $in->each($field, Plan::MOST_STEPS))));
    }

    /** Null when something of it is at fault. */
    public function step(DocumentReader $in): ?Step
    {
        $id = $in->text('id', self::LONGEST_ID);
        $technique = $this->technique($in);
        $usual = $technique->usual;
        $mix = $this->mix($in);
        $dilution = $this->dilution($in->under('dilution'));
        $coats = $in->whole('coats', 1, Step::MOST_COATS, $usual->coats);
        $brush = $in->choice('brush', Brush::class, $usual->brush);
        $place = $in->choice('place', Place::class, $usual->place);
        $note = $in->text('note', Step::LONGEST_NOTE, false);
        $more = $this->particulars($in, $technique);
        if (! $in->isSound() || $dilution === null) {
            return null;
        }
        try {
            return Step::of($id, $technique, $mix, $dilution, $coats, $brush, $place, $note, more: $more);
        } catch (IllegalPlan $illegal) {
            $in->fault($illegal->field, $illegal->getMessage());

            return null;
        }
    }

    /** The first technique of the book when the field is at fault. */
    public function technique(DocumentReader $in): Technique
    {
        $id = $in->text('technique', self::LONGEST_ID);
        $technique = $this->book->technique($id);
        if ($technique === null && $id !== '') {
            $in->fault(
                'technique',
                PlainText::unknownWord($id, array_column($this->book->techniques(), 'id')),
            );
        }

        return $technique ?? $this->book->techniques()[0];
    }

    public function mix(DocumentReader $in): ?Mix
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

    public function paint(DocumentReader $in, string $field): ?Paint
    {
        $id = $in->text($field, self::LONGEST_ID);
        $paint = $id === '' ? null : $this->paints->find($id);
        if ($paint === null && $id !== '') {
            $in->fault(
                $field,
                sprintf('The paint "%s" is not in the catalogue. Choose one that is, or add it.', mb_strimwidth(mb_scrub($id), 0, 40, '…')),
            );
        }

        return $paint;
    }

    private function dilution(DocumentReader $in): ?Dilution
    {
        $paint = $in->whole('paint', 1, Dilution::MOST_PARTS, 1);
        $thinner = $in->whole('thinner', 0, Dilution::MOST_PARTS, 0);
        $with = $in->choice('with', Thinner::class, Thinner::Water);
        $pot = $in->has('paintId') ? $this->paint($in, 'paintId') : null;
        if ($pot !== null && ! $pot->isClear()) {
            $in->fault('paintId', sprintf('"%s" has colour. Thin with a medium or thinner, or mix it in.', $pot->name));
        }

        return $in->isSound() ? Dilution::of($paint, $thinner, $with)->outOf($pot) : null;
    }

    private function particulars(DocumentReader $in, Technique $technique): Particulars
    {
        $usual = $technique->does(Nature::StaysWet);
        $perModel = $in->truth('perModel', $usual);

        return new Particulars(
            $in->truth('optional', false),
            $in->has('waitMinutes') ? $in->whole('waitMinutes', 0, Particulars::MOST_WAIT_MINUTES) : null,
            $perModel === $usual ? null : $perModel,
            $in->has('side') ? $in->choice('side', Side::class) : null,
            $in->texts('borders', Plan::MOST_AREAS, self::LONGEST_ID),
            $in->has('part') ? $in->text('part', self::LONGEST_ID) : null,
            $this->load($in, $technique),
            $in->choice('spirit', Spirit::class, Spirit::Enamel),
            $in->has('second') ? $this->second($in->under('second')) : null,
            $in->texts('heads', Particulars::MOST_HEADS, Particulars::LONGEST_HEAD),
            $in->has('written') ? $this->written($in->under('written')) : null,
            $in->has('within') ? $in->text('within', self::LONGEST_ID) : null,
            $in->texts('roles', Role::MOST, self::LONGEST_ID),
        );
    }

    /** What was a wash's stays with a step that is none any more, and means nothing there. */
    private function load(DocumentReader $in, Technique $technique): Load
    {
        $load = $in->choice('load', Load::class, Load::Normal);
        $loads = $technique->loads();
        if ($loads !== [] && ! in_array($load, $loads, true) && ! in_array($load, Load::ofWashes(), true)) {
            $in->fault(
                'load',
                sprintf(
                    '%s is %s, not %s.',
                    $technique->label,
                    implode(' or ', array_column($loads, 'value')),
                    $load->value,
                ),
            );
        }

        return $load;
    }

    private function written(DocumentReader $in): Written
    {
        return new Written($in->text('rung', Written::LONGEST), $in->text('as', Written::LONGEST));
    }

    private function second(DocumentReader $in): ?Blend
    {
        $mix = $this->mix($in);
        $dilution = $this->dilution($in->under('dilution'));
        if ($mix?->isClear() === true) {
            $in->fault('mix', 'The other colour of a blend is paint that has colour.');
        }

        return $mix === null || $dilution === null || ! $in->isSound() ? null : new Blend($mix, $dilution);
    }
}
