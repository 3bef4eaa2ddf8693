<?php

declare(strict_types=1);

namespace Tests\Http;

use App\Models\Product;
use App\Optics\OpticsStore;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Route as Routes;
use Symfony\Component\Yaml\Yaml;

final class DescriptionTest extends HttpTestCase
{
    public function testEveryRouteIsDescribedAndNothingElseIs(): void
    {
        /** @var array{paths: array<string, array<string, mixed>>} $description */
        $description = Yaml::parseFile(base_path('docs/api/openapi.yaml'));
        $described = [];
        foreach ($description['paths'] as $path => $operations) {
            foreach (array_intersect(array_keys($operations), ['get', 'post', 'put', 'delete']) as $method) {
                $described[] = "$method $path";
            }
        }
        $routes = [];
        foreach (Routes::getRoutes() as $route) {
            /** @var Route $route */
            if (str_starts_with($route->uri(), 'api/')) {
                foreach (array_diff($route->methods(), ['HEAD', 'PATCH']) as $method) {
                    $routes[] = strtolower($method).' '.substr($route->uri(), 3);
                }
            }
        }

        self::assertEqualsCanonicalizing($described, $routes);
    }

    public function testTheWordsOfTheCraftAreServed(): void
    {
        $craft = $this->ask('GET', '/craft');

        self::assertCount(10, $craft['textures']);
        self::assertCount(15, $craft['kinds']);
        self::assertSame('medium', array_column($craft['techniques'], null, 'value')['wash']['usual']['dilution']['with']);
        self::assertContains($craft['techniques'][0]['next'], array_column($craft['techniques'], 'value'));
        $handbook = $this->ask('GET', '/handbook');
        self::assertSame(array_column($craft['techniques'], 'value'), array_keys($handbook['hints']));
        self::assertSame([], array_diff_key($handbook['pictures'], $handbook['hints']));
        $png = (string) $this->get($handbook['pictures']['drybrush'])->assertOk()->getContent();
        self::assertSame([440, 250], array_slice(getimagesizefromstring($png) ?: [], 0, 2));
        $this->ask('GET', '/handbook/techniques/mask/still', status: 404);
    }

    /** Whatever a disk made of what was kept: it is worked out anew. */
    public function testDamagedOpticsAreWorkedOutAnew(): void
    {
        $product = $this->paint('Oilskin Yellow');
        $store = new Repository(new ArrayStore);
        $fresh = (new OpticsStore($store))->paint(...$this->facts($product))->optics();
        $key = array_keys($store->getStore()->all())[0];
        $good = (string) $store->get($key);
        foreach ([
            '', 'x', substr($good, 0, -3), substr($good, 8), $good.$good, str_repeat("\xff", strlen($good)),
            pack('e', NAN).substr($good, 8), pack('e', INF).substr($good, 8), pack('e', -1.0).substr($good, 8), 7, ['x'],
        ] as $damaged) {
            $store->forever($key, $damaged);
            self::assertSame($fresh->absorption, (new OpticsStore($store))->paint(...$this->facts($product))->optics()->absorption);
        }
    }

    public function testKeptOpticsAreThoseThatWouldBeWorkedOutAnew(): void
    {
        foreach (['Oilskin Yellow', 'Umber Wash', 'Lantern Brass'] as $name) {
            $product = $this->paint($name);
            Cache::flush();
            $fresh = (new OpticsStore(Cache::store()))->paint(...$this->facts($product))->optics();
            $kept = (new OpticsStore(Cache::store()))->paint(...$this->facts($product))->optics();

            self::assertNotSame($fresh, $kept);
            self::assertSame($fresh->absorption, $kept->absorption);
            self::assertSame($fresh->scattering, $kept->scattering);
        }
    }

    /** @return array{string, string, \Kalokroma\Paint\Kind, \Kalokroma\Colour\Lab|null, float|null, \Kalokroma\Paint\Finish, string, string} */
    private function facts(Product $one): array
    {
        return [$one->id, $one->name, $one->kind, $one->colour(), $one->opacity, $one->finish, $one->maker, $one->code];
    }
}
