<?php

declare(strict_types=1);

namespace Kalokroma\Writing;

use Kalokroma\Colour\ColourName;
use Kalokroma\Colour\Lab;
use Kalokroma\Craft\FinishLevel;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Texture;

/** A way of painting an area from the ground to the last light, as painters learned it from each other. */
enum School: string
{
    case WashAndHighlight = 'wash-and-highlight';
    case LayerUp = 'layer-up';
    case ZenithalAndTransparents = 'zenithal-and-transparents';
    case DrybrushBuildUp = 'drybrush-build-up';
    case TrueMetal = 'true-metal';
    case NonMetallicMetal = 'non-metallic-metal';
    case StippledUndertone = 'stippled-undertone';

    /** Lightness of the ground from which transparents show. */
    public const LIGHT_GROUND = 60.0;

    public function label(): string
    {
        return match ($this) {
            self::WashAndHighlight => 'wash and highlight',
            self::LayerUp => 'layer up from dark',
            self::ZenithalAndTransparents => 'light below, transparent above',
            self::DrybrushBuildUp => 'drybrush build-up',
            self::TrueMetal => 'true metal',
            self::NonMetallicMetal => 'metal of ordinary paints',
            self::StippledUndertone => 'stippled undertone',
        };
    }

    /** Why it is done so on such an area. */
    public function reason(Texture $texture): string
    {
        return match ($this) {
            self::WashAndHighlight => $texture->isPanel()
                ? 'Quick and crisp: the shade only runs into the joints, a smooth face stays clean.'
                : 'The relief does the shading: a wash finds the recesses, light goes on what stands up.',
            self::LayerUp => 'No wash and no dry brush: each lighter tone leaves some of the darker one, which suits broad and smooth surfaces.',
            self::ZenithalAndTransparents => 'Light and shade are there before the colour: a transparent shows them through.',
            self::DrybrushBuildUp => 'Deep relief catches a dry brush by itself: the fastest way to much contrast.',
            self::TrueMetal => 'Metal paint makes its own light; a wash gives it depth, a brighter metal its edges.',
            self::NonMetallicMetal => 'Ordinary paints, strong contrast and a sharp light imitate a mirror; it looks right in photographs too.',
            self::StippledUndertone => 'Broken warm tones below keep a weak colour lively, and worn surfaces look worn.',
        };
    }

    /** The darkest tone comes first, and each lighter one leaves some of it. */
    public function beginsDark(): bool
    {
        return $this === self::LayerUp || $this === self::DrybrushBuildUp || $this === self::StippledUndertone;
    }

    /** How well it suits an area, 0 (nobody does it there) to 5. */
    public function suits(Texture $texture, Material $material, Lab $target, FinishLevel $level, float $ground): float
    {
        $isMetal = $material === Material::Metal;
        $isDeep = in_array($texture, [Texture::FurOrFeather, Texture::ScalesOrChain, Texture::RopeOrGrain, Texture::Rubble], true);
        if ($material === Material::Glass) {
            return match ($this) {
                self::WashAndHighlight => 3.0,
                self::ZenithalAndTransparents => 2.0,
                default => 0.0,
            };
        }
        $isDisplay = $level === FinishLevel::Display ? 0.8 : 0.0;

        return match ($this) {
            self::TrueMetal => $isMetal ? 5.0 : 0.0,
            self::NonMetallicMetal => $isMetal ? 2.0 + $isDisplay : 0.0,
            self::WashAndHighlight => $isMetal
                ? 1.0
                : ($isDeep || $texture === Texture::CloseFolds || $texture === Texture::TinyDetail ? 3.0 : 2.2),
            self::LayerUp => $isMetal
                ? 0.8
                : ($texture === Texture::BroadFolds || $texture === Texture::Skin || $texture->isPanel() ? 2.4 : 1.2) + $isDisplay,
            self::DrybrushBuildUp => $isDeep ? 2.6 : ($texture === Texture::HardEdgedPanel && ! $isMetal ? 0.9 : 0.0),
            self::ZenithalAndTransparents => $isMetal
                || $material === Material::Skin
                || $texture === Texture::TinyDetail
                || Lean::of($target, $material) === Lean::Black
                ? 0.0
                : ($texture->isPanel() ? 0.6 : 1.5) + ($ground >= self::LIGHT_GROUND ? 1.4 : -0.6),
            self::StippledUndertone => $isMetal
                ? 0.0
                : (ColourName::of($target)->hueWord() === 'yellow' ? 2.3 : ($texture === Texture::Rubble ? 1.3 : 0.3)),
        };
    }
}
