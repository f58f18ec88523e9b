<?php

declare(strict_types=1);

namespace App\Console\Commands;

use JsonException;
use Symfony\Component\Console\Output\OutputInterface;

/** A command whose answer is JSON on the output, numbers and letters as they are. */
trait PrintsJson
{
    /**
     * @param  array<string, mixed>  $document
     *
     * @throws JsonException
     */
    private function print(array $document, int $flags = 0): void
    {
        $json = json_encode(
            $document,
            $flags | JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION | JSON_INVALID_UTF8_SUBSTITUTE
                | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
        );
        $this->output->writeln($json, OutputInterface::OUTPUT_RAW);
    }
}
