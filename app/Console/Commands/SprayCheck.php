<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\FileCommand;
use App\Console\WrongWords;
use Kalokroma\Craft\SprayMethod;
use Kalokroma\Planning\IllegalWeather;
use Kalokroma\Planning\SprayWeather;

final class SprayCheck extends FileCommand
{
    protected $signature = 'kalokroma:spray-check
        {--celsius= : Temperature of the air}
        {--humidity= : Humidity in %}
        {--method=spray-can : spray-can, airbrush or brush}
        {--json : Answer as JSON}';

    protected $description = 'Says whether one can prime in this weather';

    protected function answer(): array
    {
        $by = $this->oneOf('method', SprayMethod::class);
        [$celsius, $humidity] = [$this->number('celsius', 'a temperature in °C'), $this->number('humidity', 'a humidity in %')];
        try {
            $weather = SprayWeather::of($celsius, $humidity, $by);
        } catch (IllegalWeather $impossible) {
            throw new WrongWords($impossible->getMessage());
        }

        return ['verdict' => $weather->verdict->value, 'findings' => $weather->findings, 'waitMinutes' => $weather->waitMinutes];
    }

    protected function tell(array $answer): void
    {
        $this->line($answer['verdict']);
        foreach ($answer['findings'] as $finding) {
            $this->line($finding['words']);
        }
    }
}
