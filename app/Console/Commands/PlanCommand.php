<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underbolt\Fault;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** Prints the plan of a make file, or of several as JSON Lines; exit 2 where any of them is refused. */
final class PlanCommand extends Command
{
    use PrintsFaults;
    use PrintsJson;

    protected $signature = 'underbolt:plan {file* : make files (.json)}';

    protected $description = 'Print the plan of a make file; of several, one line each';

    public function handle(): int
    {
        /** @var list<string> $files */
        $files = $this->argument('file');

        return count($files) === 1 ? $this->single($files[0]) : $this->lines($files);
    }

    private function single(string $file): int
    {
        try {
            $this->print($this->plan($file), JSON_PRETTY_PRINT);

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
                $this->print($this->plan($file));
            } catch (Refusal $refusal) {
                $exit = self::REFUSED;
                $this->print(['error' => array_map(static fn (Fault $fault): string => $fault->line(), $refusal->faults())]);
            }
        }

        return $exit;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function plan(string $file): array
    {
        return PlanJson::of(PlanBuilder::build(MakeReader::read(FileText::of($file))));
    }
}
