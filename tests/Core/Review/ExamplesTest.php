<?php

declare(strict_types=1);

namespace Tests\Core\Review;

use Kalokroma\Craft\Zone;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Review\Finding;
use Kalokroma\Review\Review;
use Kalokroma\Review\Scene;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Plan files written to the page that describes them, and what must come back. */
final class ExamplesTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../examples';

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function examples(): iterable
    {
        foreach (json_decode((string) file_get_contents(self::FOLDER.'/expected.json'), true) as $name => $expected) {
            yield $name => [$name, $expected];
        }
    }

    /** @param array<string, mixed> $expected */
    #[DataProvider('examples')]
    public function testTheReviewFindsWhatItMustAndKeepsQuietOtherwise(string $name, array $expected): void
    {
        $findings = Review::of(Scene::of(Rehearsal::of(self::plan($name))));
        foreach ($expected['fires'] as [$rule, $severity, $area, $step]) {
            $found = array_filter(
                $findings,
                static fn(Finding $one): bool => $one->rule === $rule && in_array($severity, [null, $one->severity->value], true)
                    && in_array($area, [null, $one->area], true) && in_array($step, [null, $one->step], true),
            );
            self::assertNotSame([], $found, $rule);
        }
        $spoken = is_array($expected['silent'])
            ? array_intersect($expected['silent'], array_map(static fn(Finding $one): string => $one->rule, $findings))
            : array_filter($findings, static fn(Finding $one): bool => in_array($one->severity->value, ['stops-the-job', 'costs-time'], true));
        self::assertSame([], array_values($spoken));
    }

    /** @param array<string, mixed> $expected */
    #[DataProvider('examples')]
    public function testStripAndOrderAreAsTheyMustBe(string $name, array $expected): void
    {
        $plan = self::plan($name);
        $rehearsal = Rehearsal::of($plan);
        self::assertSame(count($plan->steps()), count($rehearsal->order()->passes));
        foreach ($expected['simulate'] ?? [] as $id => $wanted) {
            $area = $plan->area($id);
            self::assertNotNull($area);
            $stages = $rehearsal->strip($area)->stages;
            $last = $stages[count($stages) - 1];
            self::assertSame($wanted['last'], $last->application->id);
            self::assertGreaterThanOrEqual(
                $wanted['edge lighter than recess by at least'],
                $last->look->at(Zone::Edge)->lightness - $last->look->at(Zone::Recess)->lightness,
            );
        }
        if (isset($expected['order'])) {
            $first = array_values(array_filter($rehearsal->order()->passes, static fn($pass): bool => ! $pass->isUndercoat))[0];
            self::assertContains($first->step->id, $expected['order']['first after the undercoat is one of']);
            self::assertSame($expected['order']['stops'], array_map(static fn($stop): string => $stop->name, $plan->running->stops));
        }
    }

    /** Whatever the first export says, the second says to the byte. */
    #[DataProvider('examples')]
    public function testWrittenReadAndWrittenAgainItIsTheSame(string $name): void
    {
        $once = json_encode(PlanDocument::ofPlan(self::plan($name))->fields);
        $fields = json_decode((string) $once, true);
        $again = json_encode(PlanDocument::ofPlan(PlanDocument::ofFile($fields)->plan(DocumentPaints::of($fields)))->fields);

        self::assertSame($once, $again);
    }

    private static function plan(string $name): Plan
    {
        $fields = json_decode((string) file_get_contents(self::FOLDER."/$name.plan.json"), true);

        return PlanDocument::ofFile($fields)->plan(DocumentPaints::of($fields));
    }
}
