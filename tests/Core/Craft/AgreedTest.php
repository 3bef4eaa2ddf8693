<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\AreaGuess;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Flank;
use Kalokroma\Craft\Load;
use Kalokroma\Craft\Nature;
use Kalokroma\Craft\Place;
use Kalokroma\Craft\Side;
use Kalokroma\Craft\Texture;
use Kalokroma\Craft\Zone;
use Kalokroma\Paint\Kind;
use Tests\Core\AgreedTestCase;
use Tests\Core\Told;

/** The tables of the craft, row by row. */
final class AgreedTest extends AgreedTestCase
{
    private const NAMES = [
        'Cloak', 'Left pauldron', 'Sword blade', 'Face', 'Eyes', 'Leather straps', 'Hair', 'Base', 'Rubble', 'Chain mail', 'Gem', 'Wings',
        'Fur cape',
        'Rope', 'Wooden shield', 'Boots', 'Scroll', 'Lens', 'Skin', 'Tentacles', 'Armour plates', 'Thing', 'Bone horns', 'Feathers',
        'Gun casing', 'Tank hull',
    ];

    protected function said(): iterable
    {
        $book = CraftBook::standard();
        foreach ($book->techniques() as $one) {
            $deposits = $natures = [];
            foreach (Texture::cases() as $texture) {
                foreach (Load::cases() as $load) {
                    $deposits[] = array_map(static fn(Zone $zone): float => $one->deposit($zone, $texture, $load), Zone::cases());
                }
                $deposits[] = [$texture->goesOnAfter($one, $book)->id, $texture->goesOnAfter($one, $book, true)->id];
            }
            foreach (Nature::cases() as $nature) {
                $natures[] = $one->does($nature);
            }
            yield "technique $one->id" => [
                Told::of($one, 2), $deposits, $natures, array_map(static fn(Zone $zone): float => $one->deposit->share($zone), Zone::cases()),
            ];
        }
        foreach (Texture::cases() as $one) {
            yield "texture $one->value" => [
                $one->label(), $one
                    ->relief(), $one
                    ->isAskedToCover(), array_map($one->share(...), Zone::cases()), $one
                    ->goesOnAfter(null, $book)->id,
            ];
        }
        foreach (Place::cases() as $one) {
            yield "place $one->value" => [
                $one->label(), $one->isFeathered(), $one->isRaised(), array_map($one->reach(...), Zone::cases()),
                array_map($one->share(...), Zone::cases()),
            ];
        }
        foreach (Side::cases() as $one) {
            $of = static fn(Flank $flank): array => array_map(static fn(Zone $zone): float => $one->reach($zone, $flank), Zone::cases());
            yield "side $one->value" => [$one->label(), $one->tellsFlanksApart(), $of(Flank::Left), $of(Flank::Right)];
        }
        foreach (self::enums() as $enum) {
            foreach ($enum::cases() as $one) {
                yield (new \ReflectionEnum($enum))->getShortName()." $one->value" => self::answers($one);
            }
        }
        foreach (self::NAMES as $name) {
            yield "guess $name" => AreaGuess::of($name);
        }
        foreach (Kind::cases() as $kind) {
            yield "takes $kind->value" => array_map(static fn($takes): bool => $takes->accepts($kind), \Kalokroma\Craft\Takes::cases());
        }
    }

    /** @return list<class-string<\BackedEnum>> of the room, those with words of their own apart */
    private static function enums(): array
    {
        $enums = [];
        foreach (glob(__DIR__.'/../../../core/Craft/*.php') ?: [] as $file) {
            $class = 'Kalokroma\\Craft\\'.basename($file, '.php');
            if (is_subclass_of($class, \BackedEnum::class) && ! in_array($class, [Texture::class, Place::class, Side::class], true)) {
                $enums[] = $class;
            }
        }

        return $enums;
    }

    /** @return array<string, mixed> whatever can be asked without a word */
    private static function answers(\BackedEnum $one): array
    {
        $told = [];
        foreach ((new \ReflectionEnum($one))->getMethods(\ReflectionMethod::IS_PUBLIC) as $method) {
            if (! $method->isStatic() && $method->getNumberOfRequiredParameters() === 0) {
                $told[$method->getName()] = Told::answer(static fn(): mixed => $method->invoke($one), 2);
            }
        }

        return $told;
    }
}
