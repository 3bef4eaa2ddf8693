<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Undercoat;
use Kalokroma\Writing\Scheme;
use Kalokroma\Writing\UndercoatAdvice;
use Kalokroma\Writing\UndercoatCandidate;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;
use Tests\Core\PlanSketch;

/** The table of which primer: every row of it a plan. */
final class UndercoatAdviceTest extends TestCase
{
    private const PRIMERS = ['black', 'grey', 'bone', 'white', 'dim', 'shiny'];

    public function testWeakColoursWantALightGround(): void
    {
        $best = self::advice(
            "undercoat black\narea coat broad-folds main cloth\n basecoat yellow\narea sash close-folds medium cloth\n basecoat red",
        );

        self::assertContains(self::called($best[0]), ['bone', 'white', 'grey']);
        self::assertNotContains('black', array_map(self::called(...), array_slice($best, 0, 2)));
        $black = UndercoatAdvice::present(PlanSketch::plan("undercoat black\narea coat broad-folds main cloth\n basecoat yellow"));
        self::assertContains('Colours that cover badly take up much of it: over dark they read dirty.', $black->reasons);
    }

    public function testMetalWantsPlainBlack(): void
    {
        $best = self::advice(
            "undercoat grey\narea plate hard-edged-panel main metal\n basecoat steel\narea mail scales-or-chain large metal\n basecoat brass",
        );

        self::assertContains(self::called($best[0]), ['black', 'dim']);
        self::assertNull($best[0]->undercoat->light);
        self::assertContains('Mostly metal: dark below gives it depth.', $best[0]->reasons);
    }

    public function testTransparentsWantLight(): void
    {
        $best = self::advice(
            "undercoat black\narea coat broad-folds main cloth\n one-coat amber\narea hood close-folds medium cloth\n one-coat moss",
        );

        self::assertTrue($best[0]->undercoat->light !== null || $best[0]->undercoat->base?->colour()->lightness > 60.0);
        self::assertContains('Transparents show what lies below: they need light.', $best[0]->reasons);
    }

    /** Thin paint keeps what lies below it: light from above spreads light and shade, and it is told by how much. */
    public function testItSaysWhatBecomesOfLightAndShade(): void
    {
        $plan = PlanSketch::plan(
            "undercoat grey\narea coat broad-folds main cloth\n one-coat amber\narea hood close-folds medium cloth\n one-coat moss",
        );
        $advice = self::advice(
            "undercoat grey\narea coat broad-folds main cloth\n one-coat amber\narea hood close-folds medium cloth\n one-coat moss",
        );
        self::assertNotEmpty($advice);
        foreach ($advice as $one) {
            $change = UndercoatCandidate::valueRange($one->undercoat, $plan) - UndercoatCandidate::valueRange($plan->undercoat, $plan);
            self::assertStringContainsString(
                $change >= 1.5 ? 'farther apart' : ($change <= -1.5 ? 'nearer to each other' : 'as far apart as now'),
                $one->reasons[count($one->reasons) - 1],
            );
        }
    }

    /** A coloured primer may come from below; then it is told which way shadows lean. */
    public function testAColourFromBelowIsAmongWhatIsTried(): void
    {
        $plan = PlanSketch::plan(
            "undercoat grey\narea coat broad-folds main cloth\n one-coat amber\narea hood close-folds medium cloth\n one-coat moss",
        );
        $violet = Paint::of('violet-primer', 'Violet Primer', \Kalokroma\Paint\Kind::Primer, Paints::lab('#5a3a72'));
        $candidates = UndercoatAdvice::for($plan, [...self::primers(), $violet]);
        $below = array_values(array_filter($candidates, static fn(UndercoatCandidate $one): bool => $one->undercoat->below !== null));

        self::assertNotEmpty($below);
        self::assertStringContainsString('Shadows lean to violet from below', implode(' ', $below[0]->reasons));
    }

    /** Its first colour is there already: no coats, and nothing is nearer. */
    public function testAPrimerOfTheMainColourIsItsBase(): void
    {
        $plan = PlanSketch::plan(
            "undercoat grey\narea coat broad-folds main cloth\n basecoat navy\narea belt close-folds small leather\n basecoat leather",
        );
        $navy = Paint::of('navy-primer', 'Navy Primer', \Kalokroma\Paint\Kind::Primer, Paints::lab('#1f2f5c'));
        $best = UndercoatAdvice::for($plan, [...self::primers(), $navy]);

        self::assertSame('navy-primer', self::called($best[0]));
        self::assertSame(0, $best[0]->coats['coat']);
        self::assertGreaterThan(0, $best[0]->coats['belt']);
        self::assertStringContainsString('It is the base of Coat already', implode(' ', $best[0]->reasons));
    }

    public function testManyMaterialsWantANeutralGround(): void
    {
        $best = self::advice(
            "undercoat black\narea a broad-folds medium cloth\n basecoat navy\narea b close-folds medium leather\n basecoat leather\narea c skin small skin\n basecoat skin\narea d scales-or-chain small metal\n basecoat green\narea e close-folds medium cloth\n basecoat purple",
        );

        self::assertContains('Many materials: a neutral ground serves all of them.', $best[0]->reasons);
    }

    public function testLightAndDarkNearInValueAreNoMap(): void
    {
        $plan = PlanSketch::plan("undercoat grey\narea a broad-folds main cloth\n basecoat navy");
        $all = array_column(array_map(static fn(Paint $one): array => [$one->id, $one], self::primers()), 1, 0);
        $judged = static fn(string $dark, string $light): UndercoatCandidate => UndercoatCandidate::judged(
            Undercoat::of($all[$dark], $all[$light]),
            $plan,
            Scheme::of($plan),
            0,
        );

        self::assertContains('Light and dark are too near in value to be a map.', $judged('black', 'dim')->reasons);
        self::assertNotContains('Light and dark are too near in value to be a map.', $judged('black', 'bone')->reasons);
    }

    /** Coats are those that the plan would need on that ground. */
    public function testCoatsAreThoseOfTheStrip(): void
    {
        $sketch = "area a broad-folds main cloth\n basecoat red\narea b close-folds small leather\n basecoat leather\narea c skin small skin\n basecoat skin\n";
        $best = self::advice("undercoat black\n$sketch");
        $seen = 0;
        foreach ($best as $candidate) {
            $plan = PlanSketch::plan("undercoat black\n$sketch")->over($candidate->undercoat);
            foreach ($plan->areas as $area) {
                if ($candidate->coats[$area->id] !== 0) {
                    self::assertSame($plan->coatsNeeded("$area->id-1"), $candidate->coats[$area->id], self::called($candidate)." $area->id");
                    $seen++;
                }
            }
        }
        self::assertGreaterThan(9, $seen);
    }

    public function testOwnedGoesBeforeBoughtGlossNeverAndNothingComesOfNothing(): void
    {
        $plan = PlanSketch::plan("undercoat grey\narea a broad-folds main cloth\n basecoat navy");
        [$grey] = array_values(array_filter(self::primers(), static fn(Paint $one): bool => $one->id === 'grey'));
        $twin = Paint::of('twin', 'Twin of it', $grey->kind, $grey->colour(), $grey->opacity());
        $best = UndercoatAdvice::for($plan, [$grey], [$twin, self::primer('bone')]);

        // Whatever nobody could tell from an owned one is not offered besides.
        self::assertSame(['grey', 'bone'], array_map(self::called(...), $best));
        self::assertContains('One primer of it is still to be bought.', $best[1]->reasons);
        self::assertSame([], UndercoatAdvice::for($plan, [self::primer('shiny')]));
        self::assertSame([], UndercoatAdvice::for($plan, []));
        self::assertNotSame(
            [],
            UndercoatAdvice::for(PlanSketch::plan('undercoat grey'), [$grey]),
            'A plan without areas is no reason to fall over.',
        );
    }

    /** A horse layered from dark brown does not make a white cloak's ground black. */
    public function testWhatEndsPaleSpeaksAgainstADarkGround(): void
    {
        $horse = "area horse skin large leather\n basecoat dark-brown x2\n highlight leather\n highlight tan";
        $black = static fn(string $areas): UndercoatCandidate => UndercoatAdvice::present(PlanSketch::plan("undercoat black\n$areas"));
        $cloak = 'area cloak broad-folds main cloth';

        $reason = 'What is layered up from dark begins here.';

        self::assertContains($reason, $black("$horse\n$cloak\n basecoat navy x2\n highlight blue\n highlight ice")->reasons);
        self::assertNotContains($reason, $black("$horse\n$cloak\n basecoat pale-grey x2\n highlight snow")->reasons);
        self::assertNotSame('black', self::called(self::advice("undercoat black\n$horse\n$cloak\n basecoat pale-grey x2\n highlight snow")[0]));
    }

    /** What is primed by itself says nothing of the model's ground, and has an advice of its own. */
    public function testALoosePartIsAdvisedByItself(): void
    {
        $robe = "area robe broad-folds main cloth\n one-coat amber 1:1\narea hood close-folds large cloth\n one-coat moss 1:1";
        $guns = "area guns hard-edged-panel large metal part guns\n basecoat steel\narea grips hard-edged-panel large metal part guns\n basecoat brass";
        $alone = UndercoatAdvice::for(PlanSketch::plan("undercoat bone\n$robe"), self::primers());
        $plan = PlanSketch::plan("undercoat bone\nloose guns black\n$robe\n$guns");
        $model = UndercoatAdvice::for($plan, self::primers());
        $part = UndercoatAdvice::for($plan, self::primers(), [], 'guns');

        self::assertSame(array_map(self::called(...), $alone), array_map(self::called(...), $model));
        self::assertSame(['robe', 'hood'], array_keys($model[0]->coats));
        self::assertSame(['guns', 'grips'], array_keys($part[0]->coats));
        self::assertContains('Mostly metal: dark below gives it depth.', $part[0]->reasons);
        self::assertSame('black', self::called(UndercoatAdvice::present($plan, 'guns')));
        self::assertSame('bone', self::called(UndercoatAdvice::present($plan)));
    }

    /** Where one ground spoils what lies on a loose part only, that is the mend. */
    public function testALoosePartThatAGroundSpoilsIsPrimedByItself(): void
    {
        $sketch = "undercoat bone\nloose banner\narea plate hard-edged-panel main metal\n basecoat steel\narea cloth close-folds large cloth part banner\n one-coat amber";
        foreach (self::advice($sketch) as $candidate) {
            $words = implode(' ', $candidate->reasons);
            self::assertSame(
                str_contains($words, 'Cloth would end as') && ! str_contains($words, 'nearer to what is meant'),
                str_contains($words, 'Prime the loose Banner by itself.'),
                $words,
            );
        }
        $plan = PlanSketch::plan($sketch);
        $black = UndercoatCandidate::judged(Undercoat::plain(self::primer('black')), $plan, Scheme::of($plan), 0);
        self::assertStringContainsString('Prime the loose Banner by itself.', implode(' ', $black->reasons));
    }

    public function testTheOrderFollowsTheScoreAndThePresentIsJudgedAlike(): void
    {
        $plan = PlanSketch::plan("undercoat black light bone\narea a broad-folds main cloth\n basecoat green");
        $best = UndercoatAdvice::for($plan, self::primers());
        $scores = array_map(static fn(UndercoatCandidate $one): float => $one->score, $best);
        $sorted = $scores;
        rsort($sorted);

        self::assertSame($sorted, $scores);
        self::assertSame($plan->undercoat->words(), UndercoatAdvice::present($plan)->undercoat->words());
        self::assertGreaterThan(0.0, UndercoatAdvice::present($plan)->minutes);
    }

    /** Nothing but the primer makes the armour blue: whatever else is sprayed, it would end otherwise, and that is said and counts. */
    public function testAPrimerThatIsTheBaseIsNotTakenAwayUnsaid(): void
    {
        $blue = Paint::of('blue-primer', 'Blue Primer', \Kalokroma\Paint\Kind::Primer, Paints::lab('#254a93'));
        $plan = PlanSketch::plan(
            "undercoat grey\narea armour hard-edged-panel main armour\n wash blue-wash recesses\n edge-highlight ice\narea belt close-folds small leather\n basecoat leather x2",
        )->over(Undercoat::plain($blue));
        $advice = UndercoatAdvice::for($plan, [...self::primers(), $blue]);

        self::assertSame('blue-primer', self::called($advice[0]));
        foreach (array_slice($advice, 1) as $other) {
            self::assertStringContainsString('Armour would end as', $other->reasons[0]);
            self::assertLessThan($advice[0]->score - 15.0, $other->score);
        }
    }

    public function testAGroundTooDarkForItsTransparentsIsReplaced(): void
    {
        $best = self::advice(
            "undercoat dim\narea bones rope-or-grain main bone\n one-coat amber 1:1\narea cloth close-folds large cloth\n one-coat moss 1:1",
        );

        self::assertGreaterThan(
            60.0,
            $best[0]->undercoat->surface(\Kalokroma\Craft\Texture::CloseFolds)->look()->at(\Kalokroma\Craft\Zone::Raised)->lightness,
        );
        self::assertStringContainsString('nearer to what is meant', implode(' ', $best[0]->reasons));
    }

    public function testWhatIsLayeredFromDarkIsToldDark(): void
    {
        $layers = static fn(string $id, string $dark, string $mid, string $light): string
            => "area $id broad-folds large cloth\n basecoat $dark x2\n layer $mid x2\n highlight $light x2\n";
        $best = self::advice(
            'undercoat grey'."\n".$layers('coat', 'navy', 'blue', 'sky').$layers('cloak', 'dark-brown', 'brown', 'tan')
                .$layers('hood', 'dark-green', 'green', 'lime'),
        );

        self::assertContains(self::called($best[0]), ['black', 'dim']);
    }

    public function testOpaquePaintGetsNoColouredSketch(): void
    {
        $violet = Paint::of('violet-primer', 'Violet Primer', \Kalokroma\Paint\Kind::Primer, Paints::lab('#5a3a72'));
        foreach ([
            "area hull hard-edged-panel main armour\n basecoat leather x2\n drybrush orange\narea tracks rubble large metal\n basecoat soot x2",
            "area skin skin main skin\n basecoat mid-grey x2\n highlight pale-grey\narea rags close-folds large cloth\n basecoat brown x2",
        ] as $sketch) {
            $candidates = UndercoatAdvice::for(PlanSketch::plan("undercoat grey\n$sketch"), [...self::primers(), $violet]);

            self::assertNull($candidates[0]->undercoat->light, $sketch);
            self::assertSame([], array_filter($candidates, static fn(UndercoatCandidate $one): bool => $one->undercoat->below !== null));
        }
    }

    public function testHalfMetalAndHalfWhiteGetsNoBlack(): void
    {
        $best = self::advice(
            "undercoat grey\narea plate hard-edged-panel large metal\n basecoat steel x2\narea robe broad-folds large cloth\n basecoat pale-grey x2\n highlight snow x3",
        );

        self::assertNotContains(self::called($best[0]), ['black', 'dim']);
    }

    public function testOneTintedAtMostAndNoTwins(): void
    {
        $tinted = array_map(
            static fn(string $hex): Paint => Paint::of($hex, "Primer $hex", \Kalokroma\Paint\Kind::Primer, Paints::lab($hex)),
            ['#5a3a72', '#563a70', '#3a5a72', '#724a3a', '#1d1d1f', '#808284'],
        );
        $candidates = UndercoatAdvice::for(
            PlanSketch::plan(
                "undercoat grey\narea coat broad-folds main cloth\n one-coat amber\narea hood close-folds medium cloth\n one-coat moss",
            ),
            [...self::primers(), ...$tinted],
        );

        self::assertLessThanOrEqual(
            1,
            count(array_filter($candidates, static fn(UndercoatCandidate $one): bool => $one->undercoat->below !== null)),
        );
        foreach ($candidates as $at => $one) {
            foreach (array_slice($candidates, $at + 1) as $other) {
                self::assertFalse($one->isTwinOf($other), self::called($one).' '.self::called($other));
                self::assertNotSame($one->score, $other->score);
            }
        }
    }

    /** @return list<UndercoatCandidate> */
    private static function advice(string $sketch): array
    {
        return UndercoatAdvice::for(PlanSketch::plan($sketch), self::primers());
    }

    /** @return list<Paint> */
    private static function primers(): array
    {
        return array_map(self::primer(...), self::PRIMERS);
    }

    private static function primer(string $name): Paint
    {
        return PlanSketch::plan("undercoat $name")->undercoat->base ?? throw new \LogicException("No primer $name");
    }

    private static function called(UndercoatCandidate $one): string
    {
        return implode('+', array_map(static fn(Paint $paint): string => $paint->id, $one->undercoat->paints()));
    }
}
