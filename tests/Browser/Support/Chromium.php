<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\Process;

/** A headless Chromium with a profile of its own. */
final class Chromium
{
    /** What the browser may take for one thing: without a graphics card, and with other work beside, a picture of a figure takes its time. */
    private const SLOWEST_MS = 180_000;

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly Process $process,
    ) {}

    /**
     * @param bool $draws figures too: without a graphics card all that is drawn takes longer then
     * @param bool $listens to what pages ask of whom, which takes its time too
     */
    public static function open(?Moment $moment = null, int $width = 1280, int $height = 800, bool $draws = false, bool $listens = false): self
    {
        $port = FreePort::find();
        $process = new Process([
            (new ExecutableFinder)->find('chromedriver', '/usr/bin/chromedriver') ?? 'chromedriver',
            "--port=$port",
            '--log-level=SEVERE',
        ]);
        $process->setTimeout(null)->disableOutput()->start();
        Patience::until(static fn(): bool => FreePort::isTaken($port), 'ChromeDriver', 20);
        // The shell is lighter on everything but figures, which the whole browser draws faster.
        $options = (new ChromeOptions)->setBinary($draws ? '/usr/bin/chromium' : self::shell())->addArguments([
            ...($draws ? ['--headless', '--use-angle=swiftshader', '--enable-unsafe-swiftshader', '--ignore-gpu-blocklist'] : ['--disable-gpu']),
            // A page opened anew stays in its process, which has read the scripts already: a fifth of the browser's work.
            '--process-per-site', '--no-sandbox', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--disable-dev-shm-usage', '--hide-scrollbars', '--force-color-profile=srgb',
            "--window-size=$width,$height",
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL', ...($listens ? ['performance' => 'ALL'] : [])]);
        $chromium = new self(RemoteWebDriver::create("http://127.0.0.1:$port", $capabilities, 60_000, self::SLOWEST_MS), $process);
        $chromium->driver->manage()->timeouts()->setScriptTimeout(intdiv(self::SLOWEST_MS, 1000));
        $chromium->resize($width, $height);
        $moment ??= Moment::usual();
        $tools = new ChromeDevToolsDriver($chromium->driver);
        $tools->execute('Emulation.setTimezoneOverride', ['timezoneId' => $moment->zone]);
        $tools->execute('Page.enable');
        $tools->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => $moment->script()]);

        return $chromium;
    }

    /** Itself rather than the script that starts it: that ends alone when it is told to, and the browser would run on until the machine is full. */
    private static function shell(): string
    {
        $shell = '/usr/lib/chromium/chromium-headless-shell';

        return is_executable($shell) ? $shell : '/usr/bin/chromium-headless-shell';
    }

    /** No window adds more than that to its page. */
    private const WIDEST_FRAME = 60;

    /** Sets the size of the page itself, whatever the window adds around it. */
    public function resize(int $width, int $height): void
    {
        $window = $this->driver->manage()->window();
        $window->setSize(new WebDriverDimension($width, $height));
        $inner = [0, 0];
        // The page hears of its new size a moment after the window has it.
        Patience::until(function () use ($width, &$inner): bool {
            /** @var array{int, int} $inner */
            $inner = $this->driver->executeScript('return [innerWidth, innerHeight]');

            return $inner[0] <= $width && $inner[0] > $width - self::WIDEST_FRAME;
        }, 'the page to take the size of its window');
        $window->setSize(new WebDriverDimension(2 * $width - $inner[0], 2 * $height - $inner[1]));
    }

    public function close(): void
    {
        $this->driver->quit();
        $this->process->stop(2);
    }
}
