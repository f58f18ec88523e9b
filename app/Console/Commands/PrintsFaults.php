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
        $output = $this->output->getOutput();
        $errors = $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
        foreach ($refusal->faults() as $fault) {
            $errors->writeln($fault->line(), OutputInterface::OUTPUT_RAW);
        }

        return self::REFUSED;
    }
}
