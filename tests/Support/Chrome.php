<?php

declare(strict_types=1);

namespace Tests\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;

/** One headless browser for all that needs one; a start takes about a second. */
final class Chrome
{
    private static ?RemoteWebDriver $driver = null;

    public static function driver(): RemoteWebDriver
    {
        return self::$driver ??= self::start();
    }

    /** Makes the page, not the window, this large. */
    public static function size(int $width, int $height): void
    {
        self::devTools('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false,
        ]);
    }

    /**
     * @param  array<string, mixed>  $parameters
     * @return array<string, mixed> what the browser answers
     */
    public static function devTools(string $command, array $parameters): array
    {
        return (array) (new ChromeDevToolsDriver(self::driver()))->execute($command, $parameters);
    }

    private static function start(): RemoteWebDriver
    {
        $profile = sys_get_temp_dir().'/underbolt-chrome-'.bin2hex(random_bytes(6));
        // Registered before the driver's own end, so that the browser is still there to be told.
        register_shutdown_function(static fn () => self::$driver?->quit());
        $port = FreePort::find();
        new Background(['chromedriver', "--port={$port}"], sys_get_temp_dir());
        register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($profile)));
        FreePort::awaitListener($port);

        $options = (new ChromeOptions)->addArguments([
            '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
            '--disable-background-networking', '--disable-component-update', '--disable-sync',
            '--disable-dev-shm-usage', '--disable-features=BackForwardCache', "--user-data-dir={$profile}", '--window-size=1280,800',
        ]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $wanted->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);

        $driver = RemoteWebDriver::create("http://127.0.0.1:{$port}", $wanted);
        // As patient as the page's own looks: several files drawn one after the other take long on a machine with other work.
        $driver->manage()->timeouts()->setScriptTimeout(120);

        return $driver;
    }
}
