<?php

declare(strict_types=1);

namespace Kalokroma\Mixing;

use Kalokroma\Paint\Kind;

/** What the film of a mix is to be: one that hides, one that tints, or metal. They are never mixed up. */
enum Film: string
{
    case Covering = 'covering';
    case SeeThrough = 'see-through';
    case Metal = 'metal';

    public static function ofKind(Kind $kind): self
    {
        return match (true) {
            $kind === Kind::Metallic => self::Metal,
            $kind->isTransparent() => self::SeeThrough,
            default => self::Covering,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Covering => 'one that covers',
            self::SeeThrough => 'one that tints',
            self::Metal => 'a metal',
        };
    }

    /**
     * What one reaches for first. An ink may tint a paint that covers, but only when asked for.
     *
     * @return list<Kind>
     */
    public function usualKinds(): array
    {
        return match ($this) {
            self::Covering => [Kind::Opaque, Kind::SemiOpaque],
            self::SeeThrough => [Kind::OneCoat, Kind::Wash, Kind::Ink],
            self::Metal => [Kind::Metallic],
        };
    }

    /** Metal flakes show in every mix, and only a metal brings them. */
    public function takes(Kind $kind): bool
    {
        return $kind->isMixable() && ($kind === Kind::Metallic) === ($this === self::Metal);
    }
}
