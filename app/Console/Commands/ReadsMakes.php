<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Underbolt\Fault;
use Underbolt\Refusal;

/** A command that answers make files: one indented, several as JSON Lines; exit 2 where any of them is refused. */
trait ReadsMakes
{
    use PrintsFaults;
    use PrintsJson;

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    abstract private function answer(string $file): array;

    public function handle(): int
    {
        /** @var list<string> $files */
        $files = $this->argument('file');

        return count($files) === 1 ? $this->single($files[0]) : $this->lines($files);
    }

    private function single(string $file): int
    {
        try {
            $this->print($this->answer($file), JSON_PRETTY_PRINT);

            return self::SUCCESS;
        } catch (Refusal $refusal) {
            return $this->refused($refusal);
        }
    }

    /** @param  list<string>  $files */
    private function lines(array $files): int
    {
        $exit = self::SUCCESS;
        foreach ($files as $file) {
            try {
                $this->print($this->answer($file));
            } catch (Refusal $refusal) {
                $exit = self::REFUSED;
                $this->print(['error' => array_map(static fn (Fault $fault): string => $fault->line(), $refusal->faults())]);
            }
        }

        return $exit;
    }
}
