<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
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
