<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Paint;
use Kalokroma\Planning\Rehearsal;
use Kalokroma\Recipe\Plan;
use Kalokroma\Recipe\Step;
use Kalokroma\Writing\Guide\GuideReader;
use Kalokroma\Writing\Guide\WrittenGuide;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;
use Tests\Core\SensiblePlans;

/** A plan told to others, and understood again. */
final class WrittenGuideTest extends TestCase
{
    private const SKETCH = "undercoat black light bone\narea coat broad-folds main cloth\n basecoat yellow*3 ochre x3\n wash umber-wash 1:2 medium-thin recesses\n highlight ivory\narea lamp tiny-detail speck metal\n basecoat brass x1 1:0\nwhole\n matt-coat matt";

    public function testItTellsWhatIsNeededAndWhatIsDone(): void
    {
        self::assertSame(<<<'TEXT'
            # Sketch

            Model, on foot, 32 mm, table-ready.

            ## Paints needed
            - Black
            - Bone
            - Matt
            - Yellow
            - Ochre
            - Umber wash
            - Ivory
            - Brass

            ## Tools
            - spray can
            - large base brush
            - water
            - medium brush
            - medium
            - fine brush
            - airbrush

            ## Undercoat
            1. Primer Black, 2 coats (spray can)
            2. Spray from above Bone (spray can)

            ## Coat
            1. Basecoat 3 Yellow + 1 Ochre, 2:1 water, 3 coats (large base brush)
            2. Wash Umber wash, 1:2 medium, in the recesses (medium brush)
            3. Highlight Ivory, 1:1 water, 2 coats (fine brush)

            ## Lamp
            1. Basecoat Brass, straight, 1 coat (large base brush)

            ## The whole model
            1. Matt coat Matt (airbrush)

            TEXT, WrittenGuide::of(PlanSketch::plan(self::SKETCH))->text());
    }

    /** Whatever it writes of paint on areas, the reader makes the same steps of. */
    public function testWhatItWritesIsUnderstoodAgain(): void
    {
        $all = $same = 0;
        $lost = [];
        for ($seed = 1; $seed <= 40; $seed++) {
            $document = SensiblePlans::document($seed);
            $plan = PlanDocument::ofFile($document)->plan(DocumentPaints::of($document));
            $again = GuideReader::read(WrittenGuide::of($plan)->text(), PaintNames::of(self::paints($plan)))->plan;
            foreach ($plan->areas as $area) {
                $read = array_map(self::told(...), $again->area($area->id)->steps ?? []);
                foreach ($area->steps as $step) {
                    // A varnish called "Gloss" is a word of its own technique.
                    if ($step->mix?->isClear() === true) {
                        continue;
                    }
                    $all++;
                    $isRead = in_array(self::told($step), $read, true);
                    $same += $isRead ? 1 : 0;
                    $lost = $isRead ? $lost : [...$lost, "$seed $area->id ".self::told($step)];
                }
            }
        }
        self::assertGreaterThan(500, $all);
        self::assertGreaterThanOrEqual(0.9, $same / $all, implode("\n", array_slice($lost, 0, 40)));
    }

    public function testCaptionsFollowEachOtherInBothForms(): void
    {
        $plan = PlanSketch::plan(self::SKETCH);
        $rehearsal = Rehearsal::of($plan);
        $guide = WrittenGuide::of($plan);
        $passes = count($rehearsal->order()->passes);

        $srt = $guide->subRip($rehearsal, ['coat-1' => 90.0]);
        self::assertSame($passes, preg_match_all('/^(\d\d:\d\d:\d\d,\d{3}) --> (\d\d:\d\d:\d\d,\d{3})$/m', $srt, $times));
        self::assertSame(array_slice($times[1], 1), array_slice($times[2], 0, -1), 'one begins where the other ends');
        self::assertStringStartsWith("1\n00:00:00,000 --> ", $srt);
        self::assertStringContainsString("Coat · Basecoat\n3 Yellow + 1 Ochre · 2:1 water · 3 coats · large base brush", $srt);
        $at = (int) array_search(
            'Coat · Basecoat',
            array_map(static fn(string $cue): string => explode("\n", $cue)[2] ?? '', explode("\n\n", $srt)),
            true,
        );
        self::assertSame(
            90 * 60,
            strtotime("1970-01-01 {$this->seconds($times[2][$at])} UTC") - strtotime("1970-01-01 {$this->seconds($times[1][$at])} UTC"),
        );

        $vtt = $guide->webVtt($rehearsal, ['coat-1' => 90.0]);
        self::assertStringStartsWith("WEBVTT\n\n00:00:00.000 --> ", $vtt);
        self::assertSame($passes, substr_count($vtt, ' --> '));
    }

    private function seconds(string $clock): string
    {
        return explode(',', $clock)[0];
    }

    /** @return list<Paint> */
    private static function paints(Plan $plan): array
    {
        return array_values($plan->paints());
    }

    private static function told(Step $step): string
    {
        return "{$step->technique->id} {$step->words()} {$step->dilution->words()} x$step->coats {$step->place->value}";
    }
}
