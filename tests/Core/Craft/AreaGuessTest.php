<?php

declare(strict_types=1);

namespace Tests\Core\Craft;

use Kalokroma\Craft\AreaGuess;
use Kalokroma\Craft\AreaSize;
use Kalokroma\Craft\CraftBook;
use Kalokroma\Craft\Material;
use Kalokroma\Craft\Technique;
use Kalokroma\Craft\Texture;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AreaGuessTest extends TestCase
{
    /** @return iterable<string, array{string, Texture, Material}> */
    public static function names(): iterable
    {
        yield 'a thing' => ['Cloak', Texture::BroadFolds, Material::Cloth];
        yield 'a thing of a stuff' => ['leather coat', Texture::BroadFolds, Material::Leather];
        yield 'a stuff before a thing of another' => ['Brass lantern', Texture::HardEdgedPanel, Material::Metal];
        yield 'the relief of what it is made of' => ['Fur cape', Texture::FurOrFeather, Material::Fur];
        yield 'scales over a body' => ['Scale armour', Texture::ScalesOrChain, Material::Scales];
        yield 'signs and capitals' => ['FACE & HANDS!', Texture::Skin, Material::Skin];
        yield 'numbers around it' => ['2. boots (left)', Texture::CloseFolds, Material::Leather];
        yield 'the ground it stands on' => ['Jetty base', Texture::Rubble, Material::Ground];
        yield 'a stuff alone' => ['Wood', Texture::RopeOrGrain, Material::Wood];
        yield 'a dot' => ['Eyes', Texture::TinyDetail, Material::Glass];
        yield 'a machine' => ['Tank hull', Texture::SmoothPanel, Material::Armour];
        yield 'nothing known' => ['Zzz 4', Texture::BroadFolds, Material::Other];
        yield 'not a word inside a word' => ['Facade', Texture::BroadFolds, Material::Other];
        yield 'no name' => ['', Texture::BroadFolds, Material::Other];
        yield 'broken text' => ["\xff skin", Texture::Skin, Material::Skin];
    }

    #[DataProvider('names')]
    public function testANameSuggestsTextureAndStuff(string $name, Texture $texture, Material $material): void
    {
        $guess = AreaGuess::of($name);

        self::assertSame([$texture, $material], [$guess->texture, $guess->material]);
    }

    public function testADotIsSmallAndACloakLarge(): void
    {
        self::assertSame(AreaSize::Speck, AreaGuess::of('gem')->size);
        self::assertSame(AreaSize::Large, AreaGuess::of('cloak')->size);
        self::assertSame(AreaSize::Medium, AreaGuess::of('something')->size);
    }

    /** @return iterable<string, array{Texture, list<Technique>}> */
    public static function recipes(): iterable
    {
        yield 'cloth is layered: a dry brush looks dusty on it' => [
            Texture::BroadFolds,
            [Technique::of('basecoat'), Technique::of('wash'), Technique::of('layer'), Technique::of('highlight'), Technique::of('highlight')],
        ];
        yield 'fur is drybrushed' => [
            Texture::FurOrFeather,
            [Technique::of('basecoat'), Technique::of('wash'), Technique::of('drybrush'), Technique::of('highlight'), Technique::of('highlight')],
        ];
        yield 'a wash has nothing to run into on a smooth panel' => [
            Texture::SmoothPanel,
            [Technique::of('basecoat'), Technique::of('layer'), Technique::of('highlight'), Technique::of('highlight'), Technique::of('highlight')],
        ];
        yield 'a lens takes a colour and a point of light' => [
            Texture::TinyDetail,
            [
                Technique::of('basecoat'),
                Technique::of('highlight'),
                Technique::of('highlight'),
                Technique::of('highlight'),
                Technique::of('highlight'),
            ],
        ];
    }

    /** @param list<Technique> $wanted */
    #[DataProvider('recipes')]
    public function testWhatIsUsualNextFollowsTheTexture(Texture $texture, array $wanted): void
    {
        $steps = [];
        foreach ($wanted as $_) {
            $steps[] = $texture->goesOnAfter(end($steps) ?: null, CraftBook::standard());
        }

        self::assertSame($wanted, $steps);
    }
}
