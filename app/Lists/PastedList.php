<?php

declare(strict_types=1);

namespace App\Lists;

use App\Shelf\OwnedPaints;
use App\Support\Field;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Matching\ListAnswer;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\WantedList;
use Kalokroma\Matching\WantedPaint;
use Kalokroma\Paint\Paint;

/** A list of wanted paints as somebody pasted it. */
final readonly class PastedList
{
    /** @param list<WantedPaint> $wanted */
    private function __construct(public array $wanted) {}

    /** @throws Faulty when there is nothing in it, or too much */
    public static function of(string $text): self
    {
        return new self(Field::read('text', static fn(): array => WantedList::read($text, CataloguedNames::all())));
    }

    /** @return list<ListAnswer> */
    public function answers(float $tolerance): array
    {
        $shelf = Substitutes::forMany(OwnedPaints::now()->paints());

        $answers = $byPaint = [];
        foreach ($this->wanted as $wanted) {
            $known = $byPaint[$wanted->paint->id ?? ''] ?? null;
            $answers[] = $answer = $known?->again($wanted) ?? ListAnswer::to($wanted, $shelf, $tolerance);
            $byPaint[$wanted->paint->id ?? ''] = $answer;
        }

        return $answers;
    }

    /** @return list<string> entries nobody could make sense of */
    public function unknown(): array
    {
        return array_column(array_filter($this->wanted, static fn(WantedPaint $wanted): bool => $wanted->paint === null), 'written');
    }

    /** @return list<Paint> understood, each once */
    public function paints(): array
    {
        $paints = [];
        foreach ($this->wanted as $wanted) {
            if ($wanted->paint !== null) {
                $paints[$wanted->paint->id] = $wanted->paint;
            }
        }

        return array_values($paints);
    }
}
