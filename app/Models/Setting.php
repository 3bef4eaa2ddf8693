<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Habit;
use Kalokroma\Exchange\HabitReader;

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

    protected $casts = ['value' => 'array'];

    /** ISO 4217 */
    public static function currency(): string
    {
        $kept = self::query()->find('currency')?->value;

        return is_string($kept) ? $kept : self::USUAL_CURRENCY;
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

    public static function keepHabit(Habit $habit): void
    {
        $others = array_filter(self::habits(), static fn(array $one): bool => ($one['technique'] ?? null) !== $habit->technique);
        $written = HabitReader::write($habit);
        self::query()->updateOrCreate(['name' => 'habits'], ['value' => array_values(count($written) > 1 ? [...$others, $written] : $others)]);
    }
}
