<?php

declare(strict_types=1);

namespace Kalokroma\Paint;

/** What a pot is for. The value is the word used in files. */
enum Kind: string
{
    case Opaque = 'opaque';
    case SemiOpaque = 'semi-opaque';
    case OneCoat = 'one-coat';
    case Wash = 'wash';
    case Ink = 'ink';
    case Metallic = 'metallic';
    case Primer = 'primer';
    case Varnish = 'varnish';
    case Medium = 'medium';
    case Texture = 'texture';
    case Effect = 'effect';
    case Enamel = 'enamel';
    case Pigment = 'pigment';
    case Chipping = 'chipping';
    case Decal = 'decal';

    public function label(): string
    {
        return match ($this) {
            self::Opaque => 'opaque',
            self::SemiOpaque => 'semi-opaque',
            self::OneCoat => 'one-coat transparent',
            self::Wash => 'wash',
            self::Ink => 'ink or glaze',
            self::Metallic => 'metallic',
            self::Primer => 'primer',
            self::Varnish => 'varnish',
            self::Medium => 'medium or thinner',
            self::Texture => 'texture paste',
            self::Effect => 'effect',
            self::Enamel => 'enamel or oil',
            self::Pigment => 'dry pigment',
            self::Chipping => 'chipping fluid',
            self::Decal => 'decal fluid',
        };
    }

    /** Its swatch is one coat over white rather than its masstone. */
    public function isTransparent(): bool
    {
        return match ($this) {
            self::OneCoat, self::Wash, self::Ink => true,
            default => false,
        };
    }

    /** It carries no colour of its own and has no swatch. */
    public function isClear(): bool
    {
        return match ($this) {
            self::Varnish, self::Medium, self::Chipping, self::Decal => true,
            default => false,
        };
    }

    /** It can be an ingredient of a mixed paint. */
    public function isMixable(): bool
    {
        return match ($this) {
            self::Opaque, self::SemiOpaque, self::OneCoat, self::Wash, self::Ink, self::Metallic => true,
            default => false,
        };
    }
}
