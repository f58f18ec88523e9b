<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** The application, served with its built front end and fresh demo data on a database of its own. */
final class DemoServer
{
    private static ?self $shared = null;

    private function __construct(public readonly string $address, private readonly string $log)
    {
    }

    /** What the server stumbled over last, for whoever reads why a page did not come; empty where it did not. */
    public function stumbledOver(): string
    {
        $lines = is_file($this->log) ? preg_grep('/\.ERROR: /', explode("\n", (string) file_get_contents($this->log))) : [];

        return mb_substr((string) array_last($lines ?: []), 0, 500);
    }

    public static function shared(): self
    {
        return self::$shared ??= self::start();
    }

    private static function start(): self
    {
        $root = dirname(__DIR__, 2);
        $database = (string) tempnam(sys_get_temp_dir(), 'underbolt');
        $storage = "{$database}-storage";
        foreach (['cache/data', 'sessions', 'views'] as $part) {
            mkdir("{$storage}/framework/{$part}", recursive: true);
        }
        mkdir("{$storage}/logs");
        $environment = [
            'LARAVEL_STORAGE_PATH' => $storage,
            'APP_ENV' => 'local', 'APP_DEBUG' => 'false', 'LOG_CHANNEL' => 'single',
            'APP_KEY' => 'base64:'.base64_encode(str_repeat('k', 32)),
            'DB_DATABASE' => $database, 'UNDERBOLT_DEMO' => 'true', 'SESSION_DRIVER' => 'file', 'CACHE_STORE' => 'file',
            'PHP_CLI_SERVER_WORKERS' => '4',
            'APP_CONFIG_CACHE' => "{$storage}/config.php", 'APP_ROUTES_CACHE' => "{$storage}/routes.php",
        ];
        foreach (['migrate --force', 'underbolt:demo', 'config:cache', 'route:cache'] as $command) {
            self::artisan($root, $command, $environment);
        }
        $port = FreePort::find();
        // As bin/demo does; the storage folder is found in the environment, which this server doesn't read unless told to.
        $settings = ['variables_order=EGPCS', 'opcache.enable_cli=1', 'pcov.enabled=0', 'zlib.output_compression=On', 'upload_max_filesize=201M', 'post_max_size=201M'];
        $told = array_merge(...array_map(static fn (string $setting): array => ['-d', $setting], $settings));
        new Background([PHP_BINARY, ...$told, '-S', "127.0.0.1:{$port}", '-t', 'public', 'bin/lib/demo-router.php'], $root, $environment);
        register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($database).'*'));
        FreePort::awaitListener($port);

        return new self("http://127.0.0.1:{$port}", "{$storage}/logs/laravel.log");
    }

    /** @param  array<string, string>  $environment */
    private static function artisan(string $root, string $command, array $environment): void
    {
        $process = proc_open(
            PHP_BINARY." artisan {$command}",
            [1 => ['pipe', 'w'], 2 => ['redirect', 1]],
            $pipes,
            $root,
            $environment + getenv(),
        );
        if ($process === false) {
            throw new RuntimeException("artisan {$command} does not start");
        }
        $output = stream_get_contents($pipes[1]);
        if (proc_close($process) !== 0) {
            throw new RuntimeException("artisan {$command} failed: {$output}");
        }
    }
}
