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
     */
    public function __construct(public readonly string $state, private readonly array $told = [])
    {
        $this->port = FreePort::find();
        $this->address = (in_array('--cert', $told, true) ? 'https' : 'http')."://localhost:{$this->port}";
        $this->start();
        register_shutdown_function($this->stop(...));
    }

    public function start(): void
    {
        $root = dirname(__DIR__, 2);
        $told = ['--port', (string) $this->port, '--state', $this->state, ...$this->told];
        $this->process = new Background(["{$root}/bin/serve", ...$told], $root, ['UNDERBOLT_SIGN_INS' => '10000']);
        FreePort::awaitAnswer("{$this->address}/up", 120);
    }

    public function stop(): void
    {
        $this->process->stop();
    }

    /** The program that is kept running under a name; all it has started is of its group. */
    public function group(string $name): int
    {
        return (int) file_get_contents("{$this->state}/{$name}.running");
    }
}
