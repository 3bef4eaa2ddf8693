<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Lch;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Writing\Guide\Guide;
use Kalokroma\Writing\Guide\GuideReader;
use Kalokroma\Writing\Guide\GuideStandIns;
use Kalokroma\Writing\Guide\GuideText;
use Kalokroma\Writing\Guide\Ratio;
use Kalokroma\Writing\Guide\Words;
use Kalokroma\Writing\Guide\WrittenGuide;
use Kalokroma\Writing\Ladder;
use Kalokroma\Writing\Lean;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\PaintGamut;
use Kalokroma\Writing\Practice;
use Kalokroma\Writing\Scheme;
use Kalokroma\Writing\School;
use Kalokroma\Writing\Sense;
use Kalokroma\Writing\Taste;
use Kalokroma\Writing\Transparents;
use Kalokroma\Writing\UndercoatAdvice;
use Kalokroma\Writing\Wish;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Bench\GuideCorpus;
use Tests\Core\AgreedTestCase;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;
use Tests\Core\Told;

final class AgreedTest extends AgreedTestCase
{
    private const WISHES = [
        ['broad-folds', 'cloth', '#e2b21f', '#1c1c1e', [], 'table-ready'],
        ['hard-edged-panel', 'metal', '#8a8d90', '#1c1c1e', [], 'display'], ['skin', 'skin', '#c08a6c', '#7f8183', ['warmer'], 'display'],
        ['close-folds', 'leather', '#67482f', '#e4dcc6', ['fewest-pots'], 'table-ready'],
        ['tiny-detail', 'glass', '#2f7f7a', '#7f8183', ['brighter'], 'display'],
        ['fur-or-feather', 'fur', '#f2f2ee', '#7f8183', ['more-contrast'], 'table-ready'],
        ['scales-or-chain', 'scales', '#3f6b35', '#1c1c1e', ['fewer-steps'], 'display'],
        ['broad-folds', 'cloth', '#f2f2ee', '#e4dcc6', ['more-contrast', 'brighter'], 'display'],
        ['hard-edged-panel', 'armour', '#26508a', '#7f8183', ['faster'], 'display'],
        ['smooth-panel', 'stone', '#8a8d90', '#e4dcc6', [], 'table-ready'],
        ['tiny-detail', 'bone', '#e6dcc0', '#1c1c1e', ['cooler', 'fewest-pots'], 'table-ready'],
        ['close-folds', 'hair', '#1f1f21', '#1c1c1e', ['warmer'], 'display'],
        ['broad-folds', 'cloth', '#d98a9c', '#7f8183', ['calmer', 'from-dark'], 'display'],
        ['hard-edged-panel', 'metal', '#a67f35', '#7f8183', ['more-contrast'], 'table-ready'],
        ['smooth-panel', 'armour', '#a3231f', '#e4dcc6', ['faster', 'cooler'], 'table-ready'],
        ['rubble', 'ground', '#8a8d90', '#1c1c1e', ['calmer'], 'table-ready'],
        ['rope-or-grain', 'wood', '#b18e5f', '#7f8183', ['from-dark'], 'table-ready'],
    ];

    private const LINES = [
        'Base the coat with Oilskin Yellow, two even coats', 'Coat: Oilskin Yellow 2:1 Chalk', 'thinned 1 part to 5 with water',
        '3 parts medium to 1 part wash', '50/50 Umber Wash and water', 'one to one', 'a third of Chalk',
        'drybrush the raised parts', 'all over', 'only the recesses', 'everything but the recesses', 'twice', 'x3', 'a couple of coats',
        'four coats', 'COAT', 'Paints:', 'Step 4: boots', 'Helmet - Chalk', '  - Highlights', 'then leave it to dry overnight',
        'I like this colour', 'matt varnish over everything', '2,5 : 1', '75 % Chalk', 'edge highlight the hat', 'Shade', 'lower half',
        'upper edges', 'glaze', 'gloss on the eyes', 'rim black', '', '09:15 paint the boots', '• Base: mud', 'metal bits', 'skin',
        'left arm', 'BOOK barge red', 'CLOAK Oilskin Yellow', 'Book Barge red', 'the skin pale and the staff cork', 'Chalk over grey',
        'Chalk over an umber undercoat', 'one part Chalk, two parts Umber', 'two parts of Chalk, one part water',
        '60% Chalk, 40% Umber Wash', '75 % Oilskin Yellow and 25 % Chalk', '50% Chalk + 50% water', '33 % Chalk to 66 % Oilskin Yellow',
    ];

    protected function said(): iterable
    {
        yield from $this->written();
        yield from $this->read();
        yield from $this->judged();
        yield from $this->weighed();
        $primers = array_map(
            static fn(int $at): Paint => Paints::of(
                Lch::of(6.0 + 8.0 * $at, 3.0 + 9.0 * ($at % 5), 70.0 * $at)->toLab()->toSrgb()->hex(),
                0.95,
                Kind::Primer,
                "Primer $at",
            ),
            range(0, 11),
        );
        foreach ([
            "undercoat grey\narea a skin small skin\narea b broad-folds main cloth",
            "undercoat grey\narea a skin small skin aim #c08a6c\narea b broad-folds main cloth aim #26508a",
            "undercoat grey\narea a skin small skin\n one-coat amber\narea b broad-folds main cloth\n glaze ruby\n wash umber-wash\narea c smooth-panel small metal\n basecoat steel",
            "undercoat grey\narea a skin small skin\n basecoat skin\narea b broad-folds main cloth\n basecoat navy\narea c smooth-panel small metal\n basecoat steel"
                ."\narea d close-folds small leather\n basecoat leather\narea e rope-or-grain small wood\n basecoat brown",
            "undercoat grey\narea a skin small skin\n basecoat skin\narea b broad-folds main cloth\n basecoat navy\narea c smooth-panel small metal\n basecoat steel"
                ."\narea d close-folds small leather\n basecoat leather",
        ] as $at => $sketch) {
            yield "one of twelve primers $at" => array_map(
                static fn($one): array => [$one->undercoat->words(), Told::of($one, 1)],
                array_slice(UndercoatAdvice::for(PlanSketch::plan($sketch), $primers, []), 0, 60),
            );
        }
        foreach (self::plans(6, 12, 2900) as $name => $plan) {
            yield "undercoat for $name" => array_map(
                static fn($one): array => [$one->undercoat->base?->name, $one->undercoat->light?->name, Told::of($one, 1)],
                array_slice(UndercoatAdvice::for($plan, array_slice(DemoPaints::owned(), 0, 30), array_slice(DemoPaints::forSale(), 0, 6)), 0, 3),
            );
            yield "scheme of $name" => [
                Told::of(Scheme::of($plan), 2),
                array_map(static fn(Area $area): array => [Scheme::first($area)?->id, Scheme::meant($area)], $plan->areas),
            ];
            yield "guide of $name" => hash('crc32b', (string) json_encode(Told::of(WrittenGuide::of($plan), 5)));
            foreach (['wet-blend', 'layered-shade', 'drybrush', 'glaze'] as $technique) {
                yield "$technique practised on $name" => Told::answer(
                    static fn(): array => Practice::of(Rehearsal::of($plan), Technique::of($technique)),
                    2,
                );
            }
        }
    }

    /** @return iterable<string, mixed> */
    private function written(): iterable
    {
        $writer = new Writer(new PaintBox(DemoPaints::owned(), DemoPaints::forSale(...)));
        foreach (self::WISHES as [$texture, $material, $target, $ground, $wishes, $level]) {
            $area = Area::of('a', 'Area', Texture::from($texture), AreaSize::Medium, Importance::Normal, material: Material::from($material));
            $wish = new WritingWish(
                $area,
                Paints::lab($target),
                ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::from($level)),
                Undercoat::plain(Paints::of($ground, 0.93, Kind::Primer)),
                's',
                Taste::of(array_map(Wish::from(...), $wishes)),
                hasAirbrush: $wishes === [],
            );
            foreach ($writer->write($wish) as $proposal) {
                yield "$material of $target, {$proposal->school->value}" => [
                    array_map(
                        static fn(Step $one): array => [
                            $one->technique->id, $one->mix?->words(), $one->dilution->words(), $one->coats, $one->brush->value,
                            $one->place->value, $proposal->reasons[$one->id],
                        ],
                        $proposal->area->steps,
                    ),
                    $proposal->strip->final()->colours, $proposal->missing, Told::of($proposal, 1),
                ];
            }
        }
    }

    /** @return iterable<string, mixed> */
    private function read(): iterable
    {
        $names = PaintNames::of([...DemoPaints::owned(), ...DemoPaints::forSale()]);
        $guides = [
            ...array_map(static fn(array $one): string => $one[0], [...GuideCorpus::guides(), ...GuideCorpus::unseen()]),
            ...GuideCorpus::others(),
        ];
        foreach ($guides as $style => $text) {
            yield "guide: $style" => Told::answer(static function () use ($text, $names): array {
                $guide = GuideReader::read($text, $names);
                $steps = array_map(static fn(Area $area): array => [$area->name, array_map(
                    static fn(Step $one): string
                        => "{$one->technique->id} {$one->mix?->words()} {$one->dilution->words()} x$one->coats {$one->place->value}",
                    $area->steps,
                )], $guide->plan->areas);

                return [
                    $steps,
                    $guide->plan->undercoat->base?->name,
                    hash(
                        'crc32b',
                        (string) json_encode(Told::of([$guide->read, $guide->unread, $guide->leftOver, $guide->aside, $guide->unknownPaints], 4)),
                    ),
                ];
            }, 4);
        }
        $dice = new Randomizer(new Mt19937(77));
        foreach ($guides as $style => $text) {
            for ($at = 0; $at < 3; $at++) {
                $near = self::aWordAway($text, $dice);
                yield "guide a word away: $style, $at"
                    => hash('crc32b', (string) json_encode(Told::answer(static function () use ($near, $names): array {
                        $guide = GuideReader::read($near, $names);

                        return [
                            array_map(static fn(Area $area): array => [$area->name, $area->steps], $guide->plan->areas),
                            $guide->plan->undercoat->words(),
                            $guide->read, $guide->unread, $guide->leftOver, $guide->aside, $guide->unknownPaints,
                        ];
                    }, 6)));
            }
        }
        foreach (explode("\n===\n", (string) file_get_contents(__DIR__.'/turns-of-phrase.txt')) as $at => $text) {
            yield "turn $at: $text" => self::plainly(GuideReader::read(trim($text), $names));
        }
        foreach ([1000, 1001] as $letters) {
            yield "a line of $letters" => self::plainly(GuideReader::read(str_pad('Coat: base Straw, wash Umber Wash, ', $letters, 'a'), $names));
        }
        foreach ([2000, 2001] as $many) {
            $last = GuideReader::read(str_repeat("\n", $many - 1).'Coat: base Straw, wash Umber Wash', $names);
            yield "line $many" => [count($last->read), $last->unread];
        }
        foreach ([['wibble'], ['wibble', 'sponge work'], []] as $noPaints) {
            $text = "Paints: Wibble, Straw, Wobble\nCoat: base Straw, highlight Wibble\nBoots: wash Wobble and Wibble\nHat: Wibble\nSponge work";
            yield 'no paints: '.implode(', ', $noPaints) => self::plainly(GuideReader::read($text, $names, noPaints: $noPaints));
        }
        $coded = PaintNames::of(array_map(
            static fn(array $one): Paint => Paint::of($one[0], $one[0], Kind::Opaque, Paints::lab($one[2]), code: $one[1]),
            [
                ['Night', 'Blue', '#203050'],
                ['Rust', 'C23', '#a02020'],
                ['The Green Of Old Harbour Walls', 'G 5', '#30a040'],
                ['Ash', 'W', '#e0e0d0'],
            ],
        ));
        foreach ([
            'Coat: base Blue, wash C23', 'Coat: base Night, highlight G 5', 'Coat: base The Green Of Old Harbour Walls, edge Ash',
            'Coat: base Old Harbour Walls, edge Ash and ash', 'Coat: base C23 and Blue 3:1, then Night blue',
            "The blue cloak: C23, highlight Ash\nPaint the blue part with Rust", 'W on the hat, C23 on the blue coat',
        ] as $text) {
            yield "by codes: $text" => self::plainly(GuideReader::read($text, $coded));
        }
        $owned = DemoPaints::owned();
        foreach (array_chunk(DemoPaints::forSale(), 8) as $at => $some) {
            yield "stand-ins $at" => array_map(
                static fn(array $one): array => [$one['paint']->name, $one['standIn']?->name, $one['off']],
                GuideStandIns::for([...$some, $owned[$at]], $owned),
            );
        }
        foreach (self::LINES as $line) {
            yield "line: $line" => [
                Told::answer(static fn(): mixed => Ratio::read($line), 2), Words::isStage($line), Words::isListHeading($line),
                Told::of(Words::technique($line), 1), Told::of(Words::place($line), 1), Words::coats($line),
                Words::area($line, false), Words::area($line, true), Words::isThing($line), Words::isAside($line), Words::isGround($line),
                Words::bare($line), Words::broughtBack($line), Words::isOfAFace($line), Words::isPartOfAny($line), Words::turnedTo($line),
                GuideText::bare($line), GuideText::lines($line),
                Told::answer(static fn(): array => array_map(static fn(Area $area): array => [$area->name, array_map(
                    static fn(Step $one): string
                        => "{$one->technique->id} {$one->words()} {$one->dilution->words()} x$one->coats {$one->place->value}",
                    $area->steps,
                )], GuideReader::read("Prime it grey.\nCoat: Slate Harbour, then wash with Umber Wash\n$line", $names)->plan->areas)),
            ];
        }
        foreach (Kind::cases() as $kind) {
            yield "usual for $kind->value" => Words::usualFor($kind);
        }
    }

    /** @return array<string, mixed> */
    private static function plainly(Guide $guide): array
    {
        $step = static fn(Step $one): string
            => "{$one->technique->id} {$one->mix?->words()} {$one->dilution->words()} x$one->coats {$one->place->value}";

        return array_filter([
            'undercoat' => $guide->plan->undercoat->base === null ? '' : $guide->plan->undercoat->words(),
            ...array_combine(
                array_map(static fn(Area $area): string => $area->name, $guide->plan->areas),
                array_map(static fn(Area $area): array => array_map($step, $area->steps), $guide->plan->areas),
            ),
            'whole' => array_map($step, $guide->plan->wholeModel),
            'lines' => implode(' ', array_column($guide->read, 'line')),
            'sure' => implode(' ', array_column($guide->read, 'sure')),
            'paints' => array_map(static fn(Paint $one): string => $one->name, $guide->used),
            'unread' => $guide->unread, 'aside' => $guide->aside, 'unknown' => $guide->unknownPaints,
            'left' => array_column($guide->leftOver, 'text'),
            'unused' => array_map(static fn(Paint $one): string => $one->name, $guide->listedUnused),
            'unlisted' => array_map(static fn(Paint $one): string => $one->name, $guide->usedUnlisted),
        ]);
    }

    /** As somebody else would have written it down: a word is missing, two have changed places, signs and lines are set otherwise. */
    private static function aWordAway(string $text, Randomizer $dice): string
    {
        $words = preg_split('/(?<=[ \n])/', $text) ?: [];
        $at = $dice->getInt(0, max(0, count($words) - 2));
        switch ($dice->getInt(0, 6)) {
            case 0:
                unset($words[$at]);

                return implode('', $words);
            case 1:
                [$words[$at], $words[$at + 1]] = [$words[$at + 1] ?? '', $words[$at]];

                return implode('', $words);
            case 2:
                return str_replace(', ', '. ', $text);
            case 3:
                return mb_strtolower($text);
            case 4:
                return (string) preg_replace('/ and (?=[a-z]+ )/', "\n", $text, 2);
            case 5:
                return (string) preg_replace('/\n(?=\S)/', ', then ', $text, 1);
            default:
                return str_replace([' the ', ':'], [' ', ' -'], $text);
        }
    }

    /** @return iterable<string, mixed> */
    private function judged(): iterable
    {
        foreach ([
            '#e2b21f', '#f2f2ee', '#8a8d90', '#67482f', '#c08a6c', '#1f1f21', '#a3231f', '#26508a', '#3f6b35', '#5a3a72', '#d98a9c',
            '#2f7f7a',
        ] as $at => $hex) {
            $colour = Paints::lab($hex);
            $material = Material::cases()[$at % count(Material::cases())];
            yield "about $hex" => [
                Told::of(Ladder::about($colour, $material, FinishLevel::cases()[$at % 2], 0.8 + 0.05 * $at), 3),
                Told::of(Lean::of($colour, $material), 2), PaintGamut::within($colour),
                PaintGamut::within(Lch::of($colour->lightness, 110.0, 30.0 * $at)->toLab()),
                PaintGamut::chroma(8.0 * $at, 30.0 * $at), Sense::lightens(Paints::of($hex)), Sense::darkens(Paints::of($hex)),
                Sense::soils(Paints::of($hex)), Sense::isKin($colour, Lab::of(50, 20, 20)), Sense::apart($colour, Lab::of(50, 20, 20)),
                Told::of(Sense::of($colour, [Paints::of($hex), Paints::of('#f2f2ee')]), 2),
            ];
        }
        foreach ([
            [],
            ...array_map(static fn(Wish $one): array => [$one], Wish::cases()),
            [Wish::Brighter, Wish::Brighter],
            [Wish::Warmer, Wish::Cooler],
        ] as $at => $wishes) {
            $taste = Taste::of($wishes);
            yield "taste $at" => [
                $taste->colour(Lab::of(50, 30, 10)),
                $taste->span(),
                $taste->worthAPot(),
                $taste->isBrief(),
                array_map($taste->has(...), Wish::cases()),
            ];
        }
    }

    /** @return iterable<string, mixed> what a recipe is weighed by, of very many colours */
    private function weighed(): iterable
    {
        $colours = [];
        foreach ([10, 28, 45, 62, 80, 96] as $l) {
            foreach ([0, 25, 60, 85, 110, 160, 230, 290, 340] as $h) {
                foreach ($h === 0 ? [0.5, 4.0] : [9.0, 24.0, 55.0] as $c) {
                    $colours["$l $c $h"] = Lch::of((float) $l, $c, (float) $h)->toLab();
                }
            }
        }
        foreach (School::cases() as $school) {
            $suits = [];
            foreach (Texture::cases() as $texture) {
                foreach (Material::cases() as $material) {
                    foreach (['#e8b923', '#1c1c1e', '#3f6b35'] as $hex) {
                        foreach (FinishLevel::cases() as $level) {
                            $suits["$texture->value $material->value $hex $level->value"] = array_map(
                                static fn(float $ground): float => $school->suits($texture, $material, Paints::lab($hex), $level, $ground),
                                [30.0, 61.0],
                            );
                        }
                    }
                }
                yield "$school->value on $texture->value" => [$school->reason($texture), hash('crc32b', (string) json_encode($suits))];
                $suits = [];
            }
        }
        $paints = [
            ...array_values(array_filter(DemoPaints::owned(), static fn(Paint $one): bool => ! $one->isClear())),
            Paints::of('#a01c2a', 0.1, Kind::Ink), Paints::of('#e8e8e4', 0.2, Kind::Ink), Paints::of('#6f8a3a', 0.14, Kind::OneCoat),
        ];
        foreach ($colours as $name => $colour) {
            $sense = Sense::of($colour, $paints);
            yield "leans $name" => [
                array_map(
                    static fn(Material $one): string => Lean::of($colour, $one)->name,
                    [Material::Other, Material::Skin, Material::Metal, Material::Hair],
                ),
                array_map(
                    static fn($one): array => [$one->name, $one->colour],
                    Ladder::about($colour, Material::Cloth, FinishLevel::TableReady)->rungs(),
                ),
                array_map(static fn($one): Lab => $one->colour, Ladder::about($colour, Material::Skin, FinishLevel::Display, 1.4)->rungs()),
                implode(
                    '',
                    array_map(static fn(Paint $one): string => (string) (int) $sense->isStray($one->colour()), $paints),
                ),
                implode(
                    '',
                    array_map(static fn(Paint $one): string => (string) (int) $sense->isOpposite($one->colour()), $paints),
                ),
            ];
        }
        foreach ($colours as $name => $colour) {
            if (crc32($name) % 6 === 0) {
                yield "transparents for $name" => array_map(
                    static fn(callable $of): array => array_map(
                        static fn($one): array => [$one->mix->words(), $one->off],
                        iterator_to_array($of($paints, false, Paints::surface('#c9c3b4'), $colour), false),
                    ),
                    [Transparents::tints(...), Transparents::washes(...)],
                );
            }
        }
    }
}
