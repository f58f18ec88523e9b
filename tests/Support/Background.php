<?php

declare(strict_types=1);

namespace Tests\Support;

use RuntimeException;

/** A program that runs beside the tests and ends with them. */
final class Background
{
    /** @var resource */
    private $process;

    /**
     * @param  list<string>  $command
     * @param  array<string, string>  $environment  added to the present one
     */
    public function __construct(array $command, string $directory, array $environment = [])
    {
        $quiet = ['file', '/dev/null', 'w'];
        $process = proc_open($command, [['file', '/dev/null', 'r'], $quiet, $quiet], $pipes, $directory, $environment + getenv());
        $this->process = $process === false ? throw new RuntimeException("{$command[0]} does not start") : $process;
        register_shutdown_function($this->stop(...));
    }

    public function stop(): void
    {
        if (is_resource($this->process)) {
            proc_terminate($this->process);
            proc_close($this->process);
        }
    }
}
