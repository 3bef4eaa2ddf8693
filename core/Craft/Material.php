<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/** What an area is made of in the story of the model, whatever the model itself is made of. */
enum Material: string
{
    case Cloth = 'cloth';
    case Leather = 'leather';
    case Skin = 'skin';
    case Metal = 'metal';
    case Armour = 'armour';
    case Wood = 'wood';
    case Bone = 'bone';
    case Fur = 'fur';
    case Scales = 'scales';
    case Stone = 'stone';
    case Glass = 'glass';
    case Hair = 'hair';
    case Rope = 'rope';
    case Ground = 'ground';
    case Other = 'other';

    /** It grew or lies out in the weather: brown is never wrong on it. */
    public function weathers(): bool
    {
        return match ($this) {
            self::Fur, self::Hair, self::Leather, self::Wood, self::Stone => true,
            default => false,
        };
    }

    /** Its surface chips rather than stains. */
    public function isHard(): bool
    {
        return match ($this) {
            self::Metal, self::Armour, self::Wood, self::Stone => true,
            default => false,
        };
    }
}
