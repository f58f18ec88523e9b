<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Assert;

/** The page as a person uses it: by what is written on it. Every look waits until the thing is there. */
final class Page
{
    /** Long, as the machine may be busy with others; what is there is found at once. */
    private const PATIENCE_SECONDS = 60;

    private function __construct(public readonly RemoteWebDriver $driver)
    {
    }

    /** A page with nobody signed in, at the true 1280 x 800. */
    public static function open(string $path): self
    {
        $driver = Chrome::driver();
        Chrome::size(1280, 800);
        // Nobody is signed in and nothing is kept here. One address for all: a new one would read every script again. What
        // was asked by the page before is given up with it, so no late answer can sign anybody in.
        $driver->get('about:blank');
        Chrome::devTools('Network.clearBrowserCookies', []);
        Chrome::devTools('Storage.clearDataForOrigin', ['origin' => DemoServer::shared()->address, 'storageTypes' => 'local_storage,service_workers,cache_storage']);
        $driver->manage()->getLog('browser'); // what earlier pages complained of is not this one's
        $driver->get(DemoServer::shared()->address.$path);

        return new self($driver);
    }

    /** A page of the demo workroom, signed in without the way through the door, which has tests of its own. */
    public static function demo(string $path): self
    {
        $page = self::open('/icon.svg');
        $status = $page->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            const enter = async () => {
                await fetch('/'); // brings the token that writing asks for
                const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
                const headers = { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token };
                return (await fetch('/api/demo', { method: 'POST', headers, body: '{}' })).status;
            };
            enter().then(done, (error) => done(String(error)));
            JS);
        Assert::assertSame(200, $status, 'the demo is entered');

        return $page->go($path);
    }

    /** Somebody new, with an empty workroom. */
    public static function newcomer(string $name): self
    {
        $page = self::open('/')->press('I am new here');
        $page->type('Name', $name)->type('E-mail', strtolower($name).'@underbolt.example')->type('Password', 'four wet herring gulls');

        return $page->press('Make the account')->sees('Three steps to a cutting line');
    }

    public function go(string $path): self
    {
        $this->driver->get(DemoServer::shared()->address.$path);

        return $this;
    }

    public function find(string $css): RemoteWebElement
    {
        return $this->awaited(WebDriverBy::cssSelector($css), "there is {$css}");
    }

    public function findByPath(string $path): RemoteWebElement
    {
        return $this->awaited(WebDriverBy::xpath($path), "there is {$path}");
    }

    /** The field that a label names, with or without its unit. */
    public function field(string $label): RemoteWebElement
    {
        $path = "//label[normalize-space()='{$label}' or normalize-space()='{$label}, cm' or normalize-space()='{$label}, in']";
        $id = (string) $this->awaited(WebDriverBy::xpath($path), "there is a field {$label}")->getAttribute('for');

        return $this->awaited(WebDriverBy::id($id), "{$label} has its field");
    }

    private function awaited(WebDriverBy $by, string $what): RemoteWebElement
    {
        $found = null;
        $this->until(function () use ($by, &$found): bool {
            return ($found = $this->driver->findElements($by)[0] ?? null) !== null;
        }, $what);
        assert($found instanceof RemoteWebElement);

        return $found;
    }

    /** What was drawn anew in between, or moved under something, is looked for again. */
    private function click(string $path, string $what): void
    {
        $this->until(function () use ($path): bool {
            try {
                $found = $this->driver->findElements(WebDriverBy::xpath($path))[0] ?? null;
                $found?->click();

                return $found !== null;
            } catch (ElementClickInterceptedException) {
                return false;
            }
        }, $what);
    }

    public function type(string $label, string $text): self
    {
        $field = $this->field($label);
        $field->sendKeys(WebDriverKeys::CONTROL.'a'.WebDriverKeys::NULL.WebDriverKeys::BACKSPACE.$text);

        return $this;
    }

    public function press(string $words): self
    {
        $path = "//*[self::button or self::a][normalize-space()='{$words}']";
        $this->click($path, "there is a button {$words}");

        return $this;
    }

    /** Shows everything in `cm` or `in`. It ends when that is kept: a page that is left sooner takes its own change with it. */
    public function inUnit(string $unit): self
    {
        return $this->press($unit)->until(fn (): bool => $this->ask('GET', '/api/me')['unit'] === $unit, "{$unit} is kept");
    }

    /** Opens a door below the bench, by its words; a press that a page still being laid out has swallowed is pressed again. */
    public function opensDoor(string $words): self
    {
        return $this->setsDoor($words, 'true');
    }

    public function shutsDoor(string $words): self
    {
        return $this->setsDoor($words, 'false');
    }

    private function setsDoor(string $words, string $isOpen): self
    {
        $path = "//button[contains(@class, 'door')][b[normalize-space()='{$words}']]";

        return $this->until(function () use ($path, $isOpen): bool {
            $door = $this->findByPath($path);
            if ($door->getAttribute('aria-expanded') !== $isOpen) {
                $this->click($path, 'the door is pressed');
            }

            return $door->getAttribute('aria-expanded') === $isOpen;
        }, "the door {$words} is as it should be");
    }

    /** Goes to a point of the open measure card. */
    public function goTo(string $point): self
    {
        $this->find('.point-list button');
        $this->driver->executeScript(<<<'JS'
            [...document.querySelectorAll('.point-list button')]
                .find((button) => button.firstElementChild.textContent === arguments[0]).click();
        JS, [$point]);

        return $this;
    }

    /** Opens a list of choices and takes one. */
    public function choose(string $label, string $option): self
    {
        // The words may go on, as a card's date does.
        $path = "//label[normalize-space()='{$label}']/following-sibling::select/option[starts-with(normalize-space(), '{$option}')]";
        $this->click($path, "{$label} can be {$option}");

        return $this;
    }

    /** Gives another answer to a choice that stands as a word in a sentence. */
    public function answer(string $label, string $option): self
    {
        $path = "//label[normalize-space()='{$label}']/following-sibling::select/option[normalize-space()='{$option}']";
        $this->click($path, "{$label} can be {$option}");

        return $this;
    }

    public function sees(string $words): self
    {
        $shown = '';
        $this->until(function () use ($words, &$shown): bool {
            return str_contains($shown = $this->text('body'), $words);
        }, "the page says \"{$words}\"");
        Assert::assertStringContainsString($words, $shown);

        return $this;
    }

    /** The words of a part of the page, spaces made single. The browser's own reading: the driver's costs thirty times as much. */
    public function text(string $css): string
    {
        $words = (string) $this->driver->executeScript('return arguments[0].innerText', [$this->find($css)]);

        return trim((string) preg_replace('/[\s\x{00A0}]+/u', ' ', $words));
    }

    /** Pastes into a field as the keyboard would, without a clipboard of the machine. */
    public function paste(string $css, string $text): self
    {
        $this->find($css)->click();
        $this->driver->executeScript(<<<'JS'
            const data = new DataTransfer();
            data.setData('text/plain', arguments[1]);
            document.querySelector(arguments[0]).dispatchEvent(
                new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
        JS, [$css, $text]);

        return $this;
    }

    /** The page as it would come out of a printer: a PDF. */
    public function printed(): string
    {
        return (string) base64_decode((string) Chrome::devTools('Page.printToPDF', ['preferCSSPageSize' => true])['data'], true);
    }

    /** Lets go for good what this test threw away: the tests share one workroom. */
    public function emptyBin(): self
    {
        foreach ($this->ask('GET', '/api/bin') as ['id' => $id]) {
            $this->ask('DELETE', "/api/bin/{$id}");
        }

        return $this;
    }

    /**
     * Another tab, played by a request of its own: it has to be granted.
     *
     * @param  array<string, mixed>  $body
     */
    public function ask(string $method, string $address, array $body = []): mixed
    {
        [$granted, $answer] = $this->driver->executeAsyncScript(<<<'JS'
            const [method, address, body, done] = arguments;
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]*)/.exec(document.cookie)[1]);
            const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
            fetch(address, { method, headers, ...(method === 'GET' ? {} : { body: JSON.stringify(body) }) })
                .then(async (answer) => done([answer.ok, answer.status === 204 ? null : await answer.json()]), (error) => done([false, String(error)]));
            JS, [$method, $address, $body === [] ? (object) [] : $body]);
        Assert::assertTrue($granted, "{$method} {$address}: ".json_encode($answer));

        return $answer;
    }

    /** @param  callable(): bool  $holds */
    public function until(callable $holds, string $what): self
    {
        try {
            $this->driver->wait(self::PATIENCE_SECONDS, 50)->until(static function () use ($holds): bool {
                try {
                    return $holds();
                } catch (StaleElementReferenceException) {
                    return false; // drawn anew at this very moment
                }
            });
        } catch (TimeoutException) {
            $fields = $this->driver->executeScript(<<<'JS'
                const told = (one) => `${one.ariaLabel ?? one.labels?.[0]?.textContent.trim() ?? one.className}: ${one.value}`;
                return [...document.querySelectorAll('input, select')].map((one) => told(one) + (one === document.activeElement ? ' <' : ''));
                JS);
            $held = implode("\n", $fields);
            $stumbled = DemoServer::shared()->stumbledOver();
            Assert::fail("waited in vain until {$what}; at {$this->driver->getCurrentURL()} the page says:\n{$this->text('body')}\n\nIts fields hold, < where the hand is:\n{$held}\n\nThe server stumbled last over: {$stumbled}");
        }

        return $this;
    }

    /**
     * @param  list<string>  $rules  these alone; all of WCAG 2.2 AA where none are named
     * @return list<string> what an automatic look finds wrong for people who can't see or point well
     */
    public function accessibilityFaults(array $rules = []): array
    {
        // What awaits an answer is grey on purpose, and a colour on its way to another is neither of the two.
        $this->atRest();
        if ($this->driver->executeScript('return window.axe === undefined')) {
            $this->driver->executeScript((string) file_get_contents(__DIR__.'/../../node_modules/axe-core/axe.min.js'));
        }

        return $this->driver->executeAsyncScript(<<<'JS'
            const [rules, done] = arguments;
            const runOnly = rules.length > 0 ? { type: 'rule', values: rules } : ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];
            axe.run(document, { runOnly }).then(
                ({ violations }) => done(violations.flatMap(({ id, nodes }) => nodes.map((n) => `${id}: ${n.html}`))),
                (error) => done([String(error)]),
            );
        JS, [$rules]);
    }

    /** @return list<string> texts that lie on one another or are cut off, the whole page down */
    public function textFaults(): array
    {
        return $this->driver->executeScript((string) file_get_contents(__DIR__.'/text-faults.js'));
    }

    /** Waits until every answer has come, letters and widths are as they stay and nothing moves. */
    public function atRest(): self
    {
        $this->driver->executeAsyncScript(<<<'JS'
            const done = arguments[0];
            document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(done)));
        JS);

        return $this->until(fn (): bool => (bool) $this->driver->executeScript(
            "return document.querySelector('[aria-busy=true]') === null && document.getAnimations().every(({ playState }) => playState !== 'running')",
        ), 'the page is at rest');
    }

    /** @return list<string> addresses outside our own origin that the page has asked for */
    public function foreignRequests(): array
    {
        return $this->driver->executeScript(<<<'JS'
            return performance.getEntriesByType('resource').map(({ name }) => name)
                .filter((name) => new URL(name).origin !== location.origin);
        JS);
    }

    /** @return list<string> what the browser complained of, but for the 401 that tells that nobody is signed in */
    public function complaints(): array
    {
        $lines = array_column($this->driver->manage()->getLog('browser'), 'message');

        return array_values(array_filter($lines, static fn (string $line): bool => ! str_contains($line, '401 (Unauthorized)')));
    }
}
