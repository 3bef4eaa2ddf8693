<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Pot;
use App\Models\Product;
use PHPUnit\Framework\Attributes\DataProvider;

final class MixingTest extends HttpTestCase
{
    public function testAColourIsMixedFromWhatIsOwned(): void
    {
        $answer = $this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230'], 'amountMl' => 2]);

        self::assertSame('covering', $answer['target']['film']);
        self::assertSame([true, null], [$answer['reach']['isReached'], $answer['buy']]);
        self::assertCount(6, $answer['triples']);
        $best = $answer['pairs'][0];
        self::assertCount(2, $best['mix']['parts']);
        self::assertCount(2, $best['oneMore']);
        self::assertGreaterThanOrEqual(2.0, $best['ml']);
        self::assertSame($best['ml'], round(array_sum(array_column($best['drops'], 'count')) * 0.045, 2));
        foreach ([...$answer['singles'], ...$answer['pairs'], ...$answer['triples']] as $one) {
            foreach ($one['mix']['parts'] as $part) {
                self::assertGreaterThan(0, $this->ask('GET', "/paints/$part[paint]")['paint']['pot']['pots']);
            }
        }
    }

    public function testTargetsFromAnywhere(): void
    {
        $wash = $this->ask('POST', '/mixes', ['target' => ['paint' => $this->paint('Soot Wash')->id], 'mostPaints' => 2]);
        self::assertSame(['see-through', 'Soot Wash'], [$wash['target']['film'], $wash['target']['name']]);
        self::assertTrue($wash['pairs'][0]['mix']['isTransparent']);

        $lab = $this->ask('POST', '/mixes', ['target' => ['colour' => $wash['target']['lab']], 'mostPaints' => 1]);
        self::assertSame($wash['target']['colour']['hex'], $lab['target']['colour']['hex']);

        $plan = $this->plan();
        $step = $plan->document['areas'][0]['steps'][1]['id'];
        $wanted = $this->ask('POST', '/mixes', ['target' => ['plan' => $plan->id, 'step' => $step], 'mostPaints' => 1]);
        self::assertStringStartsWith('Oilskin coat', $wanted['target']['name']);
        $rung = $this->ask('POST', '/mixes', ['target' => ['plan' => $plan->id, 'step' => $step, 'zone' => 'recess'], 'mostPaints' => 1]);
        $looks = $this->ask('GET', "/plans/$plan->id")['looks']['areas'][$plan->document['areas'][0]['id']]['strip']['stages'];
        $stage = array_values(array_filter($looks, static fn(array $stage): bool => $stage['stepId'] === $step))[0];
        self::assertSame($stage['zones'][0]['hex'], $rung['target']['colour']['hex']);
    }

    public function testLimitsAreKeptAndContradictionsTold(): void
    {
        $yellow = $this->paint('Oilskin Yellow')->id;
        $with = $this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230'], 'insist' => [$yellow]]);
        self::assertSame(
            [],
            $with['singles'] === []
                ? []
                : array_filter($with['singles'], static fn(array $one): bool => $one['mix']['parts'][0]['paint'] !== $yellow),
        );
        foreach ($with['triples'] as $one) {
            self::assertContains($yellow, array_column($one['mix']['parts'], 'paint'));
        }
        $without = $this->ask('POST', '/mixes', ['target' => ['paint' => $yellow], 'avoid' => [$yellow]]);
        self::assertNotContains(
            $yellow,
            array_merge(...array_map(static fn(array $one): array => array_column($one['mix']['parts'], 'paint'), $without['triples'])),
        );
        $both = $this->ask('POST', '/mixes', ['target' => ['paint' => $yellow], 'avoid' => [$yellow], 'insist' => [$yellow]]);
        self::assertSame([0, false], [$both['advised'], $both['reach']['isReached']]);
        $unsaid = $this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230'], 'amountMl' => null, 'enoughLeft' => true]);
        self::assertGreaterThanOrEqual(1.0, $unsaid['pairs'][0]['ml']);
        self::assertSame(
            ['insist'],
            self::fields($this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230'], 'insist' => ['a', 'b', 'c', 'd']], 422)),
        );
        self::assertSame(['kinds'], self::fields($this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230'], 'kinds' => ['varnish']], 422)));
    }

    public function testWithEnoughLeftAPotThatIsNearlyEmptyIsSpared(): void
    {
        $wish = ['target' => ['colour' => '#7a5230'], 'amountMl' => 4, 'enoughLeft' => true];
        $first = $this->ask('POST', '/mixes', $wish)['pairs'][0]['mix']['parts'][0];
        Pot::query()->findOrFail($first['paint'])->update(['remaining_ml' => 0.3]);
        foreach ($this->ask('POST', '/mixes', $wish)['pairs'] as $answer) {
            $total = array_sum(array_column($answer['mix']['parts'], 'parts'));
            foreach ($answer['mix']['parts'] as $part) {
                self::assertFalse($part['paint'] === $first['paint'] && $part['parts'] / $total > 0.3 / 4 + 1e-9);
            }
        }
    }

    public function testAnEmptyShelfAndAFarTargetSaySo(): void
    {
        $far = $this->ask('POST', '/mixes', ['target' => ['colour' => '#00ff00']]);
        self::assertFalse($far['reach']['isReached']);
        self::assertLessThan($far['pairs'][0]['difference'], $far['buy']['difference']);
        self::assertSame(
            0,
            Product::query()->whereKey($far['buy']['paint']['id'])->whereHas('pot', static fn($pot) => $pot->where('pots', '>', 0))->count(),
        );
        self::assertStringContainsString('too saturated', $far['reach']['words']);
        Pot::query()->update(['pots' => 0]);
        $none = $this->ask('POST', '/mixes', ['target' => ['colour' => '#7a5230']]);
        self::assertSame([[], [], [], 0], [$none['singles'], $none['pairs'], $none['triples'], $none['advised']]);
        self::assertStringContainsString('No paint', $none['reach']['words']);
    }

    /** @return iterable<string, array{array<string, mixed>, string, int}> */
    public static function faults(): iterable
    {
        yield 'nothing' => [[], 'target', 422];
        yield 'no target' => [['target' => ['zone' => 'edge']], 'target.colour', 422];
        yield 'no colour' => [['target' => ['colour' => 'loud']], 'target.colour', 422];
        yield 'impossible Lab' => [['target' => ['colour' => '500, 0, 0']], 'target.colour', 422];
        yield 'a list' => [['target' => ['colour' => ['#000000']]], 'target.colour', 422];
        yield 'four paints' => [['target' => ['colour' => '#7a5230'], 'mostPaints' => 4], 'mostPaints', 422];
        yield 'yes for a number' => [['target' => ['colour' => '#7a5230'], 'mostParts' => true], 'mostParts', 422];
        yield 'no amount' => [['target' => ['colour' => '#7a5230'], 'amountMl' => 0], 'amountMl', 422];
        yield 'plan without step' => [['target' => ['plan' => 'x']], 'target.step', 422];
        yield 'unknown paint' => [['target' => ['paint' => 'x']], '', 404];
        yield 'unknown plan' => [['target' => ['plan' => 'x', 'step' => 'y']], '', 404];
    }

    /** @param array<string, mixed> $body */
    #[DataProvider('faults')]
    public function testNonsenseIsToldByField(array $body, string $field, int $status): void
    {
        self::assertSame($field === '' ? [] : [$field], array_slice(self::fields($this->ask('POST', '/mixes', $body, $status)), 0, 1));
    }

    public function testAClearPaintIsNoTarget(): void
    {
        $varnish = $this->ask('GET', '/paints?kind=varnish')['paints'][0]['id'];

        self::assertSame(['target.paint'], self::fields($this->ask('POST', '/mixes', ['target' => ['paint' => $varnish]], 422)));
    }

    public function testAListIsAnsweredLineByLine(): void
    {
        $answer = $this->ask('POST', '/lists', ['text' => "Oilskn Yelow\nDeep Tide\nMarsh Umber #5b4632\nwhatever it was\nMatt Varnish"]);
        $rows = $answer['rows'];

        self::assertSame(['owned', 'mix', 'substitute', 'unknown'], array_slice(array_column($rows, 'standing'), 0, 4));
        self::assertSame('Oilskin Yellow', $rows[0]['paint']['name']);
        self::assertSame(1, $answer['counts']['unknown']);
        self::assertLessThanOrEqual(4, $rows[1]['offers'][$rows[1]['advised']]['difference']);
        self::assertFalse($rows[2]['isKnown']);
        self::assertSame('#5b4632', $rows[2]['paint']['colour']['hex']);
        self::assertSame(['text'], self::fields($this->ask('POST', '/lists', ['text' => " \n"], 422)));
        self::assertSame(['tolerance'], self::fields($this->ask('POST', '/lists', ['text' => 'x', 'tolerance' => -1], 422)));
        self::assertSame('missing', $this->ask('POST', '/lists', ['text' => 'Deep Tide', 'tolerance' => 0])['rows'][0]['standing']);
    }

    /** A can or a cup holds one paint: a mix is never advised for an undercoat, so that what is taken is what was advised. */
    public function testAnUndercoatIsReplacedByOnePaintOrNone(): void
    {
        $plan = $this->plan();
        $document = [...$plan->document, 'undercoat' => ['base' => $this->paint('Deep Tide')->id, 'light' => null, 'coneDegrees' => 45]];
        $this->paint('Deep Tide')->pot()->delete();
        $this->save(['id' => $plan->id, 'document' => $document, 'version' => $plan->version]);
        $row = $this->ask('GET', "/plans/$plan->id/needs?tolerance=20")['rows'][0];

        self::assertSame('undercoat', $row['uses'][0]['stepId']);
        self::assertNotSame([], $row['offers']);
        foreach ($row['offers'] as $offer) {
            self::assertCount(1, $offer['mix']['parts']);
        }
    }

    public function testAPlansNeedsAreAnsweredAndWhatIsTakenFitsTheStep(): void
    {
        $plan = $this->plan();
        $needs = $this->ask('GET', "/plans/$plan->id/needs");
        $open = array_values(array_filter($needs['rows'], static fn(array $row): bool => $row['advised'] !== null));

        self::assertNotSame([], $open);
        self::assertSame(count($needs['rows']), array_sum($needs['counts']));
        $document = $plan->document;
        foreach ($open as $row) {
            self::assertSame(array_column($row['uses'], 'stepId'), array_column($row['offers'][$row['advised']]['changes'], 'stepId'));
            foreach ($row['offers'][$row['advised']]['changes'] as ['stepId' => $id, 'mix' => $mix, 'dilution' => $dilution]) {
                foreach ($document['areas'] as $a => $area) {
                    foreach ($area['steps'] as $s => $step) {
                        if ($step['id'] === $id) {
                            $document['areas'][$a]['steps'][$s] = [...$step, 'mix' => $mix, 'dilution' => $dilution];
                        }
                    }
                }
            }
        }
        $this->save(['id' => $plan->id, 'document' => $document, 'version' => $plan->version]);
        $after = $this->ask('GET', "/plans/$plan->id/needs");
        self::assertSame(0, $after['counts']['substitute'] + $after['counts']['mix'] + $after['counts']['made']);
        $this->ask('GET', '/plans/none/needs', null, 404);
    }
}
