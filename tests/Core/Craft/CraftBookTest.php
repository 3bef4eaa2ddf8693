<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Craft\Handbook;
use Kalokroma\Craft\Hazard;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Thinner;
use Kalokroma\Exchange\DocumentPaints;
use Kalokroma\Exchange\Faulty;
use Kalokroma\Exchange\HabitReader;
use Kalokroma\Exchange\PlanDocument;
use PHPUnit\Framework\TestCase;
use Tests\Core\PlanSketch;

final class CraftBookTest extends TestCase
{
    public function testAHabitChangesWhatItSpeaksOfAndNothingElse(): void
    {
        $book = CraftBook::standard()->with(new Habit('wash', coats: 2, thinner: 3, with: Thinner::Medium, dryMinutes: 90));
        $wash = $book->technique('wash');

        self::assertSame([2, 1, 3, 90], [$wash?->usual->coats, $wash?->usual->paint, $wash?->usual->thinner, $wash?->dryMinutes]);
        self::assertSame(Technique::of('wash')->neatness, $wash?->neatness);
        self::assertSame(Technique::of('glaze'), $book->technique('glaze'));
        self::assertSame(30, Technique::of('wash')->dryMinutes, 'The tables stay.');
        self::assertSame(count(CraftBook::standard()->techniques()), count($book->with(new Habit('nothing', coats: 2))->techniques()));
    }

    public function testAPlanIsReadByTheBookItIsGiven(): void
    {
        $document = PlanSketch::document("area a broad-folds main cloth\n basecoat navy");
        unset($document['areas'][0]['steps'][0]['coats']);
        $coats = static fn(CraftBook $book): int => PlanDocument::of($document)->plan(
            DocumentPaints::of($document),
            $book,
        )->areas[0]->steps[0]->coats;

        self::assertSame(2, $coats(CraftBook::standard()));
        self::assertSame(5, $coats(CraftBook::standard()->with(new Habit('basecoat', coats: 5))));
    }

    public function testHabitsAreWrittenAndReadAndFaultyOnesNamed(): void
    {
        $habit = new Habit('glaze', coats: 3, thinner: 12, minutes: 4.5);
        self::assertEquals($habit, HabitReader::one(HabitReader::write($habit)));
        foreach ([
            ['technique' => 'glitter'],
            ['technique' => 'wash', 'coats' => 0],
            ['technique' => 'wash', 'dryMinutes' => -1],
            ['technique' => 'wash', 'with' => 'beer'],
        ] as $wrong) {
            try {
                HabitReader::one($wrong);
                self::fail((string) json_encode($wrong));
            } catch (Faulty $faulty) {
                self::assertContains($faulty->faults[0]->field, ['technique', 'coats', 'dryMinutes', 'with']);
            }
        }
    }

    public function testEveryTechniqueAsksForWhatItNeedsAndNoMore(): void
    {
        $asks = static fn(string $id): array => Technique::of($id)->asks();

        self::assertNotContains('coats', $asks('decal'));
        self::assertNotContains('dilution', $asks('decal'));
        self::assertContains('second', $asks('wet-blend'));
        self::assertContains('borders', $asks('lining'));
        self::assertContains('side', $asks('coloured-light'));
        self::assertContains('part', $asks('glue-part'));
        self::assertSame(['part'], $asks('glue-part'));
        self::assertSame([], $asks('mask'));
        self::assertContains('load', $asks('wash'));
        self::assertContains('spirit', $asks('solvent-wash'));
        self::assertNotContains('spirit', $asks('wipe-back'));
    }

    public function testCautionsHaveTwoLinesAndStandWhereTheyApply(): void
    {
        foreach (Hazard::cases() as $hazard) {
            self::assertCount(2, array_filter($hazard->lines(), static fn(string $line): bool => $line !== ''));
        }
        self::assertContains(Hazard::Aerosol, Technique::of('primer')->hazards);
        self::assertContains(Hazard::Solvent, Technique::of('solvent-wash')->hazards);
        self::assertContains(Hazard::Powder, Technique::of('pigments')->hazards);
        self::assertContains(Hazard::Glue, Technique::of('glue-part')->hazards);
        self::assertContains(Hazard::Blade, Technique::of('mask')->hazards);
    }

    public function testTheHandbookSaysEachThingOnce(): void
    {
        foreach ([Handbook::schools(), Handbook::undercoats(), Handbook::words()] as $chapter) {
            self::assertSame(count($chapter), count(array_unique(array_column($chapter, 'id'))));
            foreach ($chapter as $entry) {
                self::assertNotSame('', $entry['text']);
            }
        }
        self::assertSame(
            [
                'wash-and-highlight', 'layer-up', 'zenithal-and-transparents', 'drybrush-build-up', 'true-metal', 'non-metallic-metal',
                'stippled-undertone',
            ],
            array_column(Handbook::schools(), 'id'),
        );
    }
}
