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
        // In a group of its own: what it starts in its turn ends with it.
        $process = proc_open(['setsid', ...$command], [['file', '/dev/null', 'r'], $quiet, $quiet], $pipes, $directory, $environment + getenv());
        $this->process = $process === false ? throw new RuntimeException("{$command[0]} does not start") : $process;
        register_shutdown_function($this->stop(...));
    }

    /** The program alone, without what it has started. */
    public function kill(): void
    {
        posix_kill(proc_get_status($this->process)['pid'], SIGKILL);
        proc_close($this->process);
    }

    public function stop(): void
    {
        if (is_resource($this->process)) {
            posix_kill(-proc_get_status($this->process)['pid'], SIGTERM);
            proc_close($this->process);
        }
    }
}
