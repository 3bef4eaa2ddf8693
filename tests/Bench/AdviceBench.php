<?php

declare(strict_types=1);

namespace Tests\Bench;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\Family;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Simulation\SprayCone;
use Kalokroma\Writing\Ladder;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\Proposal;
use Kalokroma\Writing\UndercoatAdvice;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;
use Tests\Core\Paints;
use Tests\Core\Writing\DemoPaints;

/** What recipes are written for hundreds of questions, and how often a painter would shake the head. */
final class AdviceBench
{
    /** Areas as they stand on models: texture, material, size. */
    private const AREAS = [
        [Texture::BroadFolds, Material::Cloth, AreaSize::Main], [Texture::CloseFolds, Material::Cloth, AreaSize::Medium],
        [Texture::Skin, Material::Skin, AreaSize::Medium],
        [Texture::FurOrFeather, Material::Fur, AreaSize::Large], [Texture::SmoothPanel, Material::Armour, AreaSize::Large],
        [Texture::HardEdgedPanel, Material::Armour, AreaSize::Main],
        [Texture::RopeOrGrain, Material::Wood, AreaSize::Small], [Texture::Skin, Material::Leather, AreaSize::Small],
        [Texture::ScalesOrChain, Material::Scales, AreaSize::Large],
        [Texture::Rubble, Material::Stone, AreaSize::Medium], [Texture::TinyDetail, Material::Other, AreaSize::Speck],
        [Texture::CloseFolds, Material::Hair, AreaSize::Small],
        [Texture::SmoothPanel, Material::Bone, AreaSize::Small],
    ];

    /** Colours asked for, with the materials that have them; none: any. */
    private const COLOURS = [
        '#e2b21f' => [], '#f2c94a' => [], '#eef1f4' => [], '#f0ead8' => [], '#8a8d90' => [], '#67482f' => [], '#1f1f21' => [],
        '#262220' => [], '#a3231f' => [], '#b3312a' => [], '#6a1c24' => [], '#26508a' => [],
        '#1d2c50' => [], '#7fa6c8' => [], '#3f6b35' => [], '#22402c' => [], '#8fb04a' => [], '#5a3a72' => [], '#d98a9c' => [],
        '#2f7f7a' => [], '#d56a1c' => [], '#e6dcc0' => [], '#b18e5f' => [], '#9b9a96' => [],
        '#f4e9a0' => [], '#c2c7cc' => [],
    ];

    private const SKINS = ['#c08a6c', '#d8a887', '#7d4e3a', '#e3c0a4', '#8f9a6c', '#a9a7a0'];

    private const METALS = ['#8b9094', '#b08d3c', '#6b5233', '#c3c7ca', '#b8693f'];

    private const GROUNDS = ['#1c1c1e', '#7f8183', '#e4dcc6', '#eff0ed', '#5e3a22', 'from above'];

    private const WHITE_FROM = 92.0;

    /**
     * @param bool $anew each question as if it were the first, which is what one waits for
     *
     * @return array{questions: int, proposals: int, faults: array<string, int>, examples: array<string, list<string>>, told: array<int, string>,
     *     slowest: float} `told`: a sum of what is answered to each question
     */
    public static function run(int $step = 1, int $from = 0, bool $anew = true): array
    {
        $faults = array_fill_keys(array_keys(self::judges()), 0);
        $examples = [];
        $asked = $written = 0;
        $times = $told = $boxes = [];
        foreach (self::questions() as $number => $question) {
            if ($number % $step !== $from) {
                continue;
            }
            $asked++;
            $wish = self::wish($question);
            $times[] = Clock::milliseconds(static function () use ($question, $wish, $anew, &$boxes, &$proposals): void {
                $known = $anew ? null : $boxes[$question['paints']] ?? null;
                $boxes[$question['paints']] = $known ?? new PaintBox(self::shelf($question['paints']));
                $proposals = (new Writer($boxes[$question['paints']]))->write($wish);
            });
            $written += count($proposals);
            $told[$number] = hash('crc32b', self::inWords($proposals, $wish));
            foreach (self::judges() as $fault => $judge) {
                foreach ($judge($proposals, $wish, self::shelf($question['paints'])) as $words) {
                    $faults[$fault]++;
                    $examples[$fault][] = sprintf(
                        '%s %s %s on %s, %s, %d paints: %s',
                        $question['texture']->value,
                        $question['material']->value,
                        $question['colour'],
                        $question['ground'],
                        $question['level']->value,
                        $question['paints'],
                        $words,
                    );
                }
            }
        }

        return [
            'questions' => $asked,
            'proposals' => $written,
            'faults' => $faults,
            'examples' => $examples,
            'told' => $told,
            'slowest' => Clock::percentile($times, 0.95),
        ];
    }

    /**
     * @param array{questions: int, proposals: int, faults: array<string, int>, slowest: float, undercoats: array{questions: int, unsaid: int, slowest: float}} $found
     */
    public static function rows(array $found): void
    {
        $grounds = $found['undercoats'];
        Clock::row(sprintf('%d questions, %d recipes', $found['questions'], $found['proposals']), '');
        foreach ($found['faults'] as $fault => $number) {
            Clock::row("    $fault", (string) $number, '0');
        }
        Clock::row('    three proposals, 19 of 20 questions within', sprintf('%.0f ms', $found['slowest']));
        Clock::row(
            sprintf('%d questions for an undercoat: a main area moved by 8 unsaid', $grounds['questions']),
            (string) $grounds['unsaid'],
            '0',
        );
        Clock::row('    the slowest of them', sprintf('%.0f ms', $grounds['slowest']), '<= 500 ms');
    }

    /**
     * Undercoats for plans put together of written recipes and for such as live by their primer.
     *
     * @return array{questions: int, unsaid: int, slowest: float, examples: list<string>}
     */
    public static function undercoats(): array
    {
        $primers = array_values(array_filter(
            [...DemoPaints::owned(), ...DemoPaints::forSale()],
            static fn(Paint $one): bool => $one->kind === Kind::Primer && ! $one->isClear(),
        ));
        $unsaid = $asked = 0;
        $examples = $times = [];
        foreach (self::plans($primers) as $plan) {
            $asked++;
            $candidates = [];
            $times[] = Clock::milliseconds(static function () use ($plan, $primers, &$candidates): void {
                $candidates = UndercoatAdvice::for($plan, $primers);
            });
            foreach ($candidates as $candidate) {
                $there = Rehearsal::of($plan->over($candidate->undercoat));
                foreach ($plan->areas as $area) {
                    $now = Rehearsal::of($plan)->strip($area)->final()->at(Zone::Face);
                    $then = $there->strip($area)->final()->at(Zone::Face);
                    if (
                        $area->size === AreaSize::Main
                        && Ciede2000::between($now, $then) >= 8.0
                        && ! str_contains(implode(' ', $candidate->reasons), "$area->name would end as")
                    ) {
                        $unsaid++;
                        $examples[] = sprintf('%s: %s to %s', $candidate->undercoat->words(), $now->toSrgb()->hex(), $then->toSrgb()->hex());
                    }
                }
            }
        }

        return ['questions' => $asked, 'unsaid' => $unsaid, 'slowest' => max($times), 'examples' => $examples];
    }

    /**
     * @param list<Paint> $primers
     *
     * @return iterable<Plan>
     */
    private static function plans(array $primers): iterable
    {
        $questions = self::questions();
        for ($number = 0; $number < 40; $number++) {
            $ground = Undercoat::plain($primers[$number % count($primers)]);
            $areas = [];
            foreach ([AreaSize::Main, AreaSize::Large, AreaSize::Medium, AreaSize::Small] as $at => $size) {
                $question = $questions[($number * 37 + $at * 61) % count($questions)];
                $area = Area::of("a$at", "Area $at", $question['texture'], $size, Importance::Normal, material: $question['material']);
                $wish = new WritingWish(
                    $area,
                    Srgb::parse($question['colour'])->toLab(),
                    ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady),
                    $ground,
                    "s$at",
                );
                $steps = (new Writer(new PaintBox(DemoPaints::owned())))->write($wish)[0]->area->steps ?? [];
                // Every fourth plan lives by its primer: the main colour is sprayed, and the recipe begins at the shade.
                $areas[] = $area->withSteps(
                    $at === 0
                    && $number % 4 === 0
                        ? array_values(array_filter($steps, static fn(Step $step): bool => $step->technique->family !== Family::Base))
                        : $steps
                );
            }
            yield Plan::of('Plan', ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady), $ground, $areas);
        }
    }

    /**
     * @return list<array{texture: Texture, material: Material, size: AreaSize, colour: string, ground: string, level: FinishLevel, paints: int}>
     */
    public static function questions(): array
    {
        $questions = [];
        $number = 0;
        foreach (self::AREAS as [$texture, $material, $size]) {
            $colours = $material === Material::Skin ? self::SKINS : array_keys(self::COLOURS);
            foreach ($colours as $colour) {
                $number++;
                $questions[] = [
                    'texture' => $texture, 'material' => $material, 'size' => $size, 'colour' => (string) $colour,
                    'ground' => self::GROUNDS[($number * 5 + intdiv($number, 7)) % 6],
                    'level' => $number % 3 === 0
                        ? FinishLevel::Display
                        : FinishLevel::TableReady, 'paints' => [12, 40, 77, 160][($number + intdiv($number, 5)) % 4],
                ];
            }
        }
        foreach ([
            [Texture::HardEdgedPanel, Material::Metal],
            [Texture::ScalesOrChain, Material::Metal],
            [Texture::TinyDetail, Material::Metal],
            [Texture::TinyDetail, Material::Glass],
        ] as [$texture, $material]) {
            foreach ($material === Material::Glass ? ['#a3231f', '#2f7f7a', '#3f74b8', '#3f8f4f'] : self::METALS as $colour) {
                $number++;
                $questions[] = [
                    'texture' => $texture, 'material' => $material, 'size' => $material === Material::Glass
                        ? AreaSize::Speck
                        : AreaSize::Medium, 'colour' => $colour, 'ground' => self::GROUNDS[$number % 6],
                    'level' => $number % 2 === 0 ? FinishLevel::Display : FinishLevel::TableReady, 'paints' => [12, 40, 77, 160][$number % 4],
                ];
            }
        }

        return $questions;
    }

    /**
     * @param array{texture: Texture, material: Material, size: AreaSize, colour: string, ground: string, level: FinishLevel, paints: int} $question
     */
    public static function wish(array $question): WritingWish
    {
        $primer = static fn(string $hex): Paint => Paint::of("ground $hex", 'Ground', Kind::Primer, Srgb::parse($hex)->toLab());

        return new WritingWish(
            Area::of('a', 'Area', $question['texture'], $question['size'], Importance::Normal, material: $question['material']),
            Srgb::parse($question['colour'])->toLab(),
            ModelKind::of('Model', BodyType::OnFoot, 32, $question['level']),
            $question['ground'] === 'from above'
                ? Undercoat::zenithal($primer('#1c1c1e'), $primer('#eff0ed'), SprayCone::ofHalfAngle(45.0))
                : Undercoat::plain($primer($question['ground'])),
        );
    }

    /** @return list<Paint> a dozen of a first evening, a shelf of 40, the demo's, and one of 160 */
    public static function shelf(int $paints): array
    {
        static $shelves = [];

        return $shelves[$paints] ??= match ($paints) {
            12 => self::named([
                'Tar', 'Heron White', 'Rowan Red', 'Harbour Blue', 'Weed Green', 'Oilskin Yellow', 'Warden Leather', 'Ferry Flesh',
                'Pewter Sky', 'Straw', 'Chain Steel', 'Umber Wash',
            ]),
            40 => [
                ...self::named(['Tar', 'Heron White', 'Umber Wash', 'Chain Steel', 'Lantern Brass']),
                ...array_slice(
                    array_values(array_filter(
                        DemoPaints::owned(),
                        static fn(Paint $one, int $at): bool => $at % 2 === 1
                            && ! in_array($one->name, ['Tar', 'Heron White', 'Umber Wash', 'Chain Steel', 'Lantern Brass'], true),
                        ARRAY_FILTER_USE_BOTH,
                    )),
                    0,
                    35,
                ),
            ],
            77 => DemoPaints::owned(),
            default => [...DemoPaints::owned(), ...DemoPaints::forSale(), ...Paints::shelf(max(0, $paints - 100), 11)],
        };
    }

    /**
     * @param list<string> $names
     *
     * @return list<Paint>
     */
    private static function named(array $names): array
    {
        $all = [];
        foreach ([...DemoPaints::owned(), ...DemoPaints::forSale()] as $paint) {
            $all[$paint->name] ??= $paint;
        }

        return array_values(array_filter(array_map(static fn(string $name): ?Paint => $all[$name] ?? null, $names)));
    }

    /** @return array<string, callable(list<Proposal>, WritingWish, list<Paint>): list<string>> */
    private static function judges(): array
    {
        $each = static fn(callable $judge): callable => static function (array $proposals, WritingWish $wish, array $shelf) use ($judge): array {
            $found = [];
            foreach ($proposals as $at => $proposal) {
                foreach ($judge($proposal, $wish, $shelf) as $words) {
                    $found[] = sprintf('[%d %s] %s', $at + 1, $proposal->school->value, $words);
                }
            }

            return $found;
        };

        return [
            'falling ladders' => $each(self::falling(...)),
            'tones of opposites' => $each(self::opposites(...)),
            "strangers' hues" => $each(self::strangers(...)),
            'transparents as the base of a face' => $each(
                static fn(Proposal $one, WritingWish $wish): array => $wish->area->material === Material::Skin
                && (self::base($one)?->mix?->isTransparent() ?? false) ? [self::told($one)] : []
            ),
            'five coats and more' => $each(static fn(Proposal $one): array => array_values(array_map(
                static fn(Step $step): string => "{$step->technique->id} {$step->words()} x$step->coats",
                array_filter($one->area->steps, static fn(Step $step): bool => $step->coats >= 5),
            ))),
            'twins' => self::twins(...),
            'dull whites' => $each(self::dullWhites(...)),
            'findings' => $each(static fn(Proposal $one): array => $one->remarks),
            'reasons that numbers contradict' => $each(self::contradicted(...)),
            'metal left plain' => $each(
                static fn(Proposal $one, WritingWish $wish, array $shelf): array => $one->school->value === 'true-metal'
                && $wish->area->texture !== Texture::TinyDetail
                && array_filter($shelf, static fn(Paint $paint): bool => $paint->kind === Kind::Wash) !== []
                && count($one->area->steps) < 2 ? [self::told($one)] : []
            ),
            'display pieces without a light by hand' => $each(
                static fn(Proposal $one, WritingWish $wish): array => $wish->model->finishLevel === FinishLevel::Display
                && ! in_array($wish->area->material, [Material::Glass, Material::Metal], true)
                && $wish->area->texture !== Texture::TinyDetail
                && array_filter($one->area->steps, static fn(Step $step): bool => $step->technique->family === Family::Light) === []
                    ? [self::told($one)]
                    : []
            ),
            'edges of three coats and more, dots of two' => $each(static fn(Proposal $one, WritingWish $wish): array => array_values(array_map(
                static fn(Step $step): string => "{$step->technique->id} {$step->words()} x$step->coats",
                array_filter(
                    $one->area->steps,
                    static fn(Step $step): bool => ($step->technique->id === 'edge-highlight' && $step->coats > 2)
                        || ($step->place === Place::UpperEdges && $step->coats > 2 && $wish->colour()->lightness < self::WHITE_FROM)
                        || ($step->technique->id === 'dot' && $step->coats > 1),
                ),
            ))),
            'bases of one coat' => $each(
                static fn(Proposal $one, WritingWish $wish): array => ! $wish->area->isSmall()
                && ($base = self::base($one)) !== null
                && $base->technique->isMeantToCover()
                && $base->coats < 2
                && $base->mix?->isMetal() !== true ? [$base->words()] : []
            ),
            'one mix twice running' => $each(self::running(...)),
            'no visible light' => $each(self::unlit(...)),
            'the first is off, unsaid' => static fn(array $proposals, WritingWish $wish): array => $proposals !== []
                && array_filter(
                    $proposals[0]->unreached,
                    static fn(string $note): bool => str_starts_with($note, 'Base') || str_starts_with($note, 'Done this way'),
                ) === []
                && ($off = self::off($proposals[0], $wish)) > self::allowed($wish)
                    ? [sprintf('[%s] %.1f off', $proposals[0]->school->value, $off)]
                    : [],
            'nothing proposed' => static fn(array $proposals): array => $proposals === [] ? [''] : [],
        ];
    }

    private static function base(Proposal $proposal): ?Step
    {
        $rungs = self::rungs($proposal);
        foreach ($proposal->area->steps as $step) {
            if (($rungs[$step->id] ?? '') === 'base') {
                return $step;
            }
        }

        return null;
    }

    /** @return array<string, string> by step id */
    private static function rungs(Proposal $proposal): array
    {
        $rungs = [];
        foreach ($proposal->area->steps as $step) {
            $rungs[$step->id] = $step->more->written->rung ?? '';
        }

        return $rungs;
    }

    /** @return list<string> */
    private static function falling(Proposal $proposal): array
    {
        $last = null;
        $found = [];
        foreach ($proposal->area->steps as $step) {
            $isLight = $step->technique->family === Family::Light && $step->mix !== null && ($step->more->written->rung ?? '') !== 'sketch';
            if (
                $isLight
                && $last !== null
                && $step->mix->colour()->lightness < $last - 1.0
                && ! in_array($step->more->written->rung ?? '', ['base', 'base again'], true)
            ) {
                $found[] = sprintf('%s %s at L %.0f after L %.0f', $step->technique->id, $step->words(), $step->mix->colour()->lightness, $last);
            }
            $last = $isLight ? $step->mix->colour()->lightness : $last;
        }
        $stages = $proposal->strip->final();
        foreach ([[Zone::Face, Zone::Raised], [Zone::Raised, Zone::Edge]] as [$low, $high]) {
            if ($proposal->area->material !== Material::Glass && $stages->at($high)->lightness < $stages->at($low)->lightness - 1.5) {
                $found[] = sprintf('%s %.0f, %s %.0f', $low->value, $stages->at($low)->lightness, $high->value, $stages->at($high)->lightness);
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function opposites(Proposal $proposal, WritingWish $wish): array
    {
        $found = [];
        $tones = self::tones($wish);
        foreach ($proposal->area->steps as $step) {
            $tone = $step->mix === null || $step->mix->isClear() ? null : $tones[$step->more->written->rung ?? ''] ?? $wish->colour();
            if ($tone === null || $step->mix === null || ($tone->lightness < 72.0 && $tone->toLch()->chroma > 15.0) || $tone->lightness < 25.0) {
                continue;
            }
            $hues = [];
            foreach ($step->mix->ingredients as $part) {
                if ($part->paint->colour()->toLch()->chroma > 15.0) {
                    $hues[] = $part->paint->colour()->toLch()->hue;
                }
            }
            foreach ($hues as $i => $one) {
                foreach (array_slice($hues, $i + 1) as $other) {
                    [$left, $right] = [self::apart($one, $tone->toLch()->hue), self::apart($other, $tone->toLch()->hue)];
                    $isBetween = $tone->toLch()->chroma > 12.0 && min($left, $right) >= 25.0 && $left + $right <= self::apart($one, $other) + 5.0;
                    if (self::apart($one, $other) > 90.0 && ! $isBetween) {
                        $found[] = $step->words();
                    }
                }
            }
        }

        return $found;
    }

    /** @return array<string, Lab> by rung */
    private static function tones(WritingWish $wish): array
    {
        $tones = [];
        foreach (Ladder::about($wish->colour(), $wish->area->material, $wish->model->finishLevel)->rungs() as $rung) {
            $tones[$rung->name] = $rung->colour;
        }

        return $tones;
    }

    /** @return list<string> */
    private static function strangers(Proposal $proposal, WritingWish $wish): array
    {
        $found = [];
        $tones = self::tones($wish);
        foreach ($proposal->area->steps as $step) {
            $tone = $tones[$step->more->written->rung ?? ''] ?? null;
            if (
                $tone === null
                || $step->mix === null
                || $step->mix->isTransparent()
                || $tone->toLch()->chroma < 12.0
                || $proposal->school->value === 'non-metallic-metal'
            ) {
                continue;
            }
            $polar = $step->mix->colour()->toLch();
            if ($polar->chroma > 12.0 && self::apart($polar->hue, $tone->toLch()->hue) > 25.0) {
                $found[] = sprintf(
                    '%s: %s is hue %.0f, wanted %.0f',
                    $step->more->written->rung ?? '',
                    $step->words(),
                    $polar->hue,
                    $tone->toLch()->hue,
                );
            }
        }

        return $found;
    }

    /**
     * @param list<Proposal> $proposals
     *
     * @return list<string>
     */
    private static function twins(array $proposals): array
    {
        $found = [];
        foreach ($proposals as $i => $one) {
            foreach (array_slice($proposals, $i + 1) as $other) {
                $apart = $one->strip->final()->differenceTo($other->strip->final());
                $techniques = static fn(Proposal $of): array => array_values(array_unique(array_map(
                    static fn(Step $step): string => $step->technique->id,
                    $of->area->steps,
                )));
                $isOtherWay = array_diff($techniques($one), $techniques($other)) !== []
                    && array_diff($techniques($other), $techniques($one)) !== [];
                [$less, $more] = [min($one->minutes(), $other->minutes()), max($one->minutes(), $other->minutes())];
                if ($apart < 3.0 && ! ($isOtherWay && $apart >= 1.0) && $less > 0.5 * $more) {
                    $found[] = sprintf('%s and %s, %.1f apart', $one->school->value, $other->school->value, $apart);
                }
            }
        }

        return $found;
    }

    /**
     * @param list<Paint> $shelf
     *
     * @return list<string>
     */
    private static function dullWhites(Proposal $proposal, WritingWish $wish, array $shelf): array
    {
        $asked = $wish->colour();
        $ownsWhite = array_filter($shelf, static fn(Paint $one): bool => $one->kind === Kind::Opaque && $one->colour()->lightness >= 95.0) !== [];
        $edge = $proposal->strip->final()->at(Zone::Edge)->lightness;

        return $ownsWhite && $asked->lightness >= 94.0 && $asked->toLch()->chroma < 6.0 && $edge < self::WHITE_FROM
            ? [sprintf('edges at L %.1f', $edge)]
            : [];
    }

    /** @return list<string> */
    private static function contradicted(Proposal $proposal): array
    {
        $found = [];
        $before = null;
        foreach ($proposal->area->steps as $step) {
            $reason = $proposal->reasons[$step->id] ?? '';
            $tone = $step->mix === null || $step->mix->isClear()
                ? null
                : ($step->mix->isTransparent() ? $proposal->strip->stage($step->id)?->look->at(Zone::Recess) : $step->mix->colour());
            if ($tone === null) {
                continue;
            }
            $hues = [
                'orange' => 60.0, 'yellow' => 92.0, 'green' => 145.0, 'blue' => 265.0, 'violet' => 305.0, 'purple' => 320.0, 'pink' => 5.0,
                'red' => 30.0,
            ];
            if ($before !== null && preg_match('/toward (\w+)/', $reason, $word) === 1 && isset($hues[$word[1]])) {
                if (
                    $tone->toLch()->chroma < 5.0
                    || self::apart($tone->toLch()->hue, $hues[$word[1]]) > self::apart($before->toLch()->hue, $hues[$word[1]]) + 4.0
                ) {
                    $found[] = "$reason — {$step->words()} {$tone->toSrgb()->hex()}";
                }
            }
            if (($step->more->written->rung ?? '') === 'base') {
                $before = $tone;
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function running(Proposal $proposal): array
    {
        $found = [];
        foreach ($proposal->area->steps as $at => $step) {
            $before = $proposal->area->steps[$at - 1] ?? null;
            if (
                $before !== null
                && $before->mix !== null
                && $before->mix->words() === $step->mix?->words()
                && $before->technique->family === $step->technique->family
            ) {
                $found[] = "{$before->technique->id}, {$step->technique->id}: {$step->words()}";
            }
        }

        return $found;
    }

    /** @return list<string> */
    private static function unlit(Proposal $proposal, WritingWish $wish): array
    {
        $look = $proposal->strip->final();
        $gain = max($look->at(Zone::Raised)->lightness, $look->at(Zone::Edge)->lightness) - $look->at(Zone::Face)->lightness;

        return $gain < ($look->at(Zone::Face)->lightness < 24.0 ? 2.5 : 4.0) && $wish->area->material !== Material::Glass
            ? [sprintf('edges %.1f over the face', $gain)]
            : [];
    }

    public static function off(Proposal $proposal, WritingWish $wish): float
    {
        $look = $proposal->strip->final();
        $asked = $wish->colour();
        if ($wish->area->material === Material::Glass) {
            return min(array_map(static fn(Lab $one): float => Ciede2000::between($one, $asked), [$look->mean(), ...$look->colours]));
        }

        return min(
            Ciede2000::between($look->at(Zone::Face), $asked),
            Ciede2000::between($look->mean(), $asked),
            $asked->lightness >= 80.0 ? Ciede2000::between($look->at(Zone::Raised), $asked) : INF,
        );
    }

    private static function allowed(WritingWish $wish): float
    {
        $asked = $wish->colour();

        return $asked->lightness > 84.0 || $asked->lightness < 20.0 || in_array($wish->area->material, [Material::Metal, Material::Glass], true)
            ? 12.0
            : 8.0;
    }

    private static function told(Proposal $proposal): string
    {
        return implode(
            '; ',
            array_map(static fn(Step $step): string => "{$step->technique->id} {$step->words()} x$step->coats", $proposal->area->steps),
        );
    }

    private static function apart(float $one, float $other): float
    {
        $turn = abs($one - $other);

        return min($turn, 360.0 - $turn);
    }

    /** The recipes of one question as a painter would read them. */
    public static function aloud(int $number): string
    {
        $question = self::questions()[$number];
        $wish = self::wish($question);
        $text = sprintf(
            "%s %s %s %s on %s, %s, %d paints\n",
            $question['texture']->value,
            $question['material']->value,
            $question['size']->value,
            $question['colour'],
            $question['ground'],
            $question['level']->value,
            $question['paints'],
        );
        return $text.self::inWords((new Writer(new PaintBox(self::shelf($question['paints']))))->write($wish), $wish);
    }

    /** @param list<Proposal> $proposals */
    private static function inWords(array $proposals, WritingWish $wish): string
    {
        $text = '';
        foreach ($proposals as $proposal) {
            $look = $proposal->strip->final();
            $text .= sprintf(
                "  %s, %.0f min, %.1f off: %s\n",
                $proposal->label(),
                $proposal->minutes(),
                self::off($proposal, $wish),
                implode(' ', array_map(static fn(Lab $one): string => $one->toSrgb()->hex().sprintf('(%.0f)', $one->lightness), $look->colours)),
            );
            foreach ($proposal->area->steps as $step) {
                $text .= sprintf(
                    "      %-15s %-46s %d:%d x%d %-17s %s\n",
                    $step->technique->id,
                    $step->words(),
                    $step->dilution->paint,
                    $step->dilution->thinner,
                    $step->coats,
                    $step->place->value,
                    $proposal->reasons[$step->id] ?? '',
                );
            }
            foreach ([...$proposal->unreached, ...$proposal->remarks] as $note) {
                $text .= "      ! $note\n";
            }
        }

        return $text;
    }
}
