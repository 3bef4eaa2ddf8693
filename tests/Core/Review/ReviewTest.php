<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Thinner;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Paint\Kind;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Severity;
use PHPUnit\Framework\TestCase;
use Tests\Core\Paints;
use Tests\Core\Plans;

final class ReviewTest extends TestCase
{
    public function testAWashOverASmoothPanelIsRemarkedAndOverScalesItIsNot(): void
    {
        $wash = Plans::step('wash', Technique::Wash, Paints::of('#b88c60', 0.06, Kind::Wash));

        $findings = $this->findings([$wash], Texture::SmoothPanel);
        self::assertSame(['blotchy-wash'], array_map(static fn(Finding $one): string => $one->rule, $findings));
        self::assertSame(['place' => 'recesses'], $findings[0]->mends[0]->changes);
        self::assertSame([], $this->findings([$wash], Texture::ScalesOrChain));
        self::assertSame([], $this->findings([Plans::step('wash', Technique::Wash, Paints::of('#b88c60', 0.06, Kind::Wash), place: Place::Recesses)], Texture::SmoothPanel));
    }

    public function testTooFewCoatsAreRemarkedWithTheirNumberTheReasonAndAMendThatSettlesIt(): void
    {
        $yellow = Paints::of('#e0ac1c', 0.5, Kind::Opaque, 'Oilskin');
        [$finding] = $this->findings([Plans::step('base', Technique::Basecoat, $yellow, 2, 1)]);
        $coats = $finding->mends[0]->changes['coats'];

        self::assertSame(Severity::CostsTime, $finding->severity);
        self::assertIsInt($coats);
        self::assertGreaterThan(2, $coats);
        self::assertStringContainsString('hides 50 %', $finding->why);
        self::assertStringContainsString('of one thick (1 : 1 water)', $finding->why);
        self::assertNotSame('', $finding->otherSchool);
        self::assertSame([], $this->findings([Plans::step('base', Technique::Basecoat, $yellow, $coats, 1)]));
    }

    public function testMoreCoatsThanNeededAreAMatterOfTaste(): void
    {
        [$finding] = $this->findings([Plans::step('base', Technique::Basecoat, Paints::of('#1c1b1c', 0.96), 6)]);

        self::assertSame(Severity::Taste, $finding->severity);
    }

    public function testPaintThatNeverCoversSaysSo(): void
    {
        [$finding] = $this->findings([Plans::step('base', Technique::Basecoat, Paints::of('#f4f4ef', 0.1), 2, 9)]);

        self::assertSame('This will not cover.', $finding->words);
    }

    /** Their coats add up; but a green is no ground for a brown. */
    public function testStepsOfNearlyOneColourGoOnWithEachOthersWorkAndOthersDoNot(): void
    {
        $about = fn(string $first, string $second): array => array_map(static fn(Finding $one): string => $one->stepId, $this->findings([
            Plans::step('first', Technique::Basecoat, Paints::of($first, 0.5), 1, 1), Plans::step('second', Technique::Basecoat, Paints::of($second, 0.5), 1, 1),
        ]));

        self::assertSame([], $about('#7a5230', '#825a36'));
        self::assertContains('first', $about('#7a5230', '#8f6a48'));
    }

    public function testNobodyMeansToCoverWhereTheBrushIsFeathered(): void
    {
        $pale = Paints::of('#e6dcb8', 0.4);

        self::assertSame([], $this->findings([Plans::step('edges', Technique::Highlight, $pale, 1, 1, Place::RaisedParts)]));
        self::assertNotSame([], $this->findings([Plans::step('edges', Technique::Highlight, $pale, 1, 1)]));
    }

    /** Whatever may be found and mended: after any one of its mends nothing is said of it any more. */
    public function testEveryMendClearsItsFinding(): void
    {
        $wash = Paints::of('#b88c60', 0.06, Kind::Wash);
        $found = [];
        foreach ([
            [Plans::step('a', Technique::Wash, $wash), Texture::SmoothPanel],
            [Plans::step('a', Technique::Basecoat, Paints::of('#e0ac1c', 0.5), 2, 1), Texture::BroadFolds],
            [Plans::step('a', Technique::Basecoat, Paints::of('#b8202a', 0.6), 1), Texture::SmoothPanel],
            [Plans::step('a', Technique::Basecoat, Paints::of('#1c1b1c', 0.96), 6), Texture::ScalesOrChain],
            [Plans::step('a', Technique::Basecoat, Paints::of('#8a5a34', 0.84), 2, 19), Texture::Skin],
            [Plans::step('a', Technique::Layer, Paints::of('#f2c521', 0.35), 1, 2, Place::AllButRecesses), Texture::CloseFolds],
        ] as [$step, $texture]) {
            foreach ($this->findings([$step], $texture) as $finding) {
                foreach ($finding->mends as $mend) {
                    $found[$finding->rule] = true;
                    $rules = array_map(static fn(Finding $one): string => $one->rule, $this->findings([self::mended($step, $mend->changes)], $texture));
                    self::assertNotContains($finding->rule, $rules, "$finding->words: $mend->label");
                }
            }
        }
        self::assertSame(['blotchy-wash', 'coats-to-cover'], array_keys($found));
    }

    public function testALayeredShadeIsFourThinCoatsOfOneToThree(): void
    {
        [$finding] = $this->findings([Plans::step('a', Technique::Wash, Paints::of('#b88c60', 0.06, Kind::Wash))], Texture::SmoothPanel);

        self::assertSame(['technique' => 'glaze', 'place' => 'lower-sides', 'coats' => 4, 'dilution' => ['paint' => 1, 'thinner' => 3, 'with' => 'medium']], $finding->mends[1]->changes);
    }

    /** @param array<string, mixed> $changes as a plan file writes them */
    private static function mended(Step $step, array $changes): Step
    {
        $dilution = $changes['dilution'] ?? null;

        return Step::of(
            $step->id,
            isset($changes['technique']) ? Technique::from($changes['technique']) : $step->technique,
            $step->mix,
            is_array($dilution) ? Dilution::of($dilution['paint'], $dilution['thinner'], Thinner::from($dilution['with'])) : $step->dilution,
            $changes['coats'] ?? $step->coats,
            $step->brush,
            isset($changes['place']) ? Place::from($changes['place']) : $step->place,
        );
    }

    /**
     * @param list<Step> $steps
     *
     * @return list<Finding>
     */
    private function findings(array $steps, Texture $texture = Texture::BroadFolds): array
    {
        $area = Plans::area('coat', $steps, [], $texture);
        $plan = Plans::of([$area]);

        return Review::of($plan, $area, $plan->strip($area));
    }
}
