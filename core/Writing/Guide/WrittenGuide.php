<?php

declare(strict_types=1);

namespace Kalokroma\Writing\Guide;

use Kalokroma\Craft\Family;
use Kalokroma\Craft\Place;
use Kalokroma\Mixing\Ingredient;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Pace;
use Kalokroma\Planning\Pass;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;

/**
 * A plan told to others: as text, whose list of paints and tools cannot be incomplete, and as captions for a film, pass by pass. What is
 * written here the reader of guides understands.
 */
final readonly class WrittenGuide
{
    /** A caption is on screen no shorter than this, in seconds. */
    private const SHORTEST_CAPTION = 4.0;

    private function __construct(private Plan $plan) {}

    public static function of(Plan $plan): self
    {
        return new self($plan);
    }

    /** Markdown: what it is, what is needed, the steps area by area, and the whole model. */
    public function text(): string
    {
        $model = $this->plan->model;
        $blocks = ["# {$this->plan->name}", "{$model->name}, {$model->bodyType->label()}, {$model->heightMm} mm, {$model->finishLevel->value}."];
        $blocks[] = "## Paints needed\n".implode("\n", array_map(static fn(Paint $one): string => "- $one->name", $this->paints()));
        $blocks[] = "## Tools\n".implode("\n", array_map(static fn(string $one): string => "- $one", $this->tools()));
        if ($this->plan->undercoat->steps() !== []) {
            $blocks[] = "## Undercoat\n".self::numbered($this->plan->undercoat->steps());
        }
        foreach (array_filter($this->plan->areas, static fn(Area $one): bool => $one->steps !== []) as $area) {
            $blocks[] = "## {$area->name}\n".self::numbered($area->steps);
        }
        if ($this->plan->wholeModel !== []) {
            $blocks[] = "## The whole model\n".self::numbered($this->plan->wholeModel);
        }

        return implode("\n\n", $blocks)."\n";
    }

    /** @return list<Paint> every pot that a step takes, thinners' pots too, each once */
    public function paints(): array
    {
        return array_values($this->plan->paints());
    }

    /** @return list<string> brushes, cans and airbrushes, and what thins the paint */
    public function tools(): array
    {
        $tools = [];
        foreach ($this->plan->steps() as $step) {
            if (self::isBrushed($step)) {
                $tools[] = $step->brush->label();
            }
            if (! $step->dilution->isStraight() && $step->mix !== null && $step->dilution->pot === null) {
                $tools[] = $step->dilution->with->value;
            }
        }

        return array_values(array_unique($tools));
    }

    /**
     * Captions of all passes in the running order, SubRip.
     *
     * @param array<string, float> $minutes really spent, by step id; as they are reckoned for one model where left out
     */
    public function subRip(Rehearsal $rehearsal, array $minutes = []): string
    {
        $cues = [];
        foreach ($this->cues($rehearsal, $minutes) as $at => [$from, $to, $text]) {
            $cues[] = sprintf("%d\n%s --> %s\n%s\n", $at + 1, self::clock($from, ','), self::clock($to, ','), $text);
        }

        return implode("\n", $cues);
    }

    /**
     * The same as WebVTT.
     *
     * @param array<string, float> $minutes really spent, by step id; as they are reckoned for one model where left out
     */
    public function webVtt(Rehearsal $rehearsal, array $minutes = []): string
    {
        $cues = array_map(
            static fn(array $one): string => sprintf("%s --> %s\n%s\n", self::clock($one[0], '.'), self::clock($one[1], '.'), $one[2]),
            $this->cues($rehearsal, $minutes),
        );

        return "WEBVTT\n\n".implode("\n", $cues);
    }

    /**
     * @param array<string, float> $minutes
     *
     * @return list<array{float, float, string}> from, to in seconds, and two lines
     */
    private function cues(Rehearsal $rehearsal, array $minutes): array
    {
        $pace = Pace::of($this->plan);
        $cues = [];
        $now = 0.0;
        foreach ($rehearsal->order()->passes as $pass) {
            $seconds = max(self::SHORTEST_CAPTION, 60.0 * ($minutes[$pass->step->id] ?? $pace->step($pass->step, $pass->area)));
            $cues[] = [$now, $now + $seconds, self::caption($pass)];
            $now += $seconds;
        }

        return $cues;
    }

    private static function caption(Pass $pass): string
    {
        $where = $pass->area->name ?? ($pass->isUndercoat ? 'Undercoat' : 'Whole model');
        $how = array_filter(
            [
                self::mix($pass->step),
                self::thinned($pass->step),
                self::coats($pass->step),
                self::isBrushed($pass->step) ? $pass->step->brush->label() : '',
            ],
            static fn(string $one): bool => $one !== '',
        );
        $note = $pass->step->note === '' ? '' : "\n{$pass->step->note}";

        // An arrow would end the cue's times anew, an empty line the cue.
        return str_replace(
            '-->',
            '→',
            sprintf("%s · %s\n%s%s", $where, $pass->step->technique->label, implode(' · ', $how), (string) preg_replace('/\n{2,}/', "\n", $note)),
        );
    }

    private static function isBrushed(Step $step): bool
    {
        return in_array('brush', $step->technique->asks(), true) && ($step->mix !== null || $step->technique->takes->needsPaint());
    }

    private static function clock(float $seconds, string $point): string
    {
        $whole = (int) floor($seconds);

        return sprintf(
            '%02d:%02d:%02d%s%03d',
            intdiv($whole, 3600),
            intdiv($whole, 60) % 60,
            $whole % 60,
            $point,
            (int) floor(1000 * ($seconds - $whole)),
        );
    }

    /** @param list<Step> $steps */
    private static function numbered(array $steps): string
    {
        return implode(
            "\n",
            array_map(static fn(int $at, Step $step): string => sprintf('%d. %s', $at + 1, self::step($step)), array_keys($steps), $steps),
        );
    }

    private static function step(Step $step): string
    {
        $words = [trim("{$step->technique->label} ".self::mix($step)), self::thinned($step), self::coats($step), self::place($step)];
        $brush = self::isBrushed($step) ? " ({$step->brush->label()})" : '';

        return implode(', ', array_filter($words, static fn(string $one): bool => $one !== '')).$brush
            .($step->note === '' ? '' : "\n   {$step->note}");
    }

    private static function mix(Step $step): string
    {
        return implode(' + ', array_map(
            static fn(Ingredient $one): string => count($step->mix->ingredients ?? []) === 1 ? $one->paint->name : "$one->parts {$one->paint->name}",
            $step->mix->ingredients ?? [],
        ));
    }

    private static function thinned(Step $step): string
    {
        $asks = in_array('dilution', $step->technique->asks(), true) && $step->mix !== null;

        return ! $asks || $step->technique->family === Family::Undercoat
            ? ''
            : (
                $step->dilution->isStraight()
                    ? 'straight'
                    : sprintf('%d:%d %s', $step->dilution->paint, $step->dilution->thinner, $step->dilution->with->value)
            );
    }

    private static function coats(Step $step): string
    {
        return ! in_array('coats', $step->technique->asks(), true) || ($step->coats === 1 && $step->technique->usual->coats === 1)
            ? ''
            : ($step->coats === 1 ? '1 coat' : "$step->coats coats");
    }

    /** Where it is not where that technique goes anyway. */
    private static function place(Step $step): string
    {
        return $step->place === $step->technique->usual->place ? '' : match ($step->place) {
            Place::Everywhere => 'all over',
            Place::AllButRecesses => 'everything but the recesses',
            Place::Recesses => 'in the recesses',
            Place::RaisedParts => 'on the raised parts',
            Place::UpperEdges => 'on the upper edges',
            Place::LowerSides => 'on the lower sides',
            default => 'on the '.mb_strtolower($step->place->label()),
        };
    }
}
