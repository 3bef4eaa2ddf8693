<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\JavascriptErrorException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\JsonWireCompat;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteExecuteMethod;
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
    /** Marks the open pass done at the desk. */
    protected const DONE = '//section[@aria-label="Open step"]//button[contains(@class, "done")]';

    /** Looked in one go, before the page is asked anew. */
    private const LOOK_MS = 3000;

    /** Looks again when something on the page has changed, and now and then without: what is drawn may move without the document changing. */
    private const AGAIN = <<<'JS'
        const again = (look) => {
            let timer = 0;
            const changed = new MutationObserver(() => soon(12));
            const soon = (ms) => { clearTimeout(timer); timer = setTimeout(() => { changed.disconnect(); look(); }, ms); };
            changed.observe(document, { subtree: true, childList: true, attributes: true, characterData: true });
            timer = setTimeout(() => { changed.disconnect(); look(); }, 100);
        };
        JS;

    /**
     * Until the first element that can be seen is there. Where it is to be pressed, until it can be: a painter waits for that, too; and it is
     * watched whether the click that comes then reaches it, for where something above comes or goes meanwhile the hand lands beside it.
     */
    private const SEEN = self::AGAIN.<<<'JS'
        const [xpath, ms, isAimedAt, done] = arguments;
        const end = performance.now() + ms;
        const isSeen = (one) => {
            const drawn = /^(option|optgroup)$/i.test(one.tagName) ? one.closest('select') : one;
            return drawn.getClientRects().length > 0 && drawn.checkVisibility({ visibilityProperty: true });
        };
        const watch = (aim) => {
            window.wentBeside = false;
            const landed = ({ target }) => (window.wentBeside = aim.isConnected && aim.tagName !== 'OPTION' && !aim.contains(target));
            document.addEventListener('click', landed, { capture: true, once: true });
        };
        const look = () => {
            const all = document.evaluate(xpath, document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null);
            for (let at = 0; at < all.snapshotLength; at++) {
                const one = all.snapshotItem(at);
                if (!isSeen(one)) continue;
                if (isAimedAt && one.matches(':disabled')) break;
                if (isAimedAt) watch(one);
                return done(one);
            }
            performance.now() > end ? done(null) : again(look);
        };
        look();
        JS;

    /** Until there are as many, and tells how many there are. */
    private const COUNTED = self::AGAIN.<<<'JS'
        const [xpath, ms, wanted, done] = arguments;
        const end = performance.now() + ms;
        const look = () => {
            const count = document.evaluate(`count(${xpath})`, document, null, XPathResult.NUMBER_TYPE, null).numberValue;
            count === wanted || performance.now() > end ? done(count) : again(look);
        };
        look();
        JS;

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

    /** @return list<string> what broke in the page, was refused or was asked for in vain since it was last asked */
    protected static function complaints(): array
    {
        return array_values(array_filter(
            array_column(self::driver()->manage()->getLog('browser'), 'message'),
            static fn(string $line): bool => ! str_contains($line, 'favicon') && ! str_contains($line, 'software WebGL'),
        ));
    }

    /** What was on screen when it went wrong: a picture in .cache/browser, the words beside the error. */
    protected function onNotSuccessfulTest(\Throwable $error): never
    {
        $folder = dirname(__DIR__, 2).'/.cache/browser';
        is_dir($folder) || mkdir($folder, 0o777, true);
        self::driver()->takeScreenshot($folder.'/'.preg_replace('/\W+/', '-', $this->nameWithDataSet()).'.png');
        fwrite(
            STDERR,
            "\n{$this->nameWithDataSet()} saw at ".self::driver()
                ->getCurrentURL()."\n".self::driver()
                ->findElement(WebDriverBy::tagName('body'))
                ->getText()."\n",
        );

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

    /** The first visible element, waited for in the page itself. */
    protected function see(string $xpath): WebDriverElement
    {
        return $this->look($xpath, false);
    }

    /** @param bool $isAimedAt whether it is to be pressed next */
    private function look(string $xpath, bool $isAimedAt): WebDriverElement
    {
        $found = null;
        Patience::until(static function () use ($xpath, $isAimedAt, &$found): bool {
            try {
                $raw = self::driver()->executeAsyncScript(self::SEEN, [$xpath, self::LOOK_MS, $isAimedAt]);
                $found = $raw === null
                    ? null
                    : new RemoteWebElement(new RemoteExecuteMethod(self::driver()), JsonWireCompat::getElement($raw), true);
            } catch (JavascriptErrorException) {
                // The page went away while we looked.
            }

            return $found !== null;
        }, $xpath);
        assert($found !== null);
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
            try {
                $seen = self::driver()->executeAsyncScript(self::COUNTED, [$xpath, self::LOOK_MS, $count]);
            } catch (JavascriptErrorException) {
                // The page went away while we counted.
            }

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
        $this->seeCount(0, $xpath);
    }

    protected function press(string $xpath): void
    {
        Patience::until(function () use ($xpath): bool {
            try {
                $this->look($xpath, true)->click();

                return ! $this->wentBeside($xpath);
            } catch (StaleElementReferenceException) {
                return false;
            } catch (ElementClickInterceptedException) {
                // A message lies over it: one scrolls, or waits until it has gone.
                self::driver()->executeScript('arguments[0].scrollIntoView({ block: "center" })', [$this->see($xpath)]);

                return false;
            }
        }, "$xpath to be pressed");
    }

    /** Who missed presses again; but a button that runs from the hand is a fault of ours, and said. */
    private function wentBeside(string $xpath): bool
    {
        $wentBeside = self::driver()->executeScript('return window.wentBeside === true');
        if ($wentBeside) {
            fwrite(STDERR, "\n{$this->nameWithDataSet()} pressed beside $xpath\n");
        }

        return $wentBeside;
    }

    protected function pressNamed(string $name): void
    {
        $this->press(sprintf(
            '//*[self::button or self::a or self::summary][starts-with(normalize-space(.), "%1$s") or @aria-label="%1$s"]',
            $name,
        ));
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

    /** At the desk: the pass that can be painted, or where everything is wet the first that is open all the same. */
    protected function openWhatThereIs(): void
    {
        $this->see(self::DONE.'|//section//p[contains(., "everything is wet")]|//h1[contains(., "waits for something")]');
        if (self::driver()->findElements(WebDriverBy::xpath(self::DONE)) === []) {
            $this->pressNamed('All steps');
            $this->press('(//nav[@aria-label="Steps still open"]//button)[1]');
            $this->see(self::DONE);
        }
        if (self::driver()->findElements(WebDriverBy::xpath('//button[normalize-space(.)="Understood"]')) !== []) {
            $this->pressNamed('Understood');
        }
    }

    protected function awaitSaved(): void
    {
        $this->see('//*[@role="status"][contains(@class, "saved")][.="all saved"]');
    }
}
