<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Kalokroma\Colour\Ciede2000;
use Kalokroma\Colour\Srgb;
use Tests\Browser\Support\Patience;

/** The plan on the sculpt: seen stage by stage, brought in, named by tapping, and shown at the desk where the work is. */
final class FigureTest extends BrowserTestCase
{
    /** Seconds that a picture may take where no graphics card draws it and other work runs beside. */
    private const DRAWN_WITHIN = 60;

    protected static function draws(): bool
    {
        return true;
    }

    public function testThePlanIsSeenOnTheFigureStepByStep(): void
    {
        $this->open('The Bound Capstan');
        $plan = $this->told('plans/'.$this->idOf('The Bound Capstan'));
        $this->press('//nav[@aria-label="Faces of the plan"]/a[.="Figure"]');
        $this->awaitFigure();
        $this->see('//h2[.="Measured on the sculpt"]');

        // Bare, then primed, then finished: the head of the winch has the colours of the strip.
        $timbers = array_values(array_filter(
            $plan['document']['areas'],
            static fn(array $area): bool => $area['name'] === 'Tarred timbers',
        ))[0]['id'];
        $stages = $plan['looks']['areas'][$timbers]['strip']['stages'];
        $this->goTo(1);
        $primed = $this->colourAt(0.5, 0.19);
        self::assertLessThan(6.0, self::distance($primed, $stages[0]['zones'][2]['hex']), 'primed as the strip has it');
        self::assertLessThan(3.0, $this->nearest($stages[0]['zones'][2]['hex']), 'a face that looks at us has the very colour of the strip');
        $this->goTo(count($plan['looks']['order']));
        $this->see('//*[@role="status"]/b[starts-with(., "'.count($plan['looks']['order']).' of")]');
        self::assertGreaterThan(4.0, self::distance($this->colourAt(0.5, 0.19), self::hex($primed)), 'painted it is another');
        $timber = $plan['looks']['areas'][$timbers]['strip']['final']['zones'][2]['hex'];
        self::assertLessThan(3.0, $this->nearest($timber), 'and in the end too');

        // Pressed, a place opens its area.
        $this->tap(0.5, 0.45);
        $this->see('//section[contains(@class, "areas")]//button[@aria-pressed="true"]//bdi[.="Rope"]');
    }

    public function testASculptIsBroughtInAndNamedByTapping(): void
    {
        $this->open('Provost on the White Heron');
        $this->press('//nav[@aria-label="Faces of the plan"]/a[.="Figure"]');
        $this->awaitFigure();
        $this->pressNamed('Another figure');
        // In two parts: the second is moved to where it is glued, and back.
        $this->handFile($this->stl('stone')."\n".$this->stl('cap'), 'input[type=file]');
        $this->see('//h2[.="Does it stand right?"]');
        $this->see('//section[@aria-label="Bring a figure in"]//p[b[.="40.0 mm"]]');
        $this->press('//section[@aria-label="Bring a figure in"]//button[contains(., "cap")]');
        $this->fill('Up, mm', '5');
        $this->see('//section[@aria-label="Bring a figure in"]//p[b[.="45.0 mm"]]');
        $this->pressNamed('Where its file has it');
        $this->see('//section[@aria-label="Bring a figure in"]//p[b[.="40.0 mm"]]');
        $this->pressNamed('Take it in');
        // The server looks at it from all sides first.
        Patience::until(
            static fn(): bool => self::driver()->findElements(WebDriverBy::xpath('//section[@aria-label="Name the areas"]')) !== [],
            'the relief',
            2 * self::DRAWN_WITHIN,
        );
        $this->awaitFigure();

        $this->press('//aside//button[.//bdi[.="Cloak"]]');
        Patience::until(fn(): bool => $this->areAllKnown(), 'the patches', self::DRAWN_WITHIN);
        $this->tap(0.5, 0.62);
        $this->see('//p[@role="status"][contains(., "belongs to no area yet")]');
        // What is one patch and two areas is cut.
        $this->press('//*[@aria-label="What a hand does"]//button[normalize-space(.)="Cut"]');
        $hand = $this->find('.figure .hand');
        self::driver()->action()->moveToElement($hand, -160, 30)->clickAndHold()->moveByOffset(160, 0)->moveByOffset(160, 0)->release()->perform();
        $this->see('//p[@role="status"][contains(., "Cut in two")]');
        $this->press('//*[@aria-label="What a hand does"]//button[normalize-space(.)="Tap"]');
        $this->pressNamed('All that is left');
        $this->see('//p[@role="status"][contains(., "All of it belongs to an area")]');
        $figures = fn(): array => $this->told('plans/'.$this->idOf('Provost on the White Heron').'/figures');
        Patience::until(static fn(): bool => count($figures()) === 2 && $figures()[1]['areas'] !== [], 'the names are kept');
        $this->press('//aside//button[normalize-space(.)="Undo"]');
        $this->see('//p[@role="status"][contains(., "belongs to no area yet")]');
        $this->pressNamed('Done naming');
        $this->pressNamed('Take it out');
        $this->see('//*[contains(., "is taken out")]');
        Patience::until(static fn(): bool => count($figures()) === 1, 'one figure is left');
    }

    /**
     * A photo of the primed model is enough: what is drawn over becomes an area, painted by the light and shade that are in it; the rest
     * stays as it was taken.
     */
    public function testAPhotoIsDrawnOverAndPainted(): void
    {
        $this->open('The Bound Capstan');
        $this->press('//nav[@aria-label="Faces of the plan"]/a[.="Figure"]');
        $this->awaitFigure();
        $this->pressNamed('Another figure');
        $this->handFile($this->photo(), 'input[type=file]');
        $this->see('//section[@aria-label="Name the areas"]');
        $this->awaitFigure();
        Patience::until(fn(): bool => $this->isDrawnOver(), 'the patches', self::DRAWN_WITHIN);
        $this->press('//aside//button[.//bdi[.="Weed"]]');
        $hand = $this->find('.figure .hand');
        $stroke = self::driver()->action()->moveToElement($hand, 0, 0)->clickAndHold();
        foreach ([[-24, -24], [48, 0], [0, 12], [-48, 0], [0, 12], [48, 0], [0, 12], [-48, 0], [0, 12], [48, 0]] as [$x, $y]) {
            foreach (range(1, 2) as $part) {
                $stroke->moveByOffset(intdiv($x, 2), intdiv($y, 2));
            }
        }
        $stroke->release()->perform();
        $id = $this->idOf('The Bound Capstan');
        $photo = fn(): array => $this->told("plans/$id/figures")[1];
        Patience::until(static fn(): bool => count($photo()['areas']) === 1, 'the area is kept');
        $this->pressNamed('Done naming');
        $this->see('//section[@aria-label="Figure"]');
        $this->awaitFigure();

        $zones = array_column($this->told("plans/$id")['looks']['areas'][$photo()['areas'][0]]['strip']['final']['zones'], 'hex');
        Patience::until(
            fn(): bool => min(array_map(fn(string $hex): float => self::distance($this->colourAt(0.5, 0.5), $hex), $zones)) < 8.0,
            'the weed to be green',
            self::DRAWN_WITHIN,
        );
        [$red, $green, $blue] = $this->colourAt(0.5, 0.12);
        self::assertLessThanOrEqual(2, max($red, $green, $blue) - min($red, $green, $blue), 'What is in no area is grey as it was taken.');
        $this->pressNamed('Take it out');
        $this->see('//*[contains(., "is taken out")]');
    }

    public function testAtTheDeskTheFigureShowsWhereTheStepGoes(): void
    {
        $this->visit('#/batches/'.array_column($this->told('batches')['batches'], 'id', 'name')['Night shift'].'/paint');
        // Where no graphics card draws it, it is pressed for.
        $this->press('//button[normalize-space(.)="Figure"]');
        $this->see('//section[@aria-label="Where it goes"]//b[.="Here"]');
        $this->awaitFigure();
        $this->pressNamed('How will it look?');
        $this->see('//section[@aria-label="Where it goes"]//b[.="As it will look"]');
    }

    private function open(string $plan): void
    {
        $this->visit('#/plans/'.$this->idOf($plan));
        $this->see("//h1[.=\"$plan\"]");
    }

    private function idOf(string $plan): string
    {
        return array_column($this->told('plans/names'), 'id', 'name')[$plan];
    }

    /** @return array<mixed> what the server says */
    private function told(string $path): array
    {
        return json_decode((string) file_get_contents(self::$server->url("api/$path")), true, flags: JSON_THROW_ON_ERROR);
    }

    private function areAllKnown(): bool
    {
        return self::driver()->findElements(WebDriverBy::xpath('//p[@role="status"][contains(., "belong")]')) !== [];
    }

    private function isDrawnOver(): bool
    {
        return self::driver()->findElements(WebDriverBy::xpath('//p[contains(., "seen as it was taken")]')) !== [];
    }

    private function awaitFigure(): void
    {
        Patience::until(
            static fn(): bool => self::driver()->findElements(WebDriverBy::cssSelector('.figure[data-shown]')) !== [],
            'the figure',
            self::DRAWN_WITHIN,
        );
    }

    private function goTo(int $pass): void
    {
        $slider = $this->find('.time input[type=range]');
        self::driver()->executeScript(
            'const at = arguments[0]; at.value = arguments[1]; at.dispatchEvent(new Event("input", { bubbles: true }))',
            [$slider, $pass],
        );
        Patience::until(fn(): bool => $this->find('.figure')->getAttribute('data-shown') === (string) $pass, "step $pass", self::DRAWN_WITHIN);
    }

    /** Presses a place of the figure, in shares of its sides. */
    private function tap(float $across, float $down): void
    {
        $hand = $this->find('.figure .hand');
        $size = $hand->getSize();
        self::driver()
            ->action()
            ->moveToElement($hand, (int) (($across - 0.5) * $size->getWidth()), (int) (($down - 0.5) * $size->getHeight()))
            ->click()
            ->perform();
    }

    /** @return array{int, int, int} as the browser drew it, the mean of a few points, by a picture of its own */
    private function colourAt(float $across, float $down): array
    {
        $script = <<<'JS'
            const [across, down, done] = arguments;
            const canvas = document.querySelector('.figure canvas');
            requestAnimationFrame(() => requestAnimationFrame(() => {
                const flat = document.createElement('canvas');
                [flat.width, flat.height] = [canvas.width, canvas.height];
                const pen = flat.getContext('2d');
                pen.drawImage(canvas, 0, 0);
                const { data } = pen.getImageData(Math.round(across * flat.width) - 3, Math.round(down * flat.height) - 3, 6, 6);
                const sum = [0, 0, 0];
                for (let at = 0; at < data.length; at += 4) for (let one = 0; one < 3; one++) sum[one] += data[at + one];
                done(sum.map((one) => Math.round(one / 36)));
            }));
            JS;

        /** @var array{int, int, int} */
        return self::driver()->executeAsyncScript($script, [$across, $down]);
    }

    /** How near the figure comes to a colour anywhere in its middle. */
    private function nearest(string $hex): float
    {
        $distances = [];
        for ($down = 0.14; $down < 0.62; $down += 0.04) {
            for ($across = 0.4; $across < 0.61; $across += 0.02) {
                $distances[] = self::distance($this->colourAt($across, $down), $hex);
            }
        }

        return min($distances);
    }

    /** @param array{int, int, int} $colour */
    private static function hex(array $colour): string
    {
        return sprintf('#%02x%02x%02x', ...$colour);
    }

    /** @param array{int, int, int} $seen */
    private static function distance(array $seen, string $hex): float
    {
        return Ciede2000::between(Srgb::parse(self::hex($seen))->toLab(), Srgb::parse($hex)->toLab());
    }

    /** A stone on a foot, 40 mm high, as STL with z up. */
    private function stl(string $name): string
    {
        $triangles = [];
        $ring = static fn(float $angle, float $radius, float $z): array => [$radius * cos($angle), $radius * sin($angle), $z];
        $profile = [[0.001, 0.0], [14.0, 0.0], [14.0, 3.0], [7.0, 3.2], [9.0, 20.0], [7.0, 36.0], [0.001, 40.0]];
        for ($at = 0; $at < 48; $at++) {
            [$one, $other] = [2 * M_PI * $at / 48, 2 * M_PI * ($at + 1) / 48];
            foreach (array_slice($profile, 1) as $level => [$radius, $z]) {
                [$below, $low] = $profile[$level];
                $corners = [$ring($one, $below, $low), $ring($other, $below, $low), $ring($other, $radius, $z), $ring($one, $radius, $z)];
                $triangles[] = [$corners[0], $corners[1], $corners[2]];
                $triangles[] = [$corners[0], $corners[2], $corners[3]];
            }
        }
        $bytes = str_repeat(' ', 80).pack('V', count($triangles));
        foreach ($triangles as $corners) {
            $bytes .= pack('g12v', 0, 0, 0, ...array_merge(...$corners), ...[0]);
        }
        $path = sys_get_temp_dir()."/kalokroma-$name-".getmypid().'.stl';
        file_put_contents($path, $bytes);

        return $path;
    }

    /** Folds in a light from above, grey as a primer. */
    private function photo(): string
    {
        mt_srand(3);
        $image = imagecreatetruecolor(300, 400);
        assert($image !== false);
        for ($y = 0; $y < 400; $y++) {
            for ($x = 0; $x < 300; $x++) {
                $grey = (int) max(0, min(255, 170 - 80 * $y / 400 + 45 * sin($x / 8) + mt_rand(-8, 8)));
                imagesetpixel($image, $x, $y, ($grey << 16) | ($grey << 8) | $grey);
            }
        }
        $path = sys_get_temp_dir().'/kalokroma-primed-'.getmypid().'.jpg';
        imagejpeg($image, $path, 95);

        return $path;
    }
}
