<?php

declare(strict_types=1);

namespace Tests\Core\Matching;

use Kalokroma\Colour\Reflectance;
use Kalokroma\Craft\Thinner;
use Kalokroma\Matching\Compatibility;
use Kalokroma\Matching\PotLevel;
use Kalokroma\Matching\Substitute;
use Kalokroma\Matching\Substitutes;
use Kalokroma\Matching\Way;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Finish;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Opacity;
use Kalokroma\Paint\Paint;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;

final class SubstitutesTest extends TestCase
{
    public function testOnlyPaintsThatBehaveAlikeAreOffered(): void
    {
        $shelf = [
            Paints::of('#8b9094', 0.96, Kind::Metallic, 'Steel'),
            Paints::of('#8a8f93', 0.9, Kind::Opaque, 'Grey'),
            Paints::of('#a2a8ab', 0.06, Kind::Wash, 'Grey wash'),
            Paints::of('#5a5d60', 0.97, Kind::Metallic, 'Iron'),
        ];
        $names = static fn(Paint $wanted): array => array_values(array_unique(array_merge(...array_map(
            static fn(Substitute $one): array => array_map(static fn($part): string => $part->paint->name, $one->mix->ingredients),
            Substitutes::from($shelf)->for(Mix::single($wanted)),
        ))));

        self::assertEqualsCanonicalizing(['Steel', 'Iron'], $names(Paints::of('#c3c7ca', 0.94, Kind::Metallic)));
        self::assertSame(['Grey'], $names(Paints::of('#909090', 0.7, Kind::SemiOpaque)));
    }

    /** One shelf answers many questions: what it keeps of one must not colour the next. */
    public function testAShelfAnswersEachOfManyAsItAnswersOne(): void
    {
        $shelf = [
            ...Paints::shelf(24, 31),
            Paints::of('#76716d', null, Kind::Wash, 'Soot wash'), Paints::of('#b88c60', null, Kind::Wash, 'Umber wash'),
            Paints::of('#8a6a40', null, Kind::Ink, 'Bark ink'),
        ];
        $many = Substitutes::forMany($shelf);
        $told = static fn(array $offers): array => array_map(
            static fn(Substitute $one): array => [$one->way, $one->mix->parts(), round($one->strength, 6), round($one->difference->number, 6)],
            $offers,
        );
        foreach ([
            ['#a29c94', Kind::Wash, 1.0],
            ['#a29c94', Kind::Wash, 0.5],
            ['#7a5230', Kind::Opaque, 1.0],
            ['#9a7038', Kind::OneCoat, 0.25],
            ['#a29c94', Kind::Wash, 1.0],
        ] as [$hex, $kind, $planned]) {
            $wanted = Mix::single(Paints::of($hex, null, $kind, 'Wanted'));

            self::assertNotSame([], $many->for($wanted, $planned));
            self::assertSame($told(Substitutes::from($shelf)->for($wanted, $planned)), $told($many->for($wanted, $planned)), "$hex $planned");
        }
    }

    public function testAWashCanBeMadeFromPaintAndMedium(): void
    {
        $offers = Substitutes::from([Paints::of('#1c1b1c', 0.96, Kind::Opaque, 'Tar')])->for(Mix::single(Paints::of('#a29c94', 0.03, Kind::Wash)));

        self::assertSame(Way::ThinnedPaint, $offers[0]->way);
        self::assertGreaterThanOrEqual(4, $offers[0]->dilutionFor(Dilution::none())->thinner);
    }

    /** A step that thins the wash thins the paint made into one too: six parts of medium to make it and as much again to thin it. */
    public function testWhatIsMadeWithMediumIsThinnedAsTheStepSaysOnTopOfThat(): void
    {
        $tar = Paints::of('#1c1b1c', 0.96, Kind::Opaque, 'Tar');
        $wash = Paint::of('w', 'Soot wash', Kind::Wash, $tar->optics()->over(Reflectance::flat(1.0), 1 / 7)->toLab());
        $planned = Dilution::of(1, 1, Thinner::Medium);
        $offer = array_values(array_filter(
            Substitutes::from([$tar])->for(Mix::single($wash), $planned->strength()),
            static fn(Substitute $one): bool => $one->way === Way::ThinnedPaint,
        ))[0];

        self::assertEqualsWithDelta(1 / 7, $offer->strength, 1e-12);
        self::assertSame('1 : 6 medium', $offer->dilutionFor(Dilution::none())->words());
        self::assertSame('1 : 13 medium', $offer->dilutionFor($planned)->words());
    }

    /** Half as strong a wash in another pot: straight where the wanted one was to be thinned 1 : 1. */
    public function testAWeakerWashIsThinnedLessAndAStrongerOneMore(): void
    {
        $strong = Paints::of('#8a6a48', 0.03, Kind::Wash, 'Strong');
        $half = $strong->optics()->times(0.5);
        $weak = Paint::of('weak', 'Weak', Kind::Wash, $half->over(Reflectance::flat(1.0), 1.0)->toLab(), Opacity::of($half->contrast()));
        $planned = Dilution::of(1, 1, Thinner::Medium);
        $best = static fn(Paint $wanted, Paint $owned): Substitute => Substitutes::from([$owned])->for(
            Mix::single($wanted),
            $planned->strength(),
        )[0];

        self::assertSame(Way::Stronger, $best($strong, $weak)->way);
        self::assertTrue($best($strong, $weak)->dilutionFor($planned)->isStraight());
        self::assertLessThan(1.0, $best($strong, $weak)->difference->number);
        self::assertSame(Way::Weaker, $best($weak, $strong)->way);
        self::assertSame('1 : 3 medium', $best($weak, $strong)->dilutionFor($planned)->words());
    }

    public function testThePaintItselfWinsWhenItIsOwnedInAnotherPot(): void
    {
        $shelf = Paints::shelf(20, 4);
        $twin = Paints::of('#5f7a45', null, Kind::Opaque, 'Twin');
        $best = Substitutes::from([...$shelf, $twin])->for(Mix::single(Paints::of('#5f7a45', null, Kind::Opaque, 'Wanted')))[0];

        self::assertSame('Twin', $best->mix->words());
        self::assertEqualsWithDelta(0.0, $best->difference->number, 0.001);
    }

    public function testNothingOwnedMeansNothingOffered(): void
    {
        self::assertSame([], Substitutes::from([])->for(Mix::single(Paints::of('#5f7a45'))));
    }

    public function testPrimersAndVarnishesAreReplacedByFunctionAndFinish(): void
    {
        $matt = Paint::of('a', 'Matt', Kind::Varnish, null, null, Finish::Matt);

        self::assertTrue(Compatibility::mayReplace($matt, Paint::of('b', 'Other matt', Kind::Varnish, null, null, Finish::Matt)));
        self::assertFalse(Compatibility::mayReplace($matt, Paint::of('c', 'Gloss', Kind::Varnish, null, null, Finish::Gloss)));
        self::assertFalse(Compatibility::mayReplace($matt, Paint::of('d', 'Medium', Kind::Medium, null, null, Finish::Matt)));
    }

    public function testAPotIsLowUnderAFifth(): void
    {
        self::assertSame(
            [PotLevel::None, PotLevel::Low, PotLevel::Fine],
            [PotLevel::of(0, 9, 17), PotLevel::of(1, 3.3, 17), PotLevel::of(1, 3.5, 17)],
        );
    }
}
