<?php

declare(strict_types=1);

namespace Tests\Support;

/** This checkout as bin/serve serves it, with a state of its own that goes with it. */
final class RealServer
{
    private Background $process;

    public readonly string $address;

    private readonly int $port;

    /**
     * @param  string  $state  a folder of its own
     * @param  list<string>  $told  further options of bin/serve
     * @param  bool  $isShared  whether each gets a fair part of it and no more: a test asks oftener than people do
     */
    public function __construct(public readonly string $state, private readonly array $told = [], private readonly bool $isShared = false)
    {
        $this->port = FreePort::find();
        $this->address = (in_array('--cert', $told, true) ? 'https' : 'http')."://localhost:{$this->port}";
        $this->start();
        register_shutdown_function($this->stop(...));
    }

    public function start(): void
    {
        $root = self::checkout();
        $told = ['--port', (string) $this->port, '--state', $this->state, ...$this->told];
        $this->process = new Background(["{$root}/bin/serve", ...$told], $root, ['UNDERBOLT_SIGN_INS' => '10000', ...($this->isShared ? [] : ['UNDERBOLT_RATE' => '10000', 'UNDERBOLT_CORES' => '0'])]);
        FreePort::awaitAnswer("{$this->address}/up", 120);
    }

    /**
     * This checkout, or where the server's own user may not enter it (root's home, a folder of `mktemp`) a copy of what is
     * served, in a folder that it may.
     */
    private static function checkout(): string
    {
        static $checkout = null;
        if ($checkout !== null) {
            return $checkout;
        }
        $root = dirname(__DIR__, 2);
        exec('test "$(id -u)" -ne 0 || runuser -u www-data -- test -r '.escapeshellarg("{$root}/public/index.php"), result_code: $code);
        if ($code === 0) {
            return $checkout = $root;
        }
        $copy = sys_get_temp_dir().'/underbolt-served-'.bin2hex(random_bytes(6));
        mkdir($copy);
        chmod($copy, 0755);
        register_shutdown_function(static fn () => exec('rm -rf '.escapeshellarg($copy)));
        $served = ['app', 'artisan', 'bin', 'bootstrap', 'composer.json', 'config', 'core', 'database', 'deploy', 'lang', 'package-lock.json', 'public', 'resources', 'routes', 'storage', 'tests', 'tsconfig.json', 'vendor', 'vite.config.ts', '.stamps'];
        exec('cp -a '.implode(' ', array_map(static fn (string $one): string => escapeshellarg("{$root}/{$one}"), $served)).' '.escapeshellarg($copy));
        // What only builds is not served.
        symlink("{$root}/node_modules", "{$copy}/node_modules");

        return $checkout = $copy;
    }

    public function stop(): void
    {
        $this->process->stop();
    }

    /** As when the program that keeps it all is killed, and nothing else. */
    public function kill(): void
    {
        $this->process->kill();
    }

    /** A command of the application, with the server's own settings and user. */
    public function artisan(string ...$command): string
    {
        $told = implode(' ', array_map(escapeshellarg(...), ['bin/serve', '--state', $this->state, 'artisan', ...$command]));

        return (string) shell_exec('cd '.escapeshellarg(self::checkout())." && {$told} 2>&1");
    }

    /** The program that is kept running under a name; all it has started is of its group. */
    public function group(string $name): int
    {
        return (int) file_get_contents("{$this->state}/{$name}.running");
    }
}
