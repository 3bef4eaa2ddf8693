<?php

declare(strict_types=1);

namespace Kalokroma\Planning;

use Kalokroma\Craft\SprayMethod;

/** Whether one can prime at this temperature and humidity, and how soon it may be painted over. */
final readonly class SprayWeather
{
    /** A can sprays well between these, in °C. */
    public const CAN_FROM = 10.0;

    public const CAN_TO = 27.0;

    /** Beyond these no waiting for a warmer hour helps. */
    private const CAN_FAR_FROM = 5.0;

    private const CAN_FAR_TO = 33.0;

    /** % of humidity from which a can takes longer, should wait, and is hopeless. */
    private const HUMID = 65.0;

    public const TOO_HUMID = 70.0;

    private const HOPELESS = 85.0;

    /** Water-borne paint does not form a film below this, in °C. */
    private const NO_FILM = 5.0;

    private const COOL = 15.0;

    /** @param list<array{what: string, words: string}> $findings */
    private function __construct(
        public SprayVerdict $verdict,
        public array $findings,
        public int $waitMinutes,
    ) {}

    /**
     * @param float $celsius of the air
     * @param float $humidity in %, 0 to 100
     *
     * @throws IllegalWeather when no weather is like that
     */
    public static function of(float $celsius, float $humidity, SprayMethod $method): self
    {
        if (! ($celsius >= -40.0 && $celsius <= 60.0)) {
            throw IllegalWeather::temperature();
        }
        if (! ($humidity >= 0.0 && $humidity <= 100.0)) {
            throw IllegalWeather::humidity();
        }
        $findings = $method === SprayMethod::SprayCan ? self::can($celsius, $humidity) : self::waterBorne($celsius, $method);
        $verdict = SprayVerdict::Go;
        foreach ($findings as $finding) {
            $verdict = $finding['verdict']->isWorseThan($verdict) ? $finding['verdict'] : $verdict;
        }

        return new self(
            $verdict,
            array_map(static fn(array $one): array => ['what' => $one['what'], 'words' => $one['words']], $findings),
            self::wait($celsius, $humidity, $method),
        );
    }

    /** @return list<array{what: string, words: string, verdict: SprayVerdict}> */
    private static function can(float $celsius, float $humidity): array
    {
        $findings = [];
        if ($celsius < self::CAN_FROM) {
            $findings[] = ['what' => 'cold', 'words' => sprintf('%.0f °C is too cold for a can (%.0f to %.0f °C): the skin comes out pebbled. Keep can and models indoors, step out, spray, come back in; or prime with an airbrush.', $celsius, self::CAN_FROM, self::CAN_TO),
                'verdict' => $celsius < self::CAN_FAR_FROM ? SprayVerdict::AnotherWay : SprayVerdict::Wait];
        }
        if ($celsius > self::CAN_TO) {
            $findings[] = ['what' => 'hot', 'words' => sprintf('%.0f °C is too hot for a can: paint dries in the air and lands as dust. Spray in the cool of the morning.', $celsius),
                'verdict' => $celsius > self::CAN_FAR_TO ? SprayVerdict::AnotherWay : SprayVerdict::Wait];
        }
        if ($humidity > self::TOO_HUMID) {
            $findings[] = ['what' => 'humid', 'words' => sprintf('%.0f %% humidity is too much for a can: the surface frosts or stays tacky. Wait for drier air, or prime with an airbrush or brush.', $humidity),
                'verdict' => $humidity > self::HOPELESS ? SprayVerdict::AnotherWay : SprayVerdict::Wait];
        } elseif ($humidity > self::HUMID) {
            $findings[] = [
                'what' => 'damp',
                'words' => sprintf('At %.0f %% humidity the propellant takes two to three hours to leave the film.', $humidity),
                'verdict' => SprayVerdict::Go,
            ];
        }

        return $findings;
    }

    /** @return list<array{what: string, words: string, verdict: SprayVerdict}> */
    private static function waterBorne(float $celsius, SprayMethod $method): array
    {
        return $celsius >= self::NO_FILM ? [] : [[
            'what' => 'cold',
            'words' => sprintf(
                'Below %.0f °C water-borne primer makes no film, by %s or otherwise. Bring the models into the warm.',
                self::NO_FILM,
                $method->label(),
            ),
            'verdict' => SprayVerdict::Wait,
        ]];
    }

    private static function wait(float $celsius, float $humidity, SprayMethod $method): int
    {
        $minutes = $method->dryMinutes();
        if ($humidity > self::HUMID) {
            $minutes = $method === SprayMethod::SprayCan ? 150 : $minutes * 2;
        }

        return $celsius < self::COOL ? (int) round($minutes * 1.5) : $minutes;
    }
}
