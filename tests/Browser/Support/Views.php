<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverSelect;

/** The main views, each opened and ready to be looked at. */
final readonly class Views
{
    /** Those kept in docs/screenshots. */
    public const PICTURED = [
        'bench', 'plans', 'muster', 'plan', 'plan-figure', 'plan-quilt', 'plan-score', 'plan-paint', 'handbook', 'painting', 'mixing',
        'plan-recipe',
        'evenings', 'lessons', 'shelf', 'shelf-list', 'logbook', 'guide', 'batch-squad',
    ];

    public function __construct(
        private AppServer $server,
        private Chromium $chromium,
    ) {}

    /** @return array<string, callable(): void> */
    public function all(): array
    {
        return [
            'bench' => fn() => $this->open('#/', 'article .next'),
            'plans' => fn() => $this->open('#/plans', 'li .looks'),
            'plan' => fn() => $this->plan('Ferry Warden', 'Oilskin coat'),
            'plan-substitute' => fn() => $this->substitute(),
            'plan-score' => function (): void {
                $this->plan('Ferry Warden', 'Oilskin coat');
                $this->press('Running order');
                $this->await('section[aria-label="Running order"] button[data-step]');
            },
            'plan-recipe' => function (): void {
                $this->plan('Ferry Warden', 'Breeches');
                $this->press('Write a recipe');
                $this->await('section.writer form :focus');
                $this->press('Write recipes');
                $this->await('section.writer article:nth-child(3)');
                $this->chromium->driver->executeScript('document.querySelector("section.writer").scrollIntoView()');
            },
            'plan-figure' => function (): void {
                $this->plan('Provost on the White Heron', 'Cloak');
                $this->press('Figure');
                // Without a graphics card a picture takes its time.
                $this->await('.figure[data-shown]', 90);
                $this->press('Desk lamp');
            },
            'plan-quilt' => fn() => $this->quilt(),
            'plan-paper' => function (): void {
                $this->plan('Ferry Warden', 'Oilskin coat');
                preg_match('~plans/(\w+)~', $this->chromium->driver->getCurrentURL(), $found);
                $this->open('#/print/plan/'.($found[1] ?? ''), 'article ol li');
            },
            'plan-squint' => function (): void {
                $this->quilt();
                $this->press('Squint');
                $this->press('Colours from a picture');
            },
            'plan-variants' => function (): void {
                $this->plan('Ferry Warden', 'Oilskin coat');
                $this->find(WebDriverBy::cssSelector('details[data-variants] > summary'))->click();
                $this->press('Edit area');
                $this->press('Share');
                $this->await('section[aria-label^="Shared recipes for"] li .look');
            },
            'muster' => fn() => $this->open('#/plans/muster', '.plans .quilt'),
            'recipes' => fn() => $this->open('#/plans/recipes', 'ul li .look'),
            'plan-weather' => function (): void {
                $this->plan('The Bound Capstan', 'Rope');
                $this->press('Model');
                $this->press('Can I spray now?');
                $this->await('section[aria-label="Weather for priming"] ol');
            },
            'plan-undercoat' => function (): void {
                $this->plan('The Bound Capstan', 'Rope');
                $this->press('Model');
                $this->press('Which undercoat?');
                $this->await('section[aria-label="Which undercoat"] li:nth-child(2)');
            },
            'plan-whole' => function (): void {
                $this->plan('The Bound Capstan', 'Rope');
                $this->find(WebDriverBy::xpath("//nav[@aria-label='Areas']//bdi[.='Whole model']"))->click();
                $this->await('section[aria-label="Whole model"]');
            },
            'handbook' => fn() => $this->open('#/handbook', 'section[aria-label="Techniques"] article'),
            'new-plan' => function (): void {
                $this->open('#/plans/new', 'textarea');
                $this->type('input[placeholder="Ferry Warden"]', 'Marsh Piker');
                $this->type('textarea', "Leather coat\nFace\nFur collar\nPike shaft\nBrass lantern\nJetty base");
                $this->await('section[aria-label="The plan taking shape"] li:nth-child(6)');
            },
            'guide' => function (): void {
                $this->open('#/plans/guide', 'textarea');
                $this->type(
                    'textarea',
                    "How I paint ferry wardens\nPrime with Mid Grey Primer, then a zenithal of Bone Primer.\nOilskin coat: base Oilskin Yellow, wash Umber Wash 1:1, highlight Oilskin Yellow with a touch of Chalk\nBoots: Boot Brown, Soot Wash\nDrybrush 2 parts Saddle Tan + 1 part Straw\nGlaze with Ghost Blue 1:4",
                );
                $this->await('section[aria-label="What is understood"] .areas div:nth-child(2) li:nth-child(4)');
            },
            'evenings' => function (): void {
                $this->open('#/evenings', 'section[aria-label="The evening"] li a');
                $this->await('section[aria-label="Only some minutes"] li');
                $this->await('section[aria-label="Fetch and pour"] li');
            },
            'evenings-hours' => function (): void {
                $this->open('#/evenings', 'section[aria-label="The evening"] li a');
                $this->press('When I sit down');
                $this->press('I miss this evening');
                $this->press('Make it sooner');
            },
            'settings' => fn() => $this->open('#/settings', 'section[aria-label="Simulated devices"] select'),
            'find' => function (): void {
                $this->open('#/', 'article .next');
                $this->chromium->driver->getKeyboard()->sendKeys('/');
                $this->await('[role="dialog"] input');
                $this->type('[role="dialog"] input', 'oil');
                $this->await('[role="option"]:nth-child(3)');
            },
            'slip-price' => function (): void {
                $this->open('#/', 'article .next');
                $this->press('Paint on');
                $this->await('section[aria-label="Open step"]');
                $this->press('Price of a slip');
                $this->await('ul[aria-label="Price of a slip"] li');
            },
            'paint-new' => function (): void {
                $this->open('#/shelf/list', 'tbody tr');
                $this->press('Add a paint');
                $this->await('aside form input');
            },
            'plan-paint' => function (): void {
                $this->plan('Ferry Warden', 'Oilskin coat');
                $this->press('Paint it');
                $this->await('section[aria-label="Step by step"] li');
            },
            'lessons' => fn() => $this->open('#/logbook/lessons', 'section[aria-label="Your pace"] li'),
            'batch-record' => function (): void {
                $this->batch('First five wardens');
                $this->press('Repeat this batch');
            },
            'batch' => function (): void {
                $this->batch('Night shift');
                $this->chromium->driver->executeScript(
                    'location.hash = "#/batches/" + document.querySelector("main select option[selected], main select").closest("select").value',
                );
                $this->await('[data-cell]');
            },
            'batch-squad' => function (): void {
                $this->all()['batch']();
                $this->chromium->driver->executeScript('document.querySelector(\'[data-cell="0.2"]\').click()');
                $this->await('aside .way');
            },
            'painting-beside' => function (): void {
                $this->painting();
                $this->press('It slipped');
                $this->await('section[aria-label="It slipped"]');
            },
            'missing' => fn() => $this->open('#/nowhere', 'main h1'),
            'keys' => function (): void {
                $this->open('#/', 'article .next');
                $this->press('? Keys');
                $this->await('[role=dialog] dl');
            },
            'notice' => function (): void {
                $this->open('#/logbook', 'section li .bx--overflow-menu');
                $this->find(WebDriverBy::cssSelector('section li .bx--overflow-menu'))->click();
                $this->press('Take back');
                $this->await('.notices .bx--inline-notification');
            },
            'painting' => fn() => $this->painting(),
            'mixing' => fn() => $this->mixing(),
            'wanted' => fn() => $this->wanted(),
            'shelf' => function (): void {
                $this->open('#/shelf', 'svg[role=application] .point');
                $this->choose('Needed by', 'Provost on the White Heron');
                $this->await('section[aria-label="Needed"]');
            },
            'shelf-list' => fn() => $this->open('#/shelf/list', 'tbody tr:nth-child(12)'),
            'shelf-names' => function (): void {
                $this->open('#/shelf/list?names=', 'textarea');
                $this->type('textarea', "Sky blue\n2 x Boot Brown\nGrimble\nTide");
                $this->await('ul[aria-label="What they are"] li:nth-child(4)');
            },
            'shelf-buy' => function (): void {
                $this->open('#/shelf/buy', 'section[aria-label="Basket"] li');
                $this->choose('Plan', 'Provost on the White Heron');
                $this->await('section[aria-label="Basket"] li:nth-child(4)');
            },
            'shelf-photo' => fn() => $this->photo(),
            'wanted-plan' => function (): void {
                $this->open('#/mixing/list', 'textarea');
                $this->choose('Wanted by', 'the plan “Provost on the White Heron”');
                $this->await('section[aria-label="Before and after"] article');
            },
            'shelf-reader' => function (): void {
                $this->open('#/shelf/measure/reader', 'section[aria-label="Read"]');
            },
            'shelf-opacity' => fn() => $this->open('#/shelf/measure/opacity?black=52,-20,-10&white=60,-18,-10', '.number'),
            'shelf-mix' => fn() => $this->open('#/shelf/measure/mix', '.steps li:nth-child(3) h2'),
            'shelf-scanner' => fn() => $this->open('#/shelf/measure/scanner', 'section[aria-label="Scan"]'),
            'shelf-files' => fn() => $this->open('#/shelf/files', 'input[type=file]'),
            'sheet' => fn() => $this->open('#/print/swatches', '.sheet li'),
            'logbook' => fn() => $this->open('#/logbook', 'section li'),
            'plan-lamp' => function (): void {
                $this->theme('lamp');
                $this->plan('Provost on the White Heron', 'Cloak');
                $this->await('section[aria-label="What do I have?"] .body');
            },
            'shelf-tablet' => function (): void {
                $this->chromium->resize(820, 1180);
                $this->open('#/shelf', 'svg[role=application] .point');
            },
            'bench-phone' => function (): void {
                $this->chromium->resize(390, 844);
                $this->open('#/', 'article .next');
            },
        ];
    }

    public function open(string $hash, string $ready): void
    {
        $this->chromium->driver->get('about:blank');
        $this->chromium->driver->get($this->server->url($hash));
        $this->await($ready);
        $this->chromium->driver->executeAsyncScript(
            'const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)))',
        );
    }

    /** Waits until nothing fades or slides any more. */
    public function settle(): void
    {
        $this->chromium->driver->executeAsyncScript(<<<'JS'
            const [done] = arguments;
            const isMoving = (one) => one.playState === 'running' && one.effect.getComputedTiming().endTime !== Infinity;
            // One movement may set off another a frame later.
            let still = 0;
            const look = () => {
                still = document.getAnimations().some(isMoving) ? 0 : still + 1;
                still > 2 ? done() : requestAnimationFrame(look);
            };
            requestAnimationFrame(look);
            JS);
    }

    public function theme(string $theme): void
    {
        $this->open('#/', 'h1');
        $this->chromium->driver->executeScript("localStorage.setItem('kalokroma.theme', arguments[0])", [$theme]);
    }

    public function await(string $selector, int $seconds = 45): void
    {
        $this->chromium->driver->wait($seconds, 50)->until(WebDriverExpectedCondition::visibilityOfElementLocated(
            WebDriverBy::cssSelector($selector),
        ));
    }

    private function find(WebDriverBy $which): RemoteWebElement
    {
        return $this->chromium->driver->wait(45, 50)->until(WebDriverExpectedCondition::presenceOfElementLocated($which));
    }

    public function press(string $label): void
    {
        $this->find(WebDriverBy::xpath(sprintf('//*[self::button or self::a][starts-with(normalize-space(.), "%s")]', $label)))->click();
    }

    /** Instead of what stands there. */
    private function type(string $selector, string $text): void
    {
        $this->find(WebDriverBy::cssSelector($selector))->clear()->sendKeys($text);
    }

    private function plan(string $name, string $area): void
    {
        $this->open('#/plans', 'li .looks');
        $this->press($name);
        $this->await('nav[aria-label="Areas"] li');
        $this->find(WebDriverBy::xpath("//nav[@aria-label='Areas']//bdi[.='$area']"))->click();
        $this->await('section[aria-label^="Step"]');
    }

    private function quilt(): void
    {
        $this->plan('Provost on the White Heron', 'Cloak');
        $this->chromium->driver->executeScript('location.hash = location.hash.replace("?", "?face=quilt&")');
        $this->await('section[aria-label="Scheme"] ol li');
        $this->await('section[aria-label^="Patch of"] dl');
    }

    private function substitute(): void
    {
        $this->plan('Ferry Warden', 'Boots and straps');
        $this->find(WebDriverBy::xpath('//ol[@aria-label="Steps"]/li[2]/button'))->click();
        $this->await('section[aria-label="What do I have?"] .body');
    }

    private function painting(): void
    {
        $this->open('#/', 'article .next');
        $this->press('Paint on');
        $this->await('section[aria-label="Open step"] .done');
    }

    private function batch(string $name): void
    {
        $this->open('#/logbook', 'section li');
        $this->find(WebDriverBy::xpath("//option[normalize-space(.)='$name']"))->click();
        $this->await('section[aria-label="The batch as it was painted"]');
    }

    private function mixing(): void
    {
        $this->open('#/mixing?colour=%23a0522d', 'section[aria-label="Side by side"]');
        $this->await('section[aria-label="Three"] li');
    }

    private function wanted(): void
    {
        $this->open(
            '#/mixing/list?'.http_build_query([
                'text' => "Oilskn Yelow\nDeep Tide\nC23\nsoot wash\nMarsh Umber #5b4632\nScarlet #e01010\nsome old green",
            ]),
            'tbody tr:nth-child(7)',
        );
    }

    private function photo(): void
    {
        $this->open('#/shelf/measure', 'input[type=file]');
        $this->find(WebDriverBy::cssSelector('input[type=file]'))->setFileDetector(new LocalFileDetector)->sendKeys(SwatchPhoto::path());
        $this->await('.board img');
        foreach ([[0.08, 0.15, 0.26, 0.7], [0.58, 0.2, 0.3, 0.6]] as $box) {
            $this->drag('.board', ...$box);
        }
        $this->await('aside section .well');
    }

    private function drag(string $selector, float $x, float $y, float $width, float $height): void
    {
        $board = $this->find(WebDriverBy::cssSelector($selector));
        $size = $board->getSize();
        $at = static fn(float $share, int $length): int => (int) round(($share - 0.5) * $length);
        (new WebDriverActions($this->chromium->driver))
            ->moveToElement($board, $at($x, $size->getWidth()), $at($y, $size->getHeight()))->clickAndHold()
            ->moveToElement($board, $at($x + $width, $size->getWidth()), $at($y + $height, $size->getHeight()))->release()->perform();
    }

    private function choose(string $label, string $option): void
    {
        $this->await('select');
        $select = $this->find(WebDriverBy::xpath("//select[@id=//label[normalize-space(.)='$label']/@for]"));
        $this->chromium->driver->wait(45, 50)->until(static fn() => str_contains($select->getText(), $option));
        (new WebDriverSelect($select))->selectByVisibleText($option);
    }
}
