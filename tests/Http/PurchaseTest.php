<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\PaintSet;
use App\Models\Pot;
use App\Models\Product;
use App\Shop\SimulatedShop;
use DateTimeImmutable;
use Illuminate\Support\Facades\Date;

final class PurchaseTest extends HttpTestCase
{
    public function testAPlanIsMadePaintable(): void
    {
        $answer = $this->ask('POST', '/purchases/advice', ['plan' => $this->plan()->id]);
        $cheapest = $answer['purchases']['cheapest'];

        self::assertNotSame([], $answer['needs']);
        self::assertSame($cheapest['total'], array_sum(array_map(static fn(array $item): int => $item['quote']['price'], $cheapest['items'])));
        $met = array_merge(
            ...array_map(static fn(array $item): array => array_column(array_column($item['does'], 'wanted'), 'id'), $cheapest['items'])
        );
        self::assertEqualsCanonicalizing(array_column($answer['needs'], 'id'), [...$met, ...array_column($answer['unmeetable'], 'id')]);
        foreach (['fewestBoxes', 'bestValue'] as $way) {
            self::assertGreaterThanOrEqual($cheapest['total'], $answer['purchases'][$way]['total']);
        }
        self::assertLessThanOrEqual(count($cheapest['items']), count($answer['purchases']['fewestBoxes']['items']));
        self::assertLessThanOrEqual(
            count($answer['needs']),
            count($this->ask('POST', '/purchases/advice', ['plan' => $this->plan()->id, 'shelfStandsIn' => true])['needs']),
        );
    }

    /** The demo owns Mud, which is near enough; nobody else sells anything like it. */
    public function testWhatStandsOnTheShelfIsNamedAndNotBoughtAgain(): void
    {
        $answer = $this->ask('POST', '/purchases/advice', ['text' => "Marsh Umber #5b4632\nDeep Tide"]);

        self::assertSame(
            [['Marsh Umber', 'Mud']],
            array_map(static fn(array $one): array => [$one['wanted']['name'], $one['by']['name']], $answer['onShelf']),
        );
        self::assertSame([], $answer['unmeetable']);
        foreach ($answer['purchases'] as $purchase) {
            self::assertNotContains('Mud', array_column($purchase['items'], 'name'));
            self::assertSame([], $purchase['open']);
        }
        self::assertSame(
            ['Marsh Umber'],
            array_column($this->ask('POST', '/purchases/advice', ['text' => 'Marsh Umber #5b4632', 'tolerance' => 0.5])['unmeetable'], 'name'),
        );
    }

    public function testAPriceByHandWinsOverTheShop(): void
    {
        $tide = $this->paint('Deep Tide');
        $before = $this->ask('POST', '/purchases/advice', ['text' => 'Deep Tide', 'tolerance' => 0])['purchases']['cheapest'];
        self::assertSame($before['items'][0]['quote']['shopPrice'], $before['total']);

        self::assertSame(99, $this->ask('PUT', "/paints/$tide->id/price", ['price' => 99])['price']);
        self::assertSame(99, $this->ask('POST', '/purchases/advice', ['text' => 'Deep Tide', 'tolerance' => 0])['purchases']['cheapest']['total']);
        self::assertNull($this->ask('PUT', "/paints/$tide->id/price", ['price' => null])['handPrice']);
        self::assertSame(
            $before['total'],
            $this->ask('POST', '/purchases/advice', ['text' => 'Deep Tide', 'tolerance' => 0])['purchases']['cheapest']['total'],
        );
        self::assertSame(['price'], self::fields($this->ask('PUT', "/paints/$tide->id/price", ['price' => -1], 422)));
        self::assertSame(['price'], self::fields($this->ask('PUT', "/paints/$tide->id/price", [], 422)));
        $set = PaintSet::query()->firstOrFail();
        self::assertSame(1, $this->ask('PUT', "/sets/$set->id/price", ['price' => 1])['handPrice']);
        $this->ask('PUT', '/sets/none/price', ['price' => 1], 404);
    }

    public function testTheShopChangesFromDayToDayAndIsTheSameOnTheSameDay(): void
    {
        $shop = new SimulatedShop;
        $asked = static fn(string $day): array => array_map(
            static fn(int $i): array => (array) $shop->offer('Heather House', "C$i", 320, new DateTimeImmutable($day)),
            range(1, 200),
        );

        self::assertSame($asked('2026-11-24'), $asked('2026-11-24'));
        self::assertNotSame($asked('2026-11-24'), $asked('2026-11-25'));
        foreach ($asked('2026-11-24') as ['price' => $price, 'stock' => $stock, 'deliveryDays' => $days]) {
            self::assertGreaterThanOrEqual(240, $price);
            self::assertLessThanOrEqual(355, $price);
            self::assertSame($stock === 0, $days > 4);
        }
        self::assertContains(0, array_column($asked('2026-11-24'), 'stock'));
    }

    public function testOnlyWhatIsInStockIsAdvisedWhenWished(): void
    {
        $product = Product::query()->get()->first(static fn(Product $one): bool => (new SimulatedShop)->offer(
            $one->maker,
            $one->code,
            $one->price,
            Date::today(),
        )->stock === 0);
        self::assertNotNull($product);
        $wish = ['text' => "$product->maker $product->code", 'tolerance' => 0];
        Pot::query()->whereKey($product->id)->delete();

        self::assertNotContains(
            'pot-'.$product->id,
            array_column($this->ask('POST', '/purchases/advice', [...$wish, 'inStockOnly' => true])['purchases']['cheapest']['items'], 'item'),
        );
        self::assertSame([], $this->ask('POST', '/purchases/advice', $wish)['unmeetable']);
    }

    public function testABudgetLeavesSomeOpen(): void
    {
        $wish = ['text' => "Deep Tide\nMud\nSoot Wash", 'tolerance' => 0];
        $all = $this->ask('POST', '/purchases/advice', $wish)['purchases']['cheapest'];
        $some = $this->ask('POST', '/purchases/advice', [...$wish, 'budget' => $all['total'] - 1])['purchases']['cheapest'];

        self::assertCount(1, $some['open']);
        self::assertLessThan($all['total'], $some['total']);
        self::assertSame(['budget'], self::fields($this->ask('POST', '/purchases/advice', [...$wish, 'budget' => -5], 422)));
        self::assertSame(['budget'], self::fields($this->ask('POST', '/purchases/advice', [...$wish, 'budget' => true], 422)));
        self::assertSame(['tolerance'], self::fields($this->ask('POST', '/purchases/advice', [...$wish, 'tolerance' => 'NaN'], 422)));
    }

    public function testTheWishListIsBoughtPutOnTheShelfAndTakenBack(): void
    {
        $tide = $this->paint('Deep Tide');
        $this->ask('PUT', "/paints/$tide->id/pot", ['pots' => 0, 'remainingMl' => 0, 'note' => '', 'wished' => true, 'version' => 0]);
        $advice = $this->ask('POST', '/purchases/advice', ['tolerance' => 0]);
        self::assertContains('Deep Tide', array_column($advice['needs'], 'name'));

        $brought = $this->ask('POST', '/purchases', ['items' => ["pot-$tide->id"]]);
        self::assertSame([1, [$tide->id]], [$brought['pots'], $brought['wished']]);
        $pot = $this->ask('GET', "/paints/$tide->id")['paint']['pot'];
        self::assertSame([1, 17, false], [$pot['pots'], $pot['remainingMl'], $pot['wished']]);
        $this->ask('POST', '/purchases', ['items' => ["pot-$tide->id"], 'back' => true, 'wished' => $brought['wished']]);
        $pot = $this->ask('GET', "/paints/$tide->id")['paint']['pot'];
        self::assertSame([0, true], [$pot['pots'], $pot['wished']]);
        $this->ask('POST', '/purchases', ['items' => ["pot-$tide->id"], 'back' => true], 409);
    }

    public function testABoxBringsAllItsPaintsOrNothingIsChanged(): void
    {
        $set = PaintSet::query()->with('products')->where('code', 'TS1')->firstOrFail();
        $pots = (int) Pot::query()->sum('pots');

        $this->ask('POST', '/purchases', ['items' => ["set-$set->id", 'set-gone']], 409);
        self::assertSame($pots, (int) Pot::query()->sum('pots'));
        self::assertSame(8, $this->ask('POST', '/purchases', ['items' => ["set-$set->id"]])['pots']);
        self::assertSame($pots + 8, (int) Pot::query()->sum('pots'));
        self::assertSame(['items'], self::fields($this->ask('POST', '/purchases', [], 422)));
    }

    public function testUnknownEntriesAreToldAndTheRestBought(): void
    {
        $answer = $this->ask('POST', '/purchases/advice', ['text' => "Deep Tide\nwhatever it was"]);

        self::assertSame(['whatever it was'], $answer['unknown']);
        self::assertCount(1, $answer['needs']);
    }

    public function testSetsTellWhatOfThemIsNew(): void
    {
        foreach ($this->ask('GET', '/sets') as $set) {
            self::assertSame([], array_diff($set['new'], array_column($set['paints'], 'id')));
        }
        Pot::query()->update(['pots' => 0]);
        $set = $this->ask('GET', '/sets')[0];
        self::assertNotSame([], $set['new']);
    }
}
