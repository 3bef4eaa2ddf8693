<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\SqliteConnector;
use App\Desks\Desks;
use App\Devices\BarcodeScanner;
use App\Devices\SimulatedBarcodeScanner;
use App\Devices\SimulatedSwatchReader;
use App\Devices\SimulatedWeatherStation;
use App\Devices\SwatchReader;
use App\Devices\WeatherStation;
use App\Http\Requests\BoundedValidator;
use App\Optics\OpticsStore;
use App\Shop\Shop;
use App\Shop\SimulatedShop;
use App\Support\SystemClock;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Validator;
use Illuminate\Support\ServiceProvider;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', SqliteConnector::class);
        $first = (string) config('database.connections.sqlite.database');
        config(['database.first' => $first, 'database.connections.sqlite.database' => Desks::path($first)]);
        $this->app->singleton(OpticsStore::class);
        $this->app->singleton(ClockInterface::class, SystemClock::class);
        // The outside world, as far as it ships along.
        $this->app->bind(Shop::class, SimulatedShop::class);
        $this->app->bind(SwatchReader::class, SimulatedSwatchReader::class);
        $this->app->bind(WeatherStation::class, SimulatedWeatherStation::class);
        $this->app->bind(BarcodeScanner::class, SimulatedBarcodeScanner::class);
    }

    public function boot(): void
    {
        JsonResource::withoutWrapping();
        Validator::resolver(static fn(...$arguments): BoundedValidator => new BoundedValidator(...$arguments));
        Model::preventLazyLoading(! $this->app->environment('production'));
    }
}
