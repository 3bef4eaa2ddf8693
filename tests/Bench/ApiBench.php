<?php

declare(strict_types=1);

namespace Tests\Bench;

use RuntimeException;
use Tests\Browser\Support\AppServer;

/** How long the API takes to answer, on demo data. */
final readonly class ApiBench
{
    private const WARM = 8;

    private const ASKED = 40;

    public function __construct(private AppServer $server) {}

    public function run(): void
    {
        /** @var list<array{id: string}> $plans */
        $plans = json_decode($this->get('plans'), true)['plans'];
        $id = $plans[0]['id'];
        /** @var array{version: int, document: array<string, mixed>, looks: array{steps: array<string, array{notOwned: list<string>}>}} $plan */
        $plan = json_decode($this->get("plans/$id"), true);
        $missing = array_key_first(array_filter($plan['looks']['steps'], static fn(array $step): bool => $step['notOwned'] !== []));
        $list = "Oilskn Yelow\nDeep Tide\nC23\nsoot wash\nScarlet #e01010\nold green #5f7a40\nEmber Orange\nDuckweed\nWillow Pale\nEelgrass\nShallows\nKingfisher\n"
            ."Dusk Rose\nWeathered Flesh\nHeron White\nMarsh Mallow\nHaw Pink\nSea Holly\nCornflower\nVetch\nLimpet\nMoon Silver\nOxblood Wash\nGranite #6b6e72";
        foreach ([
            ['plan, read', '<= 60 ms', fn(): string => $this->get("plans/$id")],
            ['plan, redrawn by a change', '< 100 ms', fn(): string => $this->send("plans/$id/preview", ['document' => $plan['document']])],
            [
                'an edit of the plan, shown',
                '<= 120 ms',
                fn(): string => $this->send(
                    "plans/$id/edits/preview",
                    [
                        'version' => $plan['version'],
                        'edit' => [
                            'do' => 'run-step',
                            'step' => $plan['looks']['order'][4]['stepId'],
                            'before' => $plan['looks']['order'][3]['stepId'],
                        ],
                    ],
                ),
            ],
            ['substitutes of one step', '', fn(): string => $this->get("plans/$id/steps/$missing/substitutes")],
            ['shelf, first page', '', fn(): string => $this->get('paints?owned=owned&sort=hue')],
            ['evenings', '', fn(): string => $this->get('evenings')],
            ['what dries', '', fn(): string => $this->get('clocks')],
            ['amounts of a plan', '<= 100 ms', fn(): string => $this->get("plans/$id/amounts?models=10")],
            ['bench', '', fn(): string => $this->get('bench')],
            ['shelf map', '', fn(): string => $this->get("shelf/map?plan=$id")],
            ['mixes of one colour, up to three paints', '< 1 s', fn(): string => $this->send('mixes', ['target' => ['colour' => '#a0522d']])],
            ['a list of 24 paints', '< 1 s', fn(): string => $this->send('lists', ['text' => $list])],
            ['all a plan needs', '< 1 s', fn(): string => $this->get("plans/$id/needs")],
            ['what to buy for a plan', '< 1 s', fn(): string => $this->send('purchases/advice', ['plan' => $id])],
        ] as [$name, $wanted, $ask]) {
            for ($i = 0; $i < self::WARM; $i++) {
                $ask();
            }
            $times = array_map(static fn(): float => Clock::milliseconds($ask), range(1, self::ASKED));
            Clock::row("API: $name, p95 of ".self::ASKED, sprintf('%.0f ms', Clock::percentile($times, 0.95)), $wanted);
        }
    }

    private function get(string $path): string
    {
        $answer = file_get_contents($this->server->url("api/$path"));

        return $answer === false ? throw new RuntimeException("No answer from $path") : $answer;
    }

    /** @param array<string, mixed> $body */
    private function send(string $path, array $body): string
    {
        $answer = file_get_contents($this->server->url("api/$path"), false, stream_context_create(['http' => [
            'method' => 'POST', 'header' => "Content-Type: application/json\r\nAccept: application/json",
            'content' => json_encode($body, JSON_THROW_ON_ERROR),
        ]]));

        return $answer === false ? throw new RuntimeException("No answer from $path") : $answer;
    }
}
