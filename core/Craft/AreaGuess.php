<?php

declare(strict_types=1);

namespace Kalokroma\Craft;

/**
 * What an area most likely is, told from its name: the last word that we know says what thing it is and so its texture and share,
 * a word for a stuff before it ("leather coat", "brass lantern") what it is made of.
 */
final readonly class AreaGuess
{
    /** Words for a thing, all of one texture, stuff and share of the model. */
    private const THINGS = [
        [
            'armour armor plate breastplate helm helmet shield gauntlet gauntlets greaves pauldron pauldrons cuirass',
            Texture::HardEdgedPanel,
            Material::Armour,
            AreaSize::Large,
        ],
        [
            'sword blade axe spear knife dagger gun rifle pistol weapon weapons hook anchor lantern lamp metal metals steel iron brass gold silver bronze copper winch hinge boss bosses band bands',
            Texture::HardEdgedPanel,
            Material::Metal,
            AreaSize::Small,
        ],
        ['mail chainmail chain chains', Texture::ScalesOrChain, Material::Metal, AreaSize::Medium],
        ['scale scales lizard serpent fish', Texture::ScalesOrChain, Material::Scales, AreaSize::Large],
        ['skin face faces flesh hand hands arm arms leg legs head chest torso body', Texture::Skin, Material::Skin, AreaSize::Small],
        [
            'cloak cape coat robe robes banner flag sail skirt dress mantle oilskin tabard tunic shirt',
            Texture::BroadFolds,
            Material::Cloth,
            AreaSize::Large,
        ],
        [
            'trousers breeches sleeve sleeves hood scarf sash cloth hat cap rags bandage bandages wrap wraps',
            Texture::CloseFolds,
            Material::Cloth,
            AreaSize::Medium,
        ],
        [
            'fur pelt mane tail feather feathers wing wings plumage plume heron bird wolf hide',
            Texture::FurOrFeather,
            Material::Fur,
            AreaSize::Medium,
        ],
        ['hair beard moustache eyebrows', Texture::FurOrFeather, Material::Hair, AreaSize::Small],
        [
            'leather boot boots shoe shoes belt belts strap straps pouch pouches bag bags glove gloves saddle harness satchel',
            Texture::CloseFolds,
            Material::Leather,
            AreaSize::Small,
        ],
        [
            'wood woods timber timbers pole staff shaft plank planks bow handle haft crate barrel boat deck door driftwood',
            Texture::RopeOrGrain,
            Material::Wood,
            AreaSize::Small,
        ],
        ['rope ropes cord net string', Texture::RopeOrGrain, Material::Rope, AreaSize::Small],
        ['bone bones skull skulls horn horns claw claws tusk tusks antler antlers beak', Texture::Skin, Material::Bone, AreaSize::Small],
        ['base bases ground mud earth soil sand jetty grass reed reeds weed moss scenery', Texture::Rubble, Material::Ground, AreaSize::Medium],
        ['rock rocks stone stones rubble brick bricks wall barnacle barnacles', Texture::Rubble, Material::Stone, AreaSize::Medium],
        ['eye eyes lens lenses gem gems jewel jewels glass visor light', Texture::TinyDetail, Material::Glass, AreaSize::Speck],
        [
            'buckle buckles button buttons badge badges rivet rivets detail details trinket ring',
            Texture::TinyDetail,
            Material::Metal,
            AreaSize::Speck,
        ],
        ['tooth teeth nails', Texture::TinyDetail, Material::Bone, AreaSize::Speck],
        ['hull panel panels tank car vehicle machine bodywork turret', Texture::SmoothPanel, Material::Armour, AreaSize::Large],
    ];

    /** Words for a stuff that stand before a thing. */
    private const STUFFS = [
        'leather' => Material::Leather, 'wooden' => Material::Wood, 'oak' => Material::Wood, 'brass' => Material::Metal, 'iron' => Material::Metal,
        'steel' => Material::Metal, 'gold' => Material::Metal, 'golden' => Material::Metal, 'silver' => Material::Metal,
        'bronze' => Material::Metal,
        'copper' => Material::Metal, 'rusty' => Material::Metal, 'rusted' => Material::Metal, 'metal' => Material::Metal, 'fur' => Material::Fur,
        'bone' => Material::Bone, 'stone' => Material::Stone, 'glass' => Material::Glass, 'rope' => Material::Rope, 'cloth' => Material::Cloth,
        'linen' => Material::Cloth, 'woollen' => Material::Cloth, 'silk' => Material::Cloth,
    ];

    /** Reliefs that a thing keeps from what it is made of. */
    private const WOVEN_IN = [Texture::FurOrFeather, Texture::ScalesOrChain];

    private function __construct(
        public Texture $texture,
        public Material $material,
        public AreaSize $size,
    ) {}

    public static function of(string $name): self
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower(mb_scrub($name)), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $thing = $stuff = null;
        foreach ($words as $word) {
            $found = self::thing($word);
            // What came before said what it is made of.
            $thing = match (true) {
                $found === null => $thing,
                // A fur cape is a cape with the relief of fur.
                $thing !== null && in_array($thing[1], self::WOVEN_IN, true) => [$found[0], $thing[1], $thing[2], $found[3]],
                default => $found,
            };
            $stuff ??= $found !== null && $word === end($words) ? null : self::STUFFS[$word] ?? null;
        }

        return $thing === null
            ? new self(Texture::BroadFolds, $stuff ?? Material::Other, AreaSize::Medium)
            : new self($thing[1], $stuff ?? $thing[2], $thing[3]);
    }

    /** @return array{string, Texture, Material, AreaSize}|null */
    private static function thing(string $word): ?array
    {
        // Many of a thing are made of what one is.
        foreach ([$word, (string) preg_replace('/(?<=.{3})s$/u', '', $word)] as $name) {
            foreach (self::THINGS as $things) {
                if (in_array($name, explode(' ', $things[0]), true)) {
                    return $things;
                }
            }
        }

        return null;
    }
}
