<?php

declare(strict_types=1);

namespace Tests\Browser;

/** The whole way: a new plan, a substitute, three steps done, and everything is still there after a reload and a killed server. */
final class PainterTest extends BrowserTestCase
{
    public function testAPainterPlansABatchAndPaintsIt(): void
    {
        $this->makeThePlan();
        foreach (['Marsh coat' => 'Reed Green', 'Boots' => 'Boot Brown'] as $area => $base) {
            $this->press("//nav[@aria-label='Areas']//bdi[.='$area']");
            $this->writeFiveStages($base);
        }
        $this->takeASubstitute();
        $this->paintThreeSteps();

        self::$server->kill();
        self::$server->start();
        self::driver()->navigate()->refresh();
        $this->see('//ul[@aria-label="Drying"]/li[contains(., "Whole model")]');

        $this->visit('#/logbook');
        $entries = "//section//li[.//bdi[.='Second boat']]";
        $this->see($entries);
        $this->seeCount(2, $entries);
        $this->seeCount(1, $entries.'[.//*[starts-with(normalize-space(.), "4 of 5")]]');
        $this->pressNamed('Plans');
        $this->press('//h2/a[normalize-space(.)="Marsh Piker"]');
        foreach (['Marsh coat', 'Boots'] as $area) {
            $this->press("//nav[@aria-label='Areas']//bdi[.='$area']");
            $this->see('//ol[@aria-label="Steps"]/li[5]');
            $this->seeCount(5, '//ol[@aria-label="Steps"]/li');
        }
        $this->seeNot('//nav[@aria-label="Areas"]//*[contains(., "not owned")]');
    }

    private function makeThePlan(): void
    {
        $this->visit('#/');
        $this->pressNamed('Plans');
        $this->pressNamed('New plan');
        $this->fill('Name of the plan', 'Marsh Piker');
        $this->pick('Undercoat', 'Mid Grey Primer');
        $this->fill('Its areas, one a line', "Marsh coat\nBoots");
        $this->pressNamed('Make the plan');
        $this->see('//h1[normalize-space(.)="Marsh Piker"]');
    }

    private function writeFiveStages(string $base): void
    {
        $stages = ['Primer' => 'Bone Primer', 'Basecoat' => $base, 'Wash' => 'Soot Wash', 'Drybrush' => 'Saddle Tan', 'Highlight' => 'Tallow Pale'];
        $number = 0;
        foreach ($stages as $technique => $paint) {
            $number++;
            $this->pressNamed('Add a step');
            $this->see(sprintf('//section[starts-with(@aria-label, "Step %d,")]', $number));
            $this->choose('Technique', $technique);
            $this->see(sprintf('//section[@aria-label="Step %d, %s"]', $number, $technique));
            $this->pick('Paint', $paint);
            $this->see(sprintf('//ol[@aria-label="Steps"]/li[%d]//bdi[.="%s"]', $number, $paint));
        }
        $this->awaitSaved();
    }

    /** Soot Wash is in both recipes and not on the shelf. */
    private function takeASubstitute(): void
    {
        foreach (['Marsh coat', 'Boots'] as $area) {
            $this->press("//nav[@aria-label='Areas']//bdi[.='$area']");
            $this->press('//ol[@aria-label="Steps"]/li[3]/button');
            $this->see('//section[@aria-label="What do I have?"]//*[.="as planned"]');
            $this->pressNamed('Take it');
            $this->seeNot('//ol[@aria-label="Steps"]/li[3]//bdi[.="Soot Wash"]');
            $this->awaitSaved();
        }
    }

    private function paintThreeSteps(): void
    {
        $this->pressNamed('Paint it');
        $this->fill('Name of the batch', 'Second boat');
        $this->pressNamed('Begin the batch');
        $this->see('//*[normalize-space(.)="0 of 11 steps"]');
        $this->see('//nav[@aria-label="Steps in painting order"]//a[@aria-current="step"]');
        $this->pressNamed('Paint at the desk');
        $this->press('//button[contains(@class, "done")][contains(., "all 5")]');
        $this->see('//ul[@aria-label="Drying"]/li[contains(., "Whole model")]');
        $this->key('z');
        $this->press('//ol[@aria-label="Models"]//button[.="2"]');
        $this->press('//button[contains(@class, "done")][contains(., "model 2")]');
        $this->see('//ol[@aria-label="Models"]//button[.="2"][@disabled]');
        $this->press('//button[contains(@class, "done")][contains(., "the 4 left")]');
        $this->see('//ul[@aria-label="Drying"]/li[contains(., "Whole model")]');
    }
}
