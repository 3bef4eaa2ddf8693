<?php

declare(strict_types=1);

namespace Tests\Core\Writing;

use Kalokroma\Craft\Place;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\PlanDocument;
use Kalokroma\Exchange\PlanWriter;
use Kalokroma\Matching\PaintNames;
use Kalokroma\Paint\Paint;
use Kalokroma\Recipe\Step;
use Kalokroma\Writing\Guide\Guide;
use Kalokroma\Writing\Guide\GuideReader;
use Kalokroma\Writing\Guide\Ratio;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Bench\ReviewBench;

/** Guides as people write them. */
final class GuideTest extends TestCase
{
    /** A line without end of hardly any words, and whatever paints and words stand beside each other: there is always an answer. */
    public function testNoTextBringsItDown(): void
    {
        foreach (['=', '_', 'QUJDREVG', 'https://example.org/', '–', 'ß'] as $piece) {
            self::assertSame([], self::read(str_repeat($piece, 400))->plan->areas, $piece);
        }
        $random = new Randomizer(new Mt19937(19));
        $paints = array_map(static fn(Paint $paint): string => $paint->name, [...DemoPaints::owned(), ...DemoPaints::forSale()]);
        $words = [
            'wash', 'base', 'highlight', 'with', 'and', '1:1', '2 : 9', ':', 'glaze', '.', 'all over', 'the', 'prime', 'varnish', 'decal',
            'two coats', 'medium', '-', 'recesses', '3:40', '%', "\n",
        ];
        for ($line = 0; $line < 400; $line++) {
            $text = implode(
                ' ',
                array_map(
                    static fn(): string => $random->getInt(0, 2) === 0 ? $paints[$random->getInt(
                        0,
                        count($paints) - 1,
                    )] : $words[$random->getInt(0, count($words) - 1)],
                    range(1, $random->getInt(1, 12)),
                ),
            );
            $guide = self::read($text);
            // What is made of it is a plan that stands when it is read again.
            $written = PlanWriter::write($guide->plan);
            self::assertSame($written, PlanWriter::write(PlanDocument::of($written)->plan(DocumentPaints::of($written))), $text);
        }
    }

    private const LONG = <<<'TEXT'
        How I paint my ferry wardens

        Paints:
        - Mid Grey Primer
        - Oilskin Yellow
        - Umber Wash
        - Gull Grey
        - Sunburst Glow

        Prime with Mid Grey Primer, then a zenithal of Bone Primer.

        # Oilskin coat
        1. Basecoat with two light coats of Oilskin Yellow.
        2. Wash all over with Umber Wash thinned 1:1 with medium.
        3. Layer Oilskin Yellow again on the raised parts
        4. Highlight the edges with Oilskin Yellow mixed with a touch of Chalk.
        Let it dry while you make tea.

        Boots
        Base the boots with Boot Brown and shade with Soot Wash.
        Drybrush 2 parts Saddle Tan + 1 part Straw
        Lantern: Old Brass, then Umber Wash, then edge highlight Lantern Brass
        Face - Ferry Flesh; Flesh Wash in the recesses; highlight Pale Flesh
        Glaze with Ghost Blue 1:4
        Varnish with Matt Varnish.
        TEXT;

    public function testALongGuideBecomesAreasAndSteps(): void
    {
        $guide = self::read(self::LONG);

        self::assertSame(['Oilskin coat', 'Boots', 'Lantern', 'Face'], array_column($guide->plan->areas, 'name'));
        self::assertSame([
            ['basecoat Oilskin Yellow', 'wash Umber Wash', 'layer Oilskin Yellow', 'edge-highlight 4 Oilskin Yellow : 1 Chalk'],
            ['basecoat Boot Brown', 'wash Soot Wash', 'drybrush 2 Saddle Tan : 1 Straw'],
            ['basecoat Old Brass', 'wash Umber Wash', 'edge-highlight Lantern Brass'],
            ['basecoat Ferry Flesh', 'wash Flesh Wash', 'highlight Pale Flesh', 'glaze no paint chosen yet'],
        ], array_map(static fn($area): array => array_map(self::told(...), $area->steps), $guide->plan->areas));
        self::assertSame('Mid Grey Primer, Bone Primer from above within 45°', $guide->plan->undercoat->words());
        self::assertSame(['matt-coat Matt Varnish'], array_map(self::told(...), $guide->plan->wholeModel));
        self::assertSame([2, 'everywhere', '1 : 1 medium', Place::RaisedParts, Place::Recesses], [
            $guide->plan->areas[0]->steps[0]->coats, $guide->plan->areas[0]->steps[1]->place->value,
            $guide->plan->areas[0]->steps[1]->dilution->words(),
            $guide->plan->areas[0]->steps[2]->place, $guide->plan->areas[3]->steps[1]->place,
        ]);
    }

    public function testWhatWasNotUnderstoodIsSaidAndNothingIsMadeOfIt(): void
    {
        $guide = self::read(self::LONG);

        self::assertSame([[1], [17]], [$guide->unread, $guide->aside]);
        self::assertSame(['Sunburst Glow', 'Ghost Blue'], $guide->unknownPaints);
        self::assertSame(['Gull Grey'], self::names($guide->listedUnused));
        self::assertContains('Chalk', self::names($guide->usedUnlisted));
        self::assertNotContains('Umber Wash', self::names($guide->usedUnlisted));
        $lines = array_column($guide->read, 'line');
        self::assertSame([10, 10, 13, 14, 15, 16, 20, 20, 21, 22, 22, 22, 23, 23, 23, 24, 25], $lines);
        self::assertSame([], array_intersect($lines, $guide->unread));
        foreach ($guide->read as $one) {
            self::assertGreaterThanOrEqual(0.0, $one['sure']);
            self::assertLessThanOrEqual(1.0, $one['sure']);
        }
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function sentences(): iterable
    {
        yield 'before a colon' => [
            'coat: base Oilskin Yellow, wash Umber Wash 1:1, drybrush Straw',
            ['coat basecoat Oilskin Yellow', 'coat wash Umber Wash', 'coat drybrush Straw'],
        ];
        yield 'in whole sentences' => [
            'Paint the cloak with Harbour Blue. Shade it with Indigo Wash.',
            ['cloak basecoat Harbour Blue', 'cloak wash Indigo Wash'],
        ];
        yield 'finally' => ['The sails: Sailcloth, finally highlight with Chalk', ['sails basecoat Sailcloth', 'sails highlight Chalk']];
        yield 'a kind tells the technique' => ['Boots: Boot Brown, Soot Wash', ['boots basecoat Boot Brown', 'boots wash Soot Wash']];
        yield 'misspelled' => ['coat: base Oilskn Yelow', ['coat basecoat Oilskin Yellow']];
        yield 'a ratio of two' => ['coat: highlight Oilskin Yellow and Chalk 3:1', ['coat highlight 3 Oilskin Yellow : 1 Chalk']];
        yield 'no area at all' => ['drybrush Straw', ['model drybrush Straw']];
        yield 'arrows' => [
            'Rope > Driftwood > Tar Wash > Bleached Plank',
            ['model basecoat Rope', 'model basecoat Driftwood', 'model wash Tar Wash', 'model highlight Bleached Plank'],
        ];
        yield 'what the model stands on' => ["Boots: Boot Brown\nPaint the base with Mud", ['boots basecoat Boot Brown', 'base basecoat Mud']];
        yield 'halves of two paints' => [
            "Boots: Boot Brown\nCloak: Chalk mixed half and half with Straw",
            ['boots basecoat Boot Brown', 'cloak basecoat 1 Chalk : 1 Straw'],
        ];
        yield 'halves of water' => [
            "Boots: Boot Brown\nCloak: Umber Wash mixed half and half with water",
            ['boots basecoat Boot Brown', 'cloak wash Umber Wash'],
        ];
        yield 'a list within a list' => [
            "## Cloak\n- Base: Harbour Blue\n- Highlights\n  - Straw\n  - Chalk",
            ['cloak basecoat Harbour Blue', 'cloak highlight Straw', 'cloak highlight Chalk'],
        ];
        yield 'technique before the colon' => ["Hat\nBase: Sloe\nShade: Violet Wash", ['hat basecoat Sloe', 'hat wash Violet Wash']];
    }

    /** @param list<string> $steps */
    #[DataProvider('sentences')]
    public function testFreeWordingIsUnderstood(string $text, array $steps): void
    {
        $found = [];
        foreach (self::read($text)->plan->areas as $area) {
            foreach ($area->steps as $step) {
                $found[] = "$area->id ".self::told($step);
            }
        }

        self::assertSame($steps, $found);
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'nothing' => [''];
        yield 'prose' => ["Lorem ipsum dolor sit amet,\nconsectetur adipiscing elit."];
        yield 'another language' => ["Zuerst trocknen lassen, dann noch einmal von vorn.\nGeduld haben."];
        yield 'markup' => ['<script>alert("x")</script><b></b>'];
        yield 'no text at all' => [implode('', array_map(chr(...), range(0, 255)))];
        yield 'signs' => [str_repeat('¤0¤ : 1:1 > ', 50)];
    }

    #[DataProvider('nonsense')]
    public function testATextThatIsNoGuideIsAPlanWithoutAreas(string $text): void
    {
        $guide = self::read($text);

        self::assertSame([[], []], [$guide->plan->areas, $guide->read]);
    }

    public function testAMegabyteIsReadAndWhateverComesOutCanBeKept(): void
    {
        $guide = self::read(str_repeat(self::LONG."\n", 1200));
        $written = PlanWriter::write($guide->plan);

        self::assertLessThanOrEqual(40, count($guide->plan->areas[0]->steps));
        // What is too much is told, not dropped in silence; what is told as read stands in the plan.
        self::assertGreaterThan(20_000, count($guide->unread));
        self::assertSame([], array_intersect(array_column($guide->read, 'line'), $guide->unread));
        foreach ($guide->plan->areas as $area) {
            self::assertCount(count($area->steps), array_filter($guide->read, static fn(array $one): bool => $one['area'] === $area->id));
        }
        self::assertSame($written, PlanWriter::write(PlanDocument::of($written)->plan(DocumentPaints::of($written))));
    }

    public function testWhatStandsInGuidesOfEveryStyleIsReadAndNothingIsLost(): void
    {
        $guides = ReviewBench::guides();

        self::assertGreaterThan(250, $guides['all']);
        self::assertGreaterThanOrEqual(0.93, $guides['read'] / $guides['all'], implode("\n", $guides['missed']));
        self::assertSame([], $guides['lost']);
        self::assertSame([], ReviewBench::takenForGuides());
    }

    /** @return iterable<string, array{string, int, int, string|null}> text, paint, thinner */
    public static function ratios(): iterable
    {
        yield 'thinner first' => ['2 parts medium to 1 part wash', 1, 2, 'medium'];
        yield 'in words' => ['one part paint to five parts water', 1, 5, 'water'];
        yield 'named in a bracket' => ['(medium:wash 2:1)', 1, 2, 'medium'];
        yield 'paint first in a bracket' => ['(paint:water 2:1)', 2, 1, 'water'];
        yield 'percent' => ['30 % water', 7, 3, 'water'];
        yield 'half' => ['half and half with medium', 1, 1, 'medium'];
        yield 'a comma' => ['1,5:1 with medium', 3, 2, 'medium'];
        yield 'straight' => ['straight from the pot', 1, 0, null];
        yield 'nothing' => ['1 to 5', 1, 5, null];
    }

    #[DataProvider('ratios')]
    public function testARatioIsReadInTheOrderItIsSaidIn(string $text, int $paint, int $thinner, ?string $with): void
    {
        $ratio = Ratio::read($text);

        self::assertSame([[$paint, $thinner], $with], [$ratio->parts, $ratio->thinner?->value]);
    }

    public function testWhatIsSaidToBeNoPaintIsSetAside(): void
    {
        $text = "Coat: base Oilskin Yellow, wash Moonbeam\nBoots: base Boot Brown";
        self::assertSame(['Moonbeam'], self::read($text)->unknownPaints);

        $guide = GuideReader::read($text, PaintNames::of([...DemoPaints::owned(), ...DemoPaints::forSale()]), null, ['moonbeam']);
        self::assertSame([[], ['basecoat Oilskin Yellow']], [$guide->unknownPaints, array_map(self::told(...), $guide->plan->areas[0]->steps)]);
        self::assertSame([1], $guide->aside);
    }

    public function testAClockIsNoRatio(): void
    {
        foreach (['09:15', '3:40', '[12:05]', '1:02:30'] as $time) {
            self::assertNull(Ratio::read("$time base the coat")->parts, $time);
        }
        self::assertSame([1, 10], Ratio::read('1:10')->parts);
    }

    private static function read(string $text): Guide
    {
        return GuideReader::read($text, PaintNames::of([...DemoPaints::owned(), ...DemoPaints::forSale()]));
    }

    private static function told(Step $step): string
    {
        return "{$step->technique->id} {$step->words()}";
    }

    /**
     * @param list<Paint> $paints
     *
     * @return list<string>
     */
    private static function names(array $paints): array
    {
        return array_map(static fn(Paint $one): string => $one->name, $paints);
    }
}
