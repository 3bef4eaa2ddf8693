<?php

declare(strict_types=1);

namespace Tests\Core\Recipe;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Mixing\Mix;
use Kalokroma\Paint\Kind;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Edit\AddStep;
use Kalokroma\Recipe\Edit\PaintStep;
use Kalokroma\Recipe\Edit\SwapTechnique;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use Kalokroma\Review\Severity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Paints;
use Tests\Core\Plans;

/** Whoever follows what is offered, on any texture and with any paints, is not told off for it. */
final class FreshRecipeTest extends TestCase
{
    private const STAGES = 5;

    private const ROUNDS = 6;

    /** @return iterable<string, array{Texture}> */
    public static function textures(): iterable
    {
        foreach (Texture::cases() as $texture) {
            yield $texture->label() => [$texture];
        }
    }

    #[DataProvider('textures')]
    public function testWhatIsOfferedIsNeverComplainedAbout(Texture $texture): void
    {
        $random = new Randomizer(new Mt19937(crc32($texture->value)));
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $plan = Plans::of([Plans::area('a', [], [], $texture)]);
            for ($stage = 0; $stage < self::STAGES; $stage++) {
                $plan = (new AddStep("s$stage", 'a'))->applyTo($plan);
                $plan = (new PaintStep("s$stage", self::paint($random, $plan->areas[0]->steps[$stage]->technique)))->applyTo($plan);
                self::assertSame([], self::complaints($plan, "s$stage"), "$texture->value, round $round, stage $stage");
            }
            self::assertCount(self::STAGES, $plan->areas[0]->steps);
        }
    }

    #[DataProvider('textures')]
    public function testNoTextureIsOfferedWhatItCannotTake(Texture $texture): void
    {
        foreach ([null, ...CraftBook::standard()->techniques()] as $last) {
            $next = $texture->goesOnAfter($last, CraftBook::standard());
            self::assertNotContains($next, [Technique::of('primer'), Technique::of('spray-from-above')], 'The undercoat is not part of an area.');
            if ($texture->isPanel()) {
                self::assertNotSame(Technique::of('wash'), $next, "after {$last?->id}");
            }
            if (in_array($texture, [Texture::SmoothPanel, Texture::Skin, Texture::BroadFolds], true)) {
                self::assertNotSame(Technique::of('drybrush'), $next, "after {$last?->id}");
            }
        }
    }

    /** @return iterable<string, array{Technique}> */
    public static function techniques(): iterable
    {
        foreach (CraftBook::standard()->techniques() as $technique) {
            yield $technique->label => [$technique];
        }
    }

    /** A step that another way of painting is chosen for begins as that is usually begun, in the coats that it then needs. */
    #[DataProvider('techniques')]
    public function testAnotherTechniqueBringsItsOwnHabits(Technique $technique): void
    {
        $step = Step::usual('s', Technique::of('basecoat'), null, Mix::single(Paints::of('#8a5a34')), 'as last year');
        $plan = (new SwapTechnique('s', $technique))->applyTo(Plans::of([Plans::area('a', [$step])]));
        $swapped = $plan->areas[0]->steps[0];
        $usual = $technique->usual;

        self::assertSame(
            [$usual->brush, $usual->place, $usual->paint, $usual->thinner, $usual->with],
            [$swapped->brush, $swapped->place, $swapped->dilution->paint, $swapped->dilution->thinner, $swapped->dilution->with],
        );
        self::assertSame($plan->coatsNeeded('s') ?? $usual->coats, $swapped->coats);
        self::assertSame(
            ['s', 'as last year', $technique->takes->accepts(Kind::Opaque) ? $step->mix : null],
            [$swapped->id, $swapped->note, $swapped->mix],
        );
    }

    /** @return list<string> what costs time or worse, of one step for which a number of coats can be told */
    private static function complaints(Plan $plan, string $stepId): array
    {
        if ($plan->coatsNeeded($stepId) === null) {
            return [];
        }
        $findings = Review::of(Scene::of(Rehearsal::of($plan)));

        return array_values(array_map(
            static fn(Finding $finding): string => $finding->words,
            // That a weak paint needs five coats on so dark a ground is no word against what was offered.
            array_filter(
                $findings,
                static fn(Finding $finding): bool => $finding->step === $stepId && $finding->severity !== Severity::Taste
                    && $finding->rule !== 'weak-over-dark',
            ),
        ));
    }

    private static function paint(Randomizer $random, Technique $technique): Mix
    {
        $kind = match ($technique) {
            Technique::of('wash') => Kind::Wash,
            Technique::of('one-coat') => Kind::OneCoat,
            default => Kind::Opaque,
        };

        return Mix::single(Paints::of(
            sprintf('#%02x%02x%02x', $random->getInt(25, 235), $random->getInt(25, 235), $random->getInt(25, 235)),
            null,
            $kind,
        ));
    }
}
