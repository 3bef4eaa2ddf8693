<?php

declare(strict_types=1);

namespace Tests\Http;

/** The plan as one scheme: quilt, balance, key areas, colours decided before their recipes. */
final class SchemeTest extends HttpTestCase
{
    public function testEveryAreaLiesInTheQuiltAndTheSchemeIsJudged(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $areas = array_column($plan['document']['areas'], 'id');
        self::assertSame($areas, array_column($plan['looks']['quilt'], 'area'));

        $scheme = $this->ask('GET', "/plans/$plan[id]/scheme?area=$areas[0]");
        self::assertEqualsCanonicalizing($areas, array_column($scheme['values'], 'area'));
        self::assertNotEmpty($scheme['words']);
        self::assertSame(['complement', 'near-complement', 'triad', 'neighbour'], array_column($scheme['harmonies'], 'name'));
        $this->ask('GET', '/plans/nobody/scheme', null, 404);
        self::assertSame([], $this->ask('GET', "/plans/$plan[id]/scheme?area=nobody")['harmonies']);
    }

    /** The finished batch of the demo was painted by these recipes. */
    public function testKeyAreasAreSolvedByWhatWasPaintedToTheEnd(): void
    {
        $solved = $this->ask('GET', "/plans/{$this->plan()->id}/scheme")['keys'];
        $risky = $this->ask('GET', "/plans/{$this->plan('The Bound Capstan')->id}/scheme")['keys'];
        self::assertSame(['Oilskin coat', 'Lantern', 'Face and hands', 'Lantern glass'], array_column($solved, 'name'));
        self::assertSame(['Rope'], array_column($risky, 'name'));
        foreach ($solved as $key) {
            self::assertTrue($key['isSolved'], "$key[name]: $key[words]");
        }
        foreach ($risky as $key) {
            self::assertFalse($key['isSolved'], $key['name']);
        }
    }

    public function testAColourIsDecidedBeforeARecipeAndSeenInTheQuilt(): void
    {
        $plan = $this->ask('GET', '/plans/'.$this->plan()->id);
        $plan = $this->edit($plan, ['do' => 'add-area', 'id' => 'scarf', 'name' => 'Scarf']);
        self::assertNull($plan['looks']['areas']['scarf']['seen']);

        $at = count($plan['document']['areas']) - 1;
        $plan['document']['areas'][$at]['aim'] = '#A3231F';
        $aimed = $this->save($plan);
        self::assertSame('#a3231f', $aimed['document']['areas'][$at]['aim']);
        self::assertSame('#a3231f', $aimed['looks']['areas']['scarf']['seen']['zones'][2]['hex']);

        $aimed['document']['areas'][$at]['aim'] = null;
        self::assertNull($this->save($aimed)['looks']['areas']['scarf']['seen']);
        $aimed['document']['areas'][$at]['aim'] = 'dark teal';
        $said = $this->save([...$aimed, 'version' => $aimed['version'] + 1]);
        self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $said['document']['areas'][$at]['aim'], 'Said in words, kept as a colour.');
        $aimed['document']['areas'][$at]['aim'] = 'loud';
        self::assertSame(["areas.$at.aim"], self::fields($this->save([...$aimed, 'version' => $said['version']], 422)));
    }

    public function testAPlaceOfAPictureIsReadAsThePictureShowsIt(): void
    {
        $image = imagecreatetruecolor(200, 100);
        imagefilledrectangle($image, 0, 0, 99, 99, (int) imagecolorallocate($image, 0x26, 0x50, 0x8A));
        imagefilledrectangle($image, 100, 0, 199, 99, (int) imagecolorallocate($image, 0xE2, 0xB2, 0x1F));
        ob_start();
        imagepng($image);
        $photo = $this
            ->call(
                'POST',
                '/api/photos',
                server: ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'image/png'],
                content: (string) ob_get_clean(),
            )
            ->assertCreated()
            ->json();

        self::assertSame('#26508a', $this->ask('GET', "/photos/$photo[id]/look?x=0.2&y=0.5")['hex']);
        self::assertSame('#e2b21f', $this->ask('GET', "/photos/$photo[id]/look?x=1&y=1")['hex']);
        self::assertSame(['x'], self::fields($this->ask('GET', "/photos/$photo[id]/look?x=1.5&y=0", null, 422)));
        $this->ask('GET', '/photos/nobody/look?x=0&y=0', null, 404);
    }
}
