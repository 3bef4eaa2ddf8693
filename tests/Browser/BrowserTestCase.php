<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Tests\Browser\Support\AppServer;
use Tests\Browser\Support\Chromium;
use Tests\Browser\Support\Patience;

/** A painter with the demo open in a real browser. Each class has a server and a browser of its own. */
abstract class BrowserTestCase extends TestCase
{
    protected static AppServer $server;

    protected static Chromium $chromium;

    public static function setUpBeforeClass(): void
    {
        self::$server = static::server();
        self::$chromium = Chromium::open(self::$server->moment, draws: static::draws(), listens: static::listens());
    }

    /** Whether figures are looked at: the browser can draw them then. */
    protected static function draws(): bool
    {
        return false;
    }

    /** Whether it is looked at what pages ask of whom. */
    protected static function listens(): bool
    {
        return false;
    }

    protected static function server(): AppServer
    {
        return AppServer::withDemo();
    }

    public static function tearDownAfterClass(): void
    {
        self::$chromium->close();
        self::$server->stop();
    }

    /** What was on screen when it went wrong: a picture in .cache/browser, the words beside the error. */
    protected function onNotSuccessfulTest(\Throwable $error): never
    {
        $folder = dirname(__DIR__, 2).'/.cache/browser';
        is_dir($folder) || mkdir($folder, 0o777, true);
        self::driver()->takeScreenshot($folder.'/'.preg_replace('/\W+/', '-', $this->nameWithDataSet()).'.png');
        fwrite(STDERR, "\n{$this->nameWithDataSet()} saw at ".self::driver()->getCurrentURL()."\n".self::driver()->findElement(WebDriverBy::tagName('body'))->getText()."\n");

        throw $error;
    }

    protected static function driver(): RemoteWebDriver
    {
        return self::$chromium->driver;
    }

    protected function visit(string $hash): void
    {
        self::driver()->get('about:blank');
        self::driver()->get(self::$server->url($hash));
    }

    /** The first visible element, waited for. */
    protected function see(string $xpath): WebDriverElement
    {
        $found = null;
        Patience::until(static function () use ($xpath, &$found): bool {
            foreach (self::driver()->findElements(WebDriverBy::xpath($xpath)) as $element) {
                try {
                    if ($element->isDisplayed()) {
                        $found = $element;

                        return true;
                    }
                } catch (StaleElementReferenceException) {
                    // It was redrawn while we looked: look again.
                }
            }

            return false;
        }, $xpath);
        assert($found instanceof WebDriverElement);
        $this->addToAssertionCount(1);

        return $found;
    }

    /** The first element that is there, waited for: visible or not (a file's input is not). */
    protected function find(string $css): RemoteWebElement
    {
        $found = null;
        Patience::until(static function () use ($css, &$found): bool {
            $found = self::driver()->findElements(WebDriverBy::cssSelector($css))[0] ?? null;

            return $found !== null;
        }, $css);
        assert($found instanceof RemoteWebElement);

        return $found;
    }

    /** As many elements, once they are. */
    protected function seeCount(int $count, string $xpath): void
    {
        $seen = -1;
        $are = static function () use ($count, $xpath, &$seen): bool {
            $seen = count(self::driver()->findElements(WebDriverBy::xpath($xpath)));

            return $seen === $count;
        };
        try {
            Patience::until($are, "$count of $xpath");
        } catch (RuntimeException) {
            self::assertSame($count, $seen, $xpath);
        }
        $this->addToAssertionCount(1);
    }

    /** Hands a file of this machine to the input, as a painter chooses it. */
    protected function handFile(string $path, string $input = 'input[type=file]'): void
    {
        $this->find($input)->setFileDetector(new LocalFileDetector)->sendKeys($path);
    }

    protected function seeNot(string $xpath): void
    {
        Patience::until(static fn(): bool => self::driver()->findElements(WebDriverBy::xpath($xpath)) === [], "no $xpath");
        self::assertSame([], self::driver()->findElements(WebDriverBy::xpath($xpath)));
    }

    protected function press(string $xpath): void
    {
        Patience::until(function () use ($xpath): bool {
            try {
                $element = $this->see($xpath);
                // A painter waits until a button can be pressed, too.
                if (! $element->isEnabled()) {
                    return false;
                }
                $element->click();

                return true;
            } catch (StaleElementReferenceException) {
                return false;
            }
        }, "$xpath to be pressed");
    }

    protected function pressNamed(string $name): void
    {
        $this->press(sprintf('//*[self::button or self::a or self::summary][starts-with(normalize-space(.), "%1$s") or @aria-label="%1$s"]', $name));
    }

    /** Fills the field with this label. */
    protected function fill(string $label, string $text): void
    {
        $field = $this->field($label);
        $field->sendKeys([WebDriverKeys::CONTROL, 'a']);
        $field->sendKeys($text);
    }

    protected function choose(string $label, string $option): void
    {
        $this->press(sprintf('//select[@id = //label[normalize-space(.)="%s"]/@for]//option[normalize-space(.)="%s"]', $label, $option));
    }

    /** Types into a paint picker and takes the first paint offered under that name. */
    protected function pick(string $label, string $paint): void
    {
        $field = $this->field($label);
        $field->click();
        $field->sendKeys($paint);
        $this->press(sprintf('//*[@role="listbox"]//*[@role="option"][.//bdi[.="%s"]]', $paint));
    }

    protected function field(string $label): WebDriverElement
    {
        return $this->see(sprintf('//*[self::input or self::textarea][@id = //label[normalize-space(.)="%1$s"]/@for]', $label));
    }

    protected function key(string $key): void
    {
        self::driver()->getKeyboard()->sendKeys($key);
    }

    protected function awaitSaved(): void
    {
        $this->see('//*[@role="status"][contains(@class, "saved")][.="all saved"]');
    }
}
