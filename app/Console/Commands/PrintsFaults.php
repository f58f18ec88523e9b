<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Underbolt\Refusal;

/** A command that tells what core refuses: a line for each fault on the error output, and exit 2. */
trait PrintsFaults
{
    private const REFUSED = 2;

    private function refused(Refusal $refusal): int
    {
        foreach ($refusal->faults() as $fault) {
            $this->tell($fault->line());
        }

        return self::REFUSED;
    }

    /** A line on the error output: what is written for a program to read has nothing else in it. */
    private function tell(string $line): void
    {
        $output = $this->output->getOutput();
        ($output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output)->writeln($line, OutputInterface::OUTPUT_RAW);
    }
}
