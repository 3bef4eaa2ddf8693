<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Lab;
use Kalokroma\Colour\Srgb;
use Kalokroma\Colour\Temperature;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\BodyType;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Importance;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Kind;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Area;
use Kalokroma\Recipe\ModelKind;
use Kalokroma\Recipe\Step;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Writing\PaintBox;
use Kalokroma\Writing\Proposal;
use Kalokroma\Writing\Taste;
use Kalokroma\Writing\Wish;
use Kalokroma\Writing\Writer;
use Kalokroma\Writing\WritingWish;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a wish does to recipes, over areas, colours and grounds of all sorts. */
final class WishTest extends TestCase
{
    private const COLOURS = ['#c9a227', '#8a8d90', '#67482f', '#a3231f', '#26508a', '#3f6b35', '#5a3a72', '#2f7f7a'];

    private const GROUNDS = ['#1c1c1e', '#7f8183', '#e4dcc6'];

    private const AREAS = [
        [Texture::BroadFolds, Material::Cloth],
        [Texture::CloseFolds, Material::Cloth],
        [Texture::Skin, Material::Leather],
        [Texture::RopeOrGrain, Material::Rope],
        [Texture::HardEdgedPanel, Material::Armour],
        [Texture::FurOrFeather, Material::Fur],
    ];

    /** What it has mixed once it knows for all wishes. */
    private static ?PaintBox $box = null;

    /** @var array<string, list<Proposal>> by what was asked */
    private static array $known = [];

    public static function tearDownAfterClass(): void
    {
        self::$box = null;
        self::$known = [];
    }

    /** @return iterable<string, array{Wish, callable(list<Proposal>): float, int}> wish, what is measured, and whether it shall rise or fall */
    public static function wishes(): iterable
    {
        $face = static fn(callable $of): callable => static fn(array $proposals): float => array_sum(array_map(
            static fn(Proposal $one): float => $of($one->strip->final()->at(Zone::Face)),
            $proposals,
        )) / count($proposals);
        $all = static fn(callable $of): callable => static fn(array $proposals): float => array_sum(array_map($of, $proposals)) / count($proposals);

        yield 'brighter' => [Wish::Brighter, $face(static fn(Lab $one): float => $one->lightness), 1];
        yield 'calmer' => [Wish::Calmer, $face(static fn(Lab $one): float => $one->toLch()->chroma), -1];
        yield 'warmer' => [Wish::Warmer, $face(Temperature::warmth(...)), 1];
        yield 'cooler' => [Wish::Cooler, $face(Temperature::warmth(...)), -1];
        yield 'more contrast' => [Wish::MoreContrast, $all(static fn(Proposal $one): float => $one->strip->final()->relief()), 1];
        yield 'fewer steps' => [Wish::FewerSteps, $all(static fn(Proposal $one): float => count($one->area->steps)), -1];
        yield 'faster' => [Wish::Faster, $all(static fn(Proposal $one): float => $one->minutes()), -1];
        yield 'fewest pots' => [Wish::FewestPots, $all(static fn(Proposal $one): float => $one->pots()), -1];
    }

    /**
     * Nearly always, and never far the other way: paints come in steps, and a mend may take back a little.
     *
     * @param callable(list<Proposal>): float $measure
     */
    #[DataProvider('wishes')]
    public function testAWishIsHeard(Wish $wish, callable $measure, int $way): void
    {
        $heard = $asked = 0;
        $gains = [];
        foreach (self::questions() as $question) {
            if ([$wish, $question[1]] === [Wish::Calmer, '#8a8d90'] || [$wish, $question[1]] === [Wish::Cooler, '#26508a']) {
                continue; // A grey is as calm as can be, a blue as cool.
            }
            [$before, $after] = [$measure(self::write(...[...$question, []])), $measure(self::write(...[...$question, [$wish]]))];
            $asked++;
            $heard += $way * ($after - $before) > 0.0 ? 1 : 0;
            $gains[] = $way * ($after - $before) / max(1.0, abs($before));
        }
        self::assertGreaterThanOrEqual(
            0.75 * $asked,
            $heard,
            sprintf("%d of %d: %s", $heard, $asked, implode(" ", array_map(static fn(float $one): string => sprintf("%.2f", $one), $gains))),
        );
        self::assertGreaterThan(-0.25, min($gains), implode(' ', array_map(static fn(float $one): string => sprintf('%.2f', $one), $gains)));
    }

    public function testWhatIsWrittenAtAWishRaisesNoFinding(): void
    {
        foreach (self::questions() as $number => $question) {
            $wish = Wish::cases()[$number % count(Wish::cases())];
            foreach (self::write(...[...$question, [$wish]]) as $proposal) {
                self::assertSame([], $proposal->remarks, "$wish->value, {$proposal->school->value}, question $number");
            }
        }
    }

    public function testFromDarkToLightBeginsWithTheDarkest(): void
    {
        foreach (self::questions() as $question) {
            $first = self::write(...[...$question, [Wish::FromDark]])[0];
            $tones = array_map(static fn(Step $step): float => $step->mix?->colour()->lightness ?? 0.0, $first->area->steps);
            self::assertLessThan($tones[count($tones) - 1], $tones[0]);
            self::assertTrue($first->school->beginsDark(), $first->school->value);
        }
    }

    public function testSayingItAgainAsksForMoreUpToAPoint(): void
    {
        $colour = Srgb::parse('#26508a')->toLab();
        $warmth = static fn(int $times): float => Temperature::warmth(Taste::of(array_fill(0, $times, Wish::Warmer))->colour($colour));

        self::assertGreaterThan($warmth(1) + 1.0, $warmth(2));
        self::assertGreaterThan($warmth(2) + 1.0, $warmth(3));
        self::assertEqualsWithDelta($warmth(3), $warmth(9), 1e-9);
        self::assertEquals($colour, Taste::none()->colour($colour));
        self::assertLessThan(0.01, Ciede2000::between($colour, Taste::of([Wish::Warmer, Wish::Cooler])->colour($colour)));
    }

    /** @return list<array{int, string, string}> */
    private static function questions(): array
    {
        $questions = [];
        for ($number = 0; $number < 16; $number++) {
            $questions[] = [
                $number % count(self::AREAS),
                self::COLOURS[(3 * $number + intdiv($number, 8)) % count(self::COLOURS)],
                self::GROUNDS[$number % count(self::GROUNDS)],
            ];
        }

        return $questions;
    }

    /**
     * @param list<Wish> $wishes
     *
     * @return list<Proposal>
     */
    private static function write(int $area, string $colour, string $ground, array $wishes): array
    {
        self::$box ??= new PaintBox(DemoPaints::owned(), DemoPaints::forSale(...));
        [$texture, $material] = self::AREAS[$area];

        return self::$known[serialize(func_get_args())] ??= (new Writer(self::$box))->write(new WritingWish(
            Area::of('a', 'Area', $texture, AreaSize::Large, Importance::Normal, material: $material),
            Srgb::parse($colour)->toLab(),
            ModelKind::of('Model', BodyType::OnFoot, 32, FinishLevel::TableReady),
            Undercoat::plain(Paint::of('ground', 'Ground', Kind::Primer, Srgb::parse($ground)->toLab())),
            taste: Taste::of($wishes),
        ));
    }
}
