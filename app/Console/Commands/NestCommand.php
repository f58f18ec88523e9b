<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Symfony\Component\Console\Output\OutputInterface;
use Underbolt\Fault;
use Underbolt\File\MakeReader;
use Underbolt\File\NestJson;
use Underbolt\File\NestMarksReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Nest\Mending\MendedSvg;
use Underbolt\Nest\Mending\TrueSize;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestSvg;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;

/** Draws the line of a make file on a pattern's own drawing; exit 2 with one line for each fault. */
final class NestCommand extends Command
{
    use PrintsFaults;

    protected $signature = 'underbolt:nest {drawing : an SVG} {marks : what is marked on it (.json)} {make : a make file (.json)} {--out= : the SVG with the new line}';

    protected $description = 'Draw the line of a make on the pattern\'s own drawing';

    public function handle(): int
    {
        try {
            $this->draw();

            return self::SUCCESS;
        } catch (Refusal $refusal) {
            return $this->refused($refusal);
        }
    }

    /** @throws Refusal */
    private function draw(): void
    {
        $drawing = MendedSvg::read(FileText::of($this->text('drawing')));
        $marks = NestMarksReader::read(FileText::of($this->text('marks')));
        $plan = PlanBuilder::build(MakeReader::read(FileText::of($this->text('make'))));
        $line = NestLine::of($plan, $drawing, $marks);
        $out = $this->option('out');
        if (is_string($out) && @file_put_contents($out, NestSvg::of($drawing, $marks->lines, $line, basename($out))) === false) {
            throw FaultyFile::with([new Fault($out, 'can\'t be written')]);
        }
        $seems = $marks->isTrueSize ? null : TrueSize::of($drawing, $marks, $plan->make->pattern)->seems();
        if ($seems !== null) {
            $this->tell(sprintf('scale: the drawing seems to be %s %% of true size; say "true_size": true in the marks where it is right', TrueSize::percent($seems)));
        }
        $json = json_encode(NestJson::of($line), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $this->output->writeln($json, OutputInterface::OUTPUT_RAW);
    }

    private function text(string $name): string
    {
        $given = $this->argument($name);

        return is_string($given) ? $given : '';
    }
}
