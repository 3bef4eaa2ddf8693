<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Matching\Shelf;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Aftermath;
use Kalokroma\Review\BestUndercoat;
use Kalokroma\Review\CoatWords;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Neutral;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Span;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\AgreedTestCase;
use Tests\Core\Nearby;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const LADDERS = 160;

    protected function said(): iterable
    {
        $said = [];
        $last = [];
        foreach (self::plans(30, 120, 8200) as $name => $plan) {
            $owned = array_values(array_filter($plan->paints(), static fn($one): bool => crc32($one->name) % 4 !== 0));
            $scene = Scene::of(Rehearsal::of($plan), crc32($name) % 3 === 0 ? null : Shelf::of($owned), crc32($name) % 2 === 0 ? 5 : null);
            $findings = Review::of($scene);
            yield $name => array_map(static function (Finding $one) use (&$said, $plan): array {
                // A rule's words are read once for each of its ways to say them.
                $words = isset($said[$one->why.$one->rule]) ? null : [$one->words, $one->why, $one->otherSchool];
                $said[$one->why.$one->rule] = true;

                return [
                    $one->rule, $one->severity->value, $one->area, $one->step, $words, crc32($one->words), self::mends($one, $plan),
                    Review::isOfTheScheme($one),
                ];
            }, $findings);
            yield "$name, weighed" => [
                BestUndercoat::for($scene)?->name, array_map(static fn($one): mixed => Told::of($one, 1), Aftermath::of($last, $findings)),
                $findings === [] ? null : Aftermath::isLess($findings[0], $findings, $last),
            ];
            $last = $findings;
        }
        yield from self::nearTheRules();
        yield from self::withFewUndercoats();
        foreach ([0, 1, 2, 3, 9, 11, 12, 24] as $coats) {
            yield "$coats coats" => CoatWords::of($coats);
        }
        foreach ([0, 1, 45, 59, 60, 61, 90, 120, 150, 600, 1439, 1440, 2880, 4000, 10080] as $minutes) {
            yield "$minutes minutes" => Span::words($minutes);
        }
        foreach (['#f4f4f0', '#e9e2d0', '#101112', '#1c1410', '#808285', '#ffffff', '#d8d0ff'] as $hex) {
            yield "neutral $hex" => [Neutral::isWhite(Paints::lab($hex)), Neutral::isBlack(Paints::lab($hex))];
        }
    }

    /** @return iterable<string, mixed> what is advised where little else could be primed with */
    private static function withFewUndercoats(): iterable
    {
        $all = DocumentPaints::of(PlanSketch::document(''))->paints;
        foreach ([['black'], ['black', 'dim'], ['black', 'grey'], ['black', 'bone'], ['grey', 'shiny'], ['black', 'grey', 'bone', 'white']] as $few) {
            $owned = array_values(array_filter($all, static fn($one): bool => in_array($one->id, $few, true)));
            foreach (['amber', 'ruby', 'moss', 'yellow', 'pink', 'sky'] as $base) {
                $plan = PlanSketch::plan("undercoat black\narea a broad-folds main cloth aim #d8c060\n basecoat $base x1");
                $scene = Scene::of(Rehearsal::of($plan), Shelf::of($owned));
                yield "$base with ".implode(' and ', $few) => [
                    BestUndercoat::for($scene)?->name,
                    array_map(static fn(Finding $one): array => [$one->rule, self::mends($one, $plan)], Review::of($scene)),
                ];
            }
        }
    }

    /** @return iterable<string, list<string>> what is found in plans a word away from those that raise a rule, or that are its exceptions */
    private static function nearTheRules(): iterable
    {
        $sketches = [];
        foreach (RulesTest::cases() as [$rule, $fires, $twin]) {
            $sketches["$rule, fires"] = $fires;
            $sketches["$rule, twin"] = $twin;
        }
        foreach (RulesTest::exceptions() as $name => [, $sketch]) {
            $sketches[$name] = $sketch;
        }
        $sketches['locked, not in order'] = "area a skin main skin\n basecoat skin\n highlight skin-pale\narea b skin small skin\n basecoat tan\nlocked a-1 b-1 a-2";
        $sketches['decal on all, areas of two names'] = "area hull hard-edged-panel main armour\n basecoat green\narea seat skin small leather\n basecoat brown"
            ."\nwhole\n decal setting";
        $cases = [];
        foreach (['ivory', 'snow', 'sand', 'pale-grey'] as $base) {
            $cases["white that ends $base"] = "undercoat white\narea coat broad-folds main cloth aim #f4f3ef\n basecoat $base x3";
        }
        foreach ([0, 2, 4, 6, 9, 13, 18, 26] as $chroma) {
            foreach ([14, 18, 22] as $lighter) {
                $cases["white of $chroma, $lighter"] = "undercoat white\narea a broad-folds main cloth\n basecoat ice~{$lighter}c{$chroma}o130";
                $cases["black of $chroma, $lighter"] = "undercoat black\narea a broad-folds main cloth touches b\n basecoat coal~{$lighter}c{$chroma}o100"
                    ."\narea b broad-folds main cloth\n basecoat soot~0c{$chroma}o100";
            }
        }
        $shelf = Shelf::of(array_values(DocumentPaints::of(PlanSketch::document(''))->paints));
        foreach ($sketches as $name => $sketch) {
            foreach ([...Nearby::of($sketch, 8, crc32($name)), ...Nearby::inShades($sketch, 4, crc32($name))] as $at => $near) {
                $cases["near $name, $at"] = $near;
            }
        }
        $dice = new Randomizer(new Mt19937(8300));
        for ($at = 0; $at < self::LADDERS; $at++) {
            $cases["ladder $at"] = self::ladder(static fn(string ...$of): string => $of[$dice->getInt(0, count($of) - 1)]);
        }
        foreach ($cases as $name => $near) {
            yield $name => Told::answer(static function () use ($near, $shelf): array {
                $plan = PlanSketch::plan($near);

                return array_map(
                    static fn(Finding $one): string => sprintf(
                        '%s %s %s %s',
                        $one->rule,
                        $one->step ?? $one->area ?? '-',
                        $one->severity->value,
                        hash('crc32b', $one->words.$one->why.$one->otherSchool.json_encode(self::mends($one, $plan))),
                    ),
                    Review::of(Scene::of(Rehearsal::of($plan), $shelf, 5)),
                );
            });
        }
    }

    /**
     * A recipe as painters begin one: a base too thin, too few or just enough, and what goes over it.
     *
     * @param callable(string...): string $any one of them
     */
    private static function ladder(callable $any): string
    {
        $tone = $any(
            'navy',
            'red',
            'dark-red',
            'orange',
            'yellow',
            'ochre',
            'brown',
            'green',
            'dark-green',
            'lime',
            'purple',
            'sky',
            'skin',
            'pale-grey',
            'steel',
        );
        $over = static fn(): string => $any(
            "layer $tone*2 snow*1 1:1",
            "layer $tone*1 snow*3",
            "layer $tone raised",
            "highlight $tone*1 snow*2",
            "highlight pink raised",
            'highlight orange',
            'highlight sand edges',
            "glaze $tone",
            'glaze ruby',
            'glaze amber',
            'glaze moss',
            'wash umber-wash',
            'wash black-wash recesses',
            'wash red-wash',
            'wash blue-wash all',
            "stipple $tone*1 snow*1",
            'drybrush ivory',
            'edge-highlight pale-grey',
            "dot $tone*1 snow*4",
            'one-coat amber',
        );
        $area = static fn(string $id, string $beside): string => sprintf(
            "area %s %s %s %s touches %s\n basecoat %s %s %s\n %s\n %s",
            $id,
            $any('broad-folds', 'hard-edged-panel', 'smooth-panel', 'skin', 'tiny-detail', 'fur-or-feather'),
            $any('main', 'large', 'medium', 'small'),
            $any('cloth', 'armour', 'skin', 'metal', 'leather', 'hair'),
            $beside,
            $tone,
            $any('2:1', '1:1', '1:3', '1:0'),
            $any('x1', 'x2', 'x2', 'x3', 'x5'),
            $over(),
            $over(),
        );

        return 'undercoat '.$any('black', 'grey', 'white', 'bone', 'black light bone', 'dim light white')."\n"
            .$area('a', 'b')."\n ".$over()."\n".str_replace($tone, $any('coal', 'dark-brown', 'ivory', $tone), $area('b', 'a'));
    }

    /** @return list<array<mixed>> the words of each, and how much they change */
    private static function mends(Finding $finding, Plan $plan): array
    {
        return array_map(static fn($mend): array => [
            $mend->label,
            Told::answer(static fn(): string => hash('crc32b', serialize(\Kalokroma\Exchange\PlanWriter::write($mend->edit->applyTo($plan))))),
        ], $finding->mends);
    }
}
