<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\Brush;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Drops;
use Kalokroma\Simulation\SprayCone;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What painters say, and the number that stands for it in the tables. The sentence is the reason; who changes the number should be able to
 * say another.
 */
final class CraftSaysTest extends TestCase
{
    /** @return iterable<string, array{mixed, mixed}> sentence => what is in the tables, what it says */
    public static function sentences(): iterable
    {
        yield 'a smooth panel is nearly all face, with hardly a recess or an edge' => [self::shares(Texture::SmoothPanel), [4, 20, 60, 12, 4]];
        yield 'a hard-edged panel has three times the edge of a smooth one' => [self::shares(Texture::HardEdgedPanel), [8, 20, 50, 10, 12]];
        yield 'broad folds roll from recess to raised with little edge' => [self::shares(Texture::BroadFolds), [16, 20, 34, 24, 6]];
        yield 'close folds are a quarter recess' => [self::shares(Texture::CloseFolds), [25, 18, 25, 24, 8]];
        yield 'fur is as much recess as strand' => [self::shares(Texture::FurOrFeather), [28, 14, 22, 24, 12]];
        yield 'chain is as deep as fur, and rounder' => [self::shares(Texture::ScalesOrChain), [28, 12, 24, 24, 12]];
        yield 'skin is soft: much face and lower side, few edges' => [self::shares(Texture::Skin), [12, 24, 40, 20, 4]];
        yield 'rope and grain lie between folds and fur' => [self::shares(Texture::RopeOrGrain), [25, 15, 24, 26, 10]];
        yield 'rubble is mostly gaps' => [self::shares(Texture::Rubble), [30, 18, 22, 20, 10]];
        yield 'a tiny detail is a bit of everything' => [self::shares(Texture::TinyDetail), [18, 20, 32, 20, 10]];
        yield 'relief rises from a mirror to chain mail' => [
            array_map(static fn(Texture $one): int => (int) round(100 * $one->relief()), Texture::cases()),
            [10, 40, 55, 85, 90, 100, 50, 80, 90, 60],
        ];
        yield 'a wash dries blotchy on panels, with edges or without, and on everything rougher it does not' => [
            array_map(
                static fn(Texture $one): string => $one->value,
                array_values(array_filter(Texture::cases(), static fn(Texture $one): bool => $one->isPanel())),
            ),
            ['smooth-panel', 'hard-edged-panel'],
        ];
        yield 'only a tiny detail is never asked to cover' => [
            array_values(array_filter(Texture::cases(), static fn(Texture $one): bool => ! $one->isAskedToCover())),
            [Texture::TinyDetail],
        ];

        yield 'a primer gets everywhere, into deep recesses a fifth less' => [
            self::deposits(Technique::of('primer'), Texture::ScalesOrChain),
            [80, 90, 100, 100, 100],
        ];
        yield 'light sprayed from above hardly gets into deep recesses' => [
            self::deposits(Technique::of('spray-from-above'), Texture::ScalesOrChain),
            [70, 100, 100, 100, 100],
        ];
        yield 'a base brush leaves about one coat everywhere, less in the recess' => [
            self::deposits(Technique::of('basecoat'), Texture::ScalesOrChain),
            [85, 100, 100, 100, 90],
        ];
        yield 'a wash over chain leaves seven times as much in the recess as on the raised parts' => [
            self::deposits(Technique::of('wash'), Texture::ScalesOrChain),
            [220, 110, 50, 28, 15],
        ];
        yield 'a wash over a smooth panel lies nearly even' => [self::deposits(Technique::of('wash'), Texture::SmoothPanel), [121, 92, 77, 66, 56]];
        yield 'a drybrush catches the edge, then the raised parts; the recess gets nothing' => [
            self::deposits(Technique::of('drybrush'), Texture::ScalesOrChain),
            [0, 0, 0, 16, 50],
        ];
        yield 'on a smooth panel there is little for a drybrush to catch' => [
            self::deposits(Technique::of('drybrush'), Texture::SmoothPanel),
            [0, 0, 0, 7, 18],
        ];
        yield 'a glaze leaves about a third of a coat, because the brush is unloaded' => [
            self::deposits(Technique::of('glaze'), Texture::ScalesOrChain),
            [39, 35, 35, 33, 32],
        ];
        yield 'a one-coat shades itself: six times as much in the recess as on the edge' => [
            self::deposits(Technique::of('one-coat'), Texture::ScalesOrChain),
            [200, 120, 90, 55, 35],
        ];
        yield 'layers and highlights are put down evenly where they go' => [
            [self::deposits(Technique::of('layer'), Texture::Rubble), self::deposits(Technique::of('highlight'), Texture::Rubble)],
            [[100, 100, 100, 100, 100], [100, 100, 100, 100, 100]],
        ];

        yield 'everywhere is everywhere' => [self::reach(Place::Everywhere), [100, 100, 100, 100, 100]];
        yield 'the base again goes on all but the recesses, feathered down the lower side' => [
            self::reach(Place::AllButRecesses),
            [0, 55, 100, 100, 100],
        ];
        yield 'a highlight covers raised parts and edges and is feathered a little into the face' => [
            self::reach(Place::RaisedParts),
            [0, 0, 18, 100, 100],
        ];
        yield 'an edge highlight hardly touches the raised part' => [self::reach(Place::UpperEdges), [0, 0, 0, 15, 100]];
        yield 'a layered shade lies at the bottom of the fold' => [self::reach(Place::LowerSides), [100, 100, 15, 0, 0]];
        yield 'a recess wash goes only into the gaps' => [self::reach(Place::Recesses), [100, 20, 0, 0, 0]];
        yield 'corners are the edge, and less than half a coat' => [self::reach(Place::Corners), [0, 0, 0, 0, 40]];
        yield 'the upper half is what stands up, and half of the face' => [self::reach(Place::UpperHalf), [0, 0, 50, 100, 100]];
        yield 'a patch is three tenths of the face' => [[self::reach(Place::Patch), Place::Patch->share(Zone::Face)], [[0, 0, 100, 0, 0], 0.3]];
        yield 'feathered places are all but everywhere and all-but-recesses' => [
            array_values(array_filter(Place::cases(), static fn(Place $one): bool => ! $one->isFeathered())),
            [Place::Everywhere, Place::AllButRecesses],
        ];

        yield 'primer: two coats as it comes from the can' => [
            self::usual(Technique::of('primer')),
            [2, '1:0 water', Brush::SprayCan, Place::Everywhere],
        ];
        yield 'zenithal: one coat with the airbrush' => [
            self::usual(Technique::of('spray-from-above')),
            [1, '1:0 water', Brush::Airbrush, Place::Everywhere],
        ];
        yield 'two coats of base are normal, two parts paint to one of water, large brush' => [
            self::usual(Technique::of('basecoat')),
            [2, '2:1 water', Brush::LargeBase, Place::Everywhere],
        ];
        yield 'a common wash is one to one with medium' => [
            self::usual(Technique::of('wash')),
            [1, '1:1 medium', Brush::Medium, Place::Everywhere],
        ];
        yield 'a drybrush is never thinned, and passes over twice' => [
            self::usual(Technique::of('drybrush')),
            [2, '1:0 water', Brush::Drybrush, Place::Everywhere],
        ];
        yield 'a layer goes on twice, half water, each time dry before the next' => [
            self::usual(Technique::of('layer')),
            [2, '1:1 water', Brush::Medium, Place::AllButRecesses],
        ];
        yield 'a highlight takes the fine brush' => [self::usual(Technique::of('highlight')), [2, '1:1 water', Brush::Fine, Place::RaisedParts]];
        yield 'a glaze is about one part paint to nine of medium' => [
            self::usual(Technique::of('glaze')),
            [2, '1:9 medium', Brush::Medium, Place::Everywhere],
        ];
        yield 'a one-coat goes on straight, with the large brush' => [
            self::usual(Technique::of('one-coat')),
            [1, '1:0 water', Brush::LargeBase, Place::Everywhere],
        ];
        yield 'covering is asked of primer, sprayed coat, base, layer and highlight' => [
            array_map(
                static fn(Technique $one): string => $one->id,
                array_values(array_filter(CraftBook::standard()->techniques(), static fn(Technique $one): bool => $one->isMeantToCover())),
            ),
            ['primer', 'spray-layer', 'basecoat', 'layer', 'highlight'],
        ];
        yield 'undercoat, base, shade, drybrush, layer, highlight, glaze, repair, gloss, decal, grime, matt, glue: the order of the work' => [
            array_values(array_intersect(
                self::ranked(),
                [
                    'primer', 'spray-from-above', 'basecoat', 'wash', 'drybrush', 'layer', 'highlight', 'glaze', 'touch-up', 'gloss-coat',
                    'decal', 'solvent-wash', 'wipe-back', 'streaks', 'matt-coat', 'gloss-spot', 'glue-part',
                ],
            )),
            [
                'primer', 'spray-from-above', 'basecoat', 'wash', 'drybrush', 'layer', 'highlight', 'glaze', 'touch-up', 'gloss-coat',
                'decal', 'solvent-wash', 'wipe-back', 'streaks', 'matt-coat', 'gloss-spot', 'glue-part',
            ],
        ];

        yield 'a quiet area may be flatter than one that must read at arm\'s length' => [
            array_map(static fn(Importance $one): float => $one->readableRange(), Importance::cases()),
            [18.0, 18.0, 12.0],
        ];
        yield 'table-ready forgives twice what display does' => [
            array_map(static fn(FinishLevel $one): float => $one->coverTolerance(), FinishLevel::cases()),
            [3.0, 1.5],
        ];
        yield 'speck, small, medium, large, main: 1, 4, 12, 30 and 50 of a hundred' => [
            array_map(static fn(AreaSize $one): int => (int) round(100 * $one->share()), AreaSize::cases()),
            [1, 4, 12, 30, 50],
        ];
        yield 'a drop from a dropper bottle is 45 thousandths of a millilitre' => [Drops::DROP_ML, 0.045];
        yield 'light within about 45 degrees of straight down the sky' => [SprayCone::USUAL_DEGREES, 45.0];
        yield 'recesses and lower sides look away from the sky, faces sideways, raised parts and edges up' => [
            array_map(static fn(Zone $one): float => $one->tiltDegrees(), Zone::cases()),
            [140.0, 120.0, 88.0, 50.0, 30.0],
        ];
        yield 'half as much again of thinner leaves two fifths less paint' => [
            [Dilution::of(2, 1, Thinner::Water)->strength(), Dilution::of(1, 9, Thinner::Medium)->strength()],
            [2 / 3, 0.1],
        ];
    }

    #[DataProvider('sentences')]
    public function testTheTablesSaySo(mixed $table, mixed $said): void
    {
        self::assertEqualsWithDelta($said, $table, 1e-9);
    }

    /** @return list<int> hundredths of the surface */
    private static function shares(Texture $texture): array
    {
        return array_map(static fn(Zone $zone): int => (int) round(100 * $texture->share($zone)), Zone::cases());
    }

    /** @return list<int> hundredths of a standard coat */
    private static function deposits(Technique $technique, Texture $texture): array
    {
        return array_map(static fn(Zone $zone): int => (int) round(100 * $technique->deposit($zone, $texture)), Zone::cases());
    }

    /** @return list<int> hundredths */
    private static function reach(Place $place): array
    {
        return array_map(static fn(Zone $zone): int => (int) round(100 * $place->reach($zone)), Zone::cases());
    }

    /** @return array{int, string, Brush, Place} */
    private static function usual(Technique $technique): array
    {
        $usual = $technique->usual;

        return [$usual->coats, "$usual->paint:$usual->thinner {$usual->with->value}", $usual->brush, $usual->place];
    }

    /** @return list<string> */
    private static function ranked(): array
    {
        $techniques = CraftBook::standard()->techniques();
        usort($techniques, static fn(Technique $one, Technique $other): int => $one->rank <=> $other->rank);

        return array_map(static fn(Technique $one): string => $one->id, $techniques);
    }
}
