<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Patience;

/** A newcomer's walk: an empty shelf, a dozen paints, a plan from a pasted guide, a recipe written, what is found mended, a batch begun. */
final class GuideTest extends BrowserTestCase
{
    private const GUIDE = "How I paint harbour guards\n\nPrime with Grey primer.\nCloak: base Deep blue, wash Black wash 1:1, highlight Deep blue with a touch of White\nBoots\nBase the boots with Earth brown and shade with Brown wash.\nGlaze with Ghost Blue 1:4";

    private const URGENT = '//section[@aria-label="Cautions"]//article[.//*[.="stops the job" or .="costs time"]][.//div[contains(@class, "acts")]//button[not(normalize-space(.)="It stays so")]]';

    protected static function server(): AppServer
    {
        return AppServer::withNothing();
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        self::assertSame([], self::complaints());
    }

    public function testFromAnEmptyShelfAndAPastedGuideToABatch(): void
    {
        $this->visit('#/shelf/files');
        $this->press('//ul[@aria-label="Shelves to start with"]/li[1]//button');
        $this->see('//ul[@aria-label="Shelves to start with"]/li[1][contains(., "on your shelf")]');
        $this->pasteTheGuide();
        $this->writeARecipe();
        $this->mendWhatIsFound();

        $this->pressNamed('Paint it');
        $this->fill('Name of the batch', 'First boat');
        $this->pressNamed('Begin the batch');
        $this->see('//*[starts-with(normalize-space(.), "0 of ")][contains(., "steps")]');
    }

    private function pasteTheGuide(): void
    {
        $this->visit('#/plans/new');
        $this->pressNamed('Paste the guide');
        $this->see('//h1[normalize-space(.)="From a guide"]');
        $this->fill('Name of the plan', 'Harbour guard');
        $this->fill('The guide, as somebody wrote it', self::GUIDE);
        $read = '//section[@aria-label="What is understood"]';
        $this->see($read.'//h2[starts-with(normalize-space(.), "6 steps understood")]');
        $this->see($read.'//*[contains(., "Ghost Blue")]');
        $this->see($read.'//summary[starts-with(normalize-space(.), "1 piece left over")]');
        // It is still there after a reload: nothing that was pasted is lost.
        self::driver()->navigate()->refresh();
        $this->see($read.'//h2[starts-with(normalize-space(.), "6 steps understood")]');
        $this->pressNamed('Make the plan');
        $this->see('//h1[normalize-space(.)="Harbour guard"]');
        $this->see('//ol[@aria-label="Steps"]/li[3]//bdi[.="4 Deep blue : 1 White"]');
    }

    private function writeARecipe(): void
    {
        $this->press('//nav[@aria-label="Areas"]//bdi[.="Boots"]');
        $this->see('//ol[@aria-label="Steps"]/li[3]//*[contains(., "no paint")]');
        $this->pressNamed('Write a recipe');
        $this->fill('Colour it shall have', '#5a3a24');
        $this->pressNamed('Write recipes');
        $this->press('(//section[starts-with(@aria-label, "Recipes for")]//article)[1]//button[starts-with(normalize-space(.), "Take this one")]');
        $this->seeNot('//section[starts-with(@aria-label, "Recipes for")]');
        $this->seeNot('//ol[@aria-label="Steps"]//*[contains(., "no paint")]');
        $this->awaitSaved();
    }

    private function mendWhatIsFound(): void
    {
        $this->pressNamed('Running order');
        $this->see('//section[@aria-label="Cautions"]');
        for ($presses = 0; $this->urgent() > 0 && $presses < 20; $presses++) {
            $left = $this->shown();
            $this->press('('.self::URGENT.')[1]//div[contains(@class, "acts")]//button[1]');
            Patience::until(fn(): bool => $this->shown() !== $left, 'the finding to be mended');
        }
        self::assertSame(0, $this->urgent());
        $this->awaitSaved();
    }

    private function urgent(): int
    {
        return count(self::driver()->findElements(WebDriverBy::xpath(self::URGENT)));
    }

    private function shown(): string
    {
        return (string) self::driver()->executeScript(
            'return [...document.querySelectorAll("article[data-rule]")].map((one) => one.textContent).join("|")',
        );
    }
}
