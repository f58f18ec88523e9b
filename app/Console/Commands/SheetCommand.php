<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Underbolt\CutSheet\CutSheet;
use Underbolt\CutSheet\SheetHead;
use Underbolt\Fault;
use Underbolt\File\CutSheetJson;
use Underbolt\File\MakeReader;
use Underbolt\File\NestMarksReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Nest\Mending\MendedSvg;
use Underbolt\Nest\NestSeam;
use Underbolt\Nest\NestStations;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Seam\StationTable;

/** Prints the cut sheet of a make file, or of several as JSON Lines. */
final class SheetCommand extends Command
{
    use ReadsMakes;

    protected $signature = 'underbolt:sheet {file* : make files (.json)}
        {--front= : the front\'s drawing (.svg)} {--front-marks= : what is marked on it (.json)}
        {--back= : the back\'s drawing (.svg)} {--back-marks= : what is marked on it (.json)}';

    protected $description = 'Print the cut sheet of a make file; of several, one line each';

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function answer(string $file): array
    {
        $plan = PlanBuilder::build(MakeReader::read(FileText::of($file)));

        return CutSheetJson::of(CutSheet::of($plan, $this->stations($plan)), SheetHead::of($plan));
    }

    /**
     * Read off the drawings, where both are given; the front's alone serves where the back is cut like it.
     *
     * @throws Refusal
     */
    private function stations(Plan $plan): ?StationTable
    {
        $front = $this->measured('front', $plan);
        $back = $this->measured('back', $plan);
        if ($front === null) {
            return $back === null ? null : throw FaultyFile::with([new Fault('--front', 'has to be given where --back is')]);
        }
        if ($back === null && ! $plan->front->isLike($plan->back)) {
            throw FaultyFile::with([new Fault('--back', 'has to be given: the back is cut unlike the front')]);
        }

        return NestStations::table($front, $back ?? $front, $plan->make->choices->stationEvery);
    }

    /** @throws Refusal */
    private function measured(string $piece, Plan $plan): ?NestStations
    {
        [$drawing, $marks] = [$this->option($piece), $this->option("{$piece}-marks")];
        if ($drawing === null && $marks === null) {
            return null;
        }
        if (! is_string($drawing) || ! is_string($marks)) {
            throw FaultyFile::with([new Fault("--{$piece}", "needs --{$piece}-marks, and the other way round")]);
        }

        return NestSeam::of($plan, MendedSvg::read(FileText::of($drawing)), NestMarksReader::read(FileText::of($marks)))->measured();
    }
}
