<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Mixing\Dilution;
use Kalokroma\Recipe\Step;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TechniqueTest extends TestCase
{
    /** @return iterable<string, array{Technique}> */
    public static function techniques(): iterable
    {
        foreach (CraftBook::standard()->techniques() as $technique) {
            yield $technique->id => [$technique];
        }
    }

    #[DataProvider('techniques')]
    public function testEveryTechniqueIsSaidInFullAndItsUsualWayIsALawfulStep(Technique $technique): void
    {
        $usual = $technique->usual;
        $step = Step::of('x', $technique, null, Dilution::usual($usual), $usual->coats, $usual->brush, $usual->place);

        self::assertNotSame('', $technique->label);
        self::assertNotSame('', $technique->hint);
        self::assertSame($usual->coats, $step->coats);
        self::assertGreaterThan(Technique::of('spray-from-above')->rank, Technique::of($technique->next)->rank);
    }

    #[DataProvider('techniques')]
    public function testDepositsAreNeverNegativeAndLieBetweenLevelAndCarved(Technique $technique): void
    {
        foreach (Zone::cases() as $zone) {
            $ends = [$technique->deposit($zone, Texture::SmoothPanel), $technique->deposit($zone, Texture::ScalesOrChain)];
            foreach (Texture::cases() as $texture) {
                $deposit = $technique->deposit($zone, $texture);
                self::assertGreaterThanOrEqual(0.0, $deposit);
                self::assertLessThanOrEqual(max($ends) + 1e-9, $deposit);
                self::assertGreaterThanOrEqual(min($ends) - 1e-9, $deposit);
            }
        }
    }

    /** The table of the craft, as it is written down: coats, thinning, brush, place, minutes to dry, neatness. */
    public function testTheTableIsTheOneThatIsWrittenDown(): void
    {
        $told = [];
        foreach (CraftBook::standard()->techniques() as $one) {
            $usual = $one->usual;
            $thinned = $usual->thinner === 0 ? 'straight' : "$usual->paint:$usual->thinner {$usual->with->value}";
            $told[$one->id] = "$usual->coats $thinned {$usual->brush->value} {$usual->place->value} $one->dryMinutes $one->neatness";
        }

        self::assertEquals([
            'primer' => '2 straight spray-can everywhere 60 0', 'spray-from-above' => '1 straight airbrush everywhere 10 0',
            'spray-layer' => '2 1:1 water airbrush everywhere 5 0',
            'basecoat' => '2 2:1 water large-base everywhere 20 2', 'one-coat' => '1 straight large-base everywhere 40 1',
            'wet-blend' => '1 2:1 water medium all-but-recesses 20 2',
            'stipple' => '2 1:1 water old-brush everywhere 10 1', 'wash' => '1 1:1 medium medium everywhere 30 1',
            'layered-shade' => '4 1:3 medium medium lower-sides 10 3',
            'lining' => '1 1:1 water fine recesses 10 3', 'drybrush' => '2 straight drybrush everywhere 2 0',
            'patting' => '1 straight old-brush raised-parts 5 0',
            'layer' => '2 1:1 water medium all-but-recesses 10 3', 'highlight' => '2 1:1 water fine raised-parts 10 3',
            'edge-highlight' => '1 2:1 water fine upper-edges 5 3',
            'dot' => '1 straight fine corners 5 3', 'glaze' => '2 1:9 medium medium everywhere 10 3',
            'coloured-light' => '2 1:4 medium medium facing-side 10 2',
            'eye' => '1 1:1 water fine everywhere 10 3', 'lens' => '1 1:1 water fine everywhere 10 3', 'gem' => '1 1:1 water fine everywhere 10 3',
            'freehand' => '2 2:1 water fine patch 10 3', 'touch-up' => '1 2:1 water fine everywhere 10 3',
            'clean-up' => '1 2:1 water fine everywhere 10 3',
            'gloss-coat' => '1 straight airbrush everywhere 60 0', 'satin-coat' => '1 straight airbrush everywhere 60 0',
            'matt-coat' => '1 straight airbrush everywhere 60 0',
            'gloss-spot' => '1 straight fine everywhere 30 3', 'decal' => '1 straight medium patch 30 3',
            'decal-softener' => '2 straight medium patch 30 3',
            'solvent-wash' => '1 2:1 thinner medium recesses 240 1', 'wipe-back' => '1 straight old-brush everywhere 30 1',
            'streaks' => '1 straight fine lower-sides 240 2',
            'feather' => '1 straight old-brush lower-sides 10 2', 'pigments' => '1 straight old-brush recesses 30 0',
            'effect' => '1 straight old-brush everywhere 60 1',
            'chipping-fluid' => '2 straight airbrush everywhere 15 0', 'chip' => '1 straight old-brush upper-edges 5 1',
            'texture-paste' => '1 straight old-brush everywhere 480 0',
            'grit' => '1 straight old-brush everywhere 60 0', 'tuft' => '1 straight old-brush patch 30 2',
            'rim' => '2 straight medium everywhere 20 3',
            'mask' => '1 straight old-brush everywhere 0 3', 'unmask' => '1 straight old-brush everywhere 0 3',
            'glue-part' => '1 straight old-brush everywhere 15 3',
        ], $told);
    }

    public function testAWashPoolsAndADrybrushCatchesTheMoreTheDeeperTheRelief(): void
    {
        $pools = $catches = [];
        foreach ([Texture::SmoothPanel, Texture::BroadFolds, Texture::CloseFolds, Texture::ScalesOrChain] as $texture) {
            $pools[] = Technique::of('wash')->deposit(Zone::Recess, $texture) / Technique::of('wash')->deposit(Zone::Raised, $texture);
            $catches[] = Technique::of('drybrush')->deposit(Zone::Edge, $texture) - Technique::of('drybrush')->deposit(Zone::Face, $texture);
        }
        foreach ([$pools, $catches] as $rising) {
            $sorted = $rising;
            sort($sorted);
            self::assertSame($sorted, $rising);
        }
    }

    public function testPlacesReachWhatTheyAreCalled(): void
    {
        self::assertSame(0.0, Place::AllButRecesses->reach(Zone::Recess));
        self::assertSame([0.0, 1.0], [Place::UpperEdges->reach(Zone::Face), Place::UpperEdges->reach(Zone::Edge)]);
        self::assertSame([1.0, 0.0], [Place::Recesses->reach(Zone::Recess), Place::Recesses->reach(Zone::Raised)]);
        foreach (Zone::cases() as $zone) {
            self::assertSame(1.0, Place::Everywhere->reach($zone));
        }
    }
}
