<?php

declare(strict_types=1);

namespace App\Models;

use App\Support\ZoneNames;
use DateTimeZone;
use Illuminate\Database\Eloquent\Model;
use Kalokroma\Amounts\Measures;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Exchange\HabitReader;
use Kalokroma\Planning\Climate;
use Kalokroma\Planning\Paces;

/**
 * What the painter has set for the whole application.
 *
 * @property string $name
 * @property mixed $value
 */
final class Setting extends Model
{
    public const USUAL_CURRENCY = 'EUR';

    public $incrementing = false;

    protected $primaryKey = 'name';

    protected $keyType = 'string';

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['value' => 'array'];

    /** ISO 4217 */
    public static function currency(): string
    {
        $kept = self::query()->find('currency')?->value;

        return is_string($kept) ? $kept : self::USUAL_CURRENCY;
    }

    /** What amounts are reckoned with. */
    public static function measures(): Measures
    {
        $kept = self::kept('measures');

        return Measures::of(self::number($kept, 'dropMl'), self::number($kept, 'palettePart'));
    }

    /** The air of the room that is painted in. */
    public static function room(): Climate
    {
        $kept = self::kept('room');

        return Climate::of(self::number($kept, 'celsius') ?? Climate::CELSIUS, self::number($kept, 'humidity') ?? Climate::HUMIDITY);
    }

    /** The painter sprays more than primer. */
    public static function hasAirbrush(): bool
    {
        return (self::kept('tools')['airbrush'] ?? false) === true;
    }

    /** Minutes to fetch and thin what a pass needs, and to clean up after it. */
    public static function setUpMinutes(): float
    {
        return self::number(self::kept('pace'), 'setUpMinutes') ?? Paces::SET_UP;
    }

    /** Of one who takes so long to set up, and else paints as the handbook says: what differs there stands in the techniques. */
    public static function paces(): Paces
    {
        return Paces::usual()->withSetUp(self::setUpMinutes());
    }

    /**
     * @return array{celsius: float, humidity: float, at: int}|null what the painter read off outside, and when in seconds since the epoch;
     *     null when nothing
     */
    public static function weather(): ?array
    {
        $kept = self::kept('weather');
        [$celsius, $humidity] = [self::number($kept, 'celsius'), self::number($kept, 'humidity')];

        return $celsius === null || $humidity === null || ! is_int($kept['at'] ?? null)
            ? null
            : ['celsius' => $celsius, 'humidity' => $humidity, 'at' => $kept['at']];
    }

    /** @return array{station: bool, scanner: bool, reader: bool} the stand-ins that are switched on */
    public static function devices(): array
    {
        $kept = self::kept('devices');

        return [
            'station' => ($kept['station'] ?? false) === true,
            'scanner' => ($kept['scanner'] ?? false) === true,
            'reader' => ($kept['reader'] ?? false) === true,
        ];
    }

    /** Tells this database from any other that may answer at the same address. */
    public static function desk(): string
    {
        $id = self::kept('desk')['id'] ?? null;

        return is_string($id) ? $id : '';
    }

    /** Whether the demo was put into this database. */
    public static function isDemo(): bool
    {
        return (self::kept('demo')['loaded'] ?? false) === true;
    }

    /** Where the painter lives, by the clock. */
    public static function zone(): DateTimeZone
    {
        return ZoneNames::zone(self::kept('zone')['name'] ?? null);
    }

    /** @return list<array{weekday: int, from: string, minutes: int}> when the painter usually sits down; weekdays from 1, Monday */
    public static function hours(): array
    {
        $hours = [];
        foreach (self::kept('hours') as $one) {
            if (is_array($one) && is_int($one['weekday'] ?? null) && is_string($one['from'] ?? null) && is_int($one['minutes'] ?? null)) {
                $hours[] = ['weekday' => $one['weekday'], 'from' => $one['from'], 'minutes' => $one['minutes']];
            }
        }

        return $hours;
    }

    /** @return array<mixed> */
    public static function kept(string $name): array
    {
        $kept = self::query()->find($name)?->value;

        return is_array($kept) ? $kept : [];
    }

    /** @param array<mixed> $value */
    public static function keep(string $name, array $value): void
    {
        self::query()->updateOrCreate(['name' => $name], ['value' => $value]);
    }

    /** @return list<array<string, mixed>> what the painter does otherwise than the tables say, as it is kept */
    public static function habits(): array
    {
        $kept = self::query()->find('habits')?->value;

        return is_array($kept) ? array_values($kept) : [];
    }

    /** The techniques as this painter uses them. */
    public static function book(): CraftBook
    {
        return self::bookOf(self::habits());
    }

    /** @param array<mixed>|null $habits as they are kept */
    public static function bookOf(?array $habits): CraftBook
    {
        return $habits === null || $habits === [] ? CraftBook::standard() : CraftBook::standard()->with(...HabitReader::all($habits));
    }

    /** @param array<mixed> $kept */
    private static function number(array $kept, string $field): ?float
    {
        return is_int($kept[$field] ?? null) || is_float($kept[$field] ?? null) ? (float) $kept[$field] : null;
    }

    public static function keepHabit(Habit $habit): void
    {
        $others = array_filter(self::habits(), static fn(array $one): bool => ($one['technique'] ?? null) !== $habit->technique);
        $written = HabitReader::write($habit);
        self::query()->updateOrCreate(['name' => 'habits'], ['value' => array_values(count($written) > 1 ? [...$others, $written] : $others)]);
    }
}
