<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underbolt\File\MakeReader;
use Underbolt\File\PlanJson;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** Prints the plan of a make file, or of several as JSON Lines. */
final class PlanCommand extends Command
{
    use ReadsMakes;

    protected $signature = 'underbolt:plan {file* : make files (.json)}';

    protected $description = 'Print the plan of a make file; of several, one line each';

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function answer(string $file): array
    {
        return PlanJson::of(PlanBuilder::build(MakeReader::read(FileText::of($file))));
    }
}
