<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Card;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\SizeLabels;
use App\Models\Wearer;
use App\Paper\CutSheetPdf;
use App\Paper\MakeFiles;
use App\Paper\MakeNest;
use App\Paper\MakePaper;
use App\Paper\TiledPdf;
use App\Practice\Figures;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use LogicException;
use Tests\Support\BruteForce;
use Underbolt\ChartPaste\ChartPaste;
use Underbolt\Company\Company;
use Underbolt\Company\Sums;
use Underbolt\File\CompanyJson;
use Underbolt\File\MakeReader;
use Underbolt\File\NestMarksReader;
use Underbolt\File\PlanJson;
use Underbolt\Measure\Body;
use Underbolt\Measure\Unit;
use Underbolt\Nest\Mending\MendedSvg;
use Underbolt\Nest\NestLine;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\StripLine;
use Underbolt\Paper\Tiling;
use Underbolt\Planning\Asked\Make as CoreMake;
use Underbolt\Planning\Choosing\Alternatives;
use Underbolt\Planning\Facts\Situation;
use Underbolt\Planning\Facts\SizesInPlay;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Practice\Placing;
use Underbolt\Practice\TapePoint;
use Underbolt\Practice\TapeReading;
use Underbolt\Sizing\Sizes;

/** Measures what the budgets ask: plans a second, growth with the sizes, many bodies at once, paper, pasted charts. */
final class BenchCommand extends Command
{
    protected $signature = 'underbolt:bench';

    protected $description = 'Measure how fast plans are made, against the budgets';

    private const BUDGET_MS = 5.0;

    /** Times what making the plan takes. */
    private const BUDGET_TELLING = 1.5;

    private const BUDGET_RANKING_S = 10.0;

    private const BUDGET_SHEET_MS = 1_000.0;

    private const BUDGET_TILES_MS = 2_000.0;

    private const BUDGET_CHART_MS = 1_000.0;

    private const BUDGET_NEST_READ_MS = 2_000.0;

    /** Of the 150 ms from a clip to its line on the screen, what may be drawing. */
    private const BUDGET_NEST_CLIP_MS = 100.0;

    private const BUDGET_NEST_LINE_MS = 100.0;

    private const BUDGET_TAPE_MS = 30.0;

    public function handle(): int
    {
        $make = self::make(20, 97.3);
        $whole = self::milliseconds(static fn (): array => PlanJson::of(PlanBuilder::build($make)));
        $isToldQuick = $this->telling($make);
        $this->line(
            sprintf(
                'one plan, 20 sizes x 4 cups, every opinion, alternative and station: %.2f ms, %d a second (budget %.0f ms)',
                $whole,
                1000 / $whole,
                self::BUDGET_MS,
            ),
        );
        $before = null;
        foreach ([10, 20, 40] as $sizes) {
            $before = $this->growth($sizes, $before);
        }
        $ranking = $this->ranking();
        $isPaperQuick = $this->paper();
        $isChartQuick = $this->within('a chart of 200 kB read', self::BUDGET_CHART_MS, static fn () => ChartPaste::read(
            "Size\t8\t10\nBust\t84\t88\n".str_repeat("Waist 1/2 (under)\t66 1/2\t70,5 (27 3/4)\n", 5_000),
            Unit::Centimetre,
        ));
        $isNestQuick = $this->nest();
        $figure = Figures::named('round') ?? throw new LogicException('the figures ship with it');
        $isTapeQuick = $this->within('a slanted tape over a jumper read', self::BUDGET_TAPE_MS, static fn () => TapeReading::of(
            $figure,
            new Placing(TapePoint::Waist, front: 35.0, left: 12.0, over: 5.0, fingers: 1),
        ));
        $isQuick = $isTapeQuick && $isToldQuick && $whole <= self::BUDGET_MS && $ranking <= self::BUDGET_RANKING_S && $isPaperQuick && $isChartQuick && $isNestQuick;

        return $isQuick ? self::SUCCESS : self::FAILURE;
    }

    /** What telling a plan takes against making it, which no machine's speed changes: the middle one of several turns. */
    private function telling(CoreMake $make): bool
    {
        $plan = PlanBuilder::build($make);
        $turns = array_map(static fn (): array => [
            self::milliseconds(static fn (): Plan => PlanBuilder::build($make), 50),
            self::milliseconds(static fn (): array => PlanJson::of($plan), 50),
        ], range(1, 7));
        usort($turns, static fn (array $one, array $other): int => $one[1] / $one[0] <=> $other[1] / $other[0]);
        [$built, $told] = $turns[3];
        $this->line(sprintf('made in %.2f ms, told in %.2f ms: times %.2f (budget %.1f)', $built, $told, $told / $built, self::BUDGET_TELLING));

        return $told / $built <= self::BUDGET_TELLING;
    }

    /** Sheet, strip and a strip over twelve pages, of a pattern in 20 sizes. */
    private function paper(): bool
    {
        $make = (new Make)->setRelations([
            'card' => (new Card(['taken_on' => CarbonImmutable::today()]))->setRelation('wearer', new Wearer(['name' => 'Wearer'])),
            'pattern' => new Pattern(['name' => 'Pattern', 'unit' => Unit::Centimetre]),
        ]);
        $paper = new MakePaper($make, SizeLabels::Shown, PlanBuilder::build(self::make(20, 97.3)), []);
        $strip = $paper->strip(StripLine::Seam);
        $large = new Drawing($strip->name, 500, 1000, $strip->paths, $strip->labels);
        $tiles = count(Tiling::of($large, PageFormat::A4)->tiles);

        return array_product([
            $this->within('cut sheet as PDF', self::BUDGET_SHEET_MS, static fn () => CutSheetPdf::of($paper, PageFormat::A4, CarbonImmutable::today())),
            $this->within('strip as SVG', self::BUDGET_SHEET_MS, static fn () => MakeFiles::stripSvg($paper, StripLine::Seam)),
            $this->within('strip as PDF', self::BUDGET_SHEET_MS, static fn () => MakeFiles::stripPdf($paper, StripLine::Seam, PageFormat::A4)),
            $this->within("{$tiles} tiles as PDF", self::BUDGET_TILES_MS, static fn () => TiledPdf::of(Tiling::of($large, PageFormat::A4))),
        ]) === 1;
    }

    /** A nest of 3 MB with 20 sizes: read, and a new line drawn on it. */
    private function nest(): bool
    {
        $plan = PlanBuilder::build(self::make(20, 97.3));
        $lines = $marks = [];
        foreach ($plan->make->pattern->sizes as $i => $size) {
            $d = sprintf('M%d 100', 200 + 10 * $i);
            for ($step = 0; $step < 10_000; $step++) {
                $d .= sprintf('l%.3F %.3F', sin($step / 900 + $i) / 10, 0.08);
            }
            $lines[] = "<path id=\"s{$i}\" d=\"{$d}\"/>";
            $marks['lines'][$size] = "s{$i}";
            $marks['underarm'][$size] = [200 + 10 * $i, 100];
        }
        $svg = '<svg width="900mm" height="1000mm" viewBox="0 0 900 1000">'.implode('', $lines).'</svg>';
        $drawing = MendedSvg::read($svg);
        foreach ($plan->make->pattern->sizes as $i => $size) {
            $marks['hem'][$size] = $drawing->lines[$i]->runs[0]->at($drawing->lines[$i]->runs[0]->length());
        }
        $document = json_decode((string) json_encode($marks + ['piece' => 'front', 'waist_y' => 300, 'hip_y' => 500]));
        $marked = NestMarksReader::marks($document);
        $pattern = new Pattern(['name' => 'Pattern', 'unit' => Unit::Centimetre, 'document' => (object) self::pattern(20)]);
        $nest = new Nest(['drawing' => Nest::pack($drawing), 'marks' => $document]);

        return array_product([
            $this->within(sprintf('a nest of %.1f MB read', strlen($svg) / 1e6), self::BUDGET_NEST_READ_MS, static fn () => MendedSvg::read($svg)),
            $this->within('the new line on it', self::BUDGET_NEST_LINE_MS, static fn () => NestLine::of($plan, $drawing, $marked)),
            $this->within('front and back after a clip, from what is kept', self::BUDGET_NEST_CLIP_MS, static function () use ($nest, $plan, $pattern): void {
                foreach (['front', 'back'] as $piece) {
                    MakeNest::of($nest->fill(['piece' => $piece]), $pattern, $plan, array_combine($plan->make->pattern->sizes, $plan->make->pattern->sizes), '');
                }
            }),
        ]) === 1;
    }

    /** @param  callable(): mixed  $run */
    private function within(string $what, float $budgetMs, callable $run): bool
    {
        $took = self::milliseconds($run, 5);
        $this->line(sprintf('%s: %.0f ms (budget %.0f ms)', $what, $took, $budgetMs));

        return $took <= $budgetMs;
    }

    /**
     * @param  ?array{float, float}  $before  the times for half as many sizes
     * @return array{float, float}
     */
    private function growth(int $sizes, ?array $before): array
    {
        $make = self::make($sizes, 97.3);
        $situation = Situation::of($make, SizesInPlay::of($make));
        $planned = self::milliseconds(static fn (): array => Alternatives::of($situation)->all());
        $brute = self::milliseconds(static fn (): Sizes => (new BruteForce($situation))->best(), 10);
        $growth = $before === null ? '' : sprintf(', times %.1f and %.1f', $planned / $before[0], $brute / $before[1]);
        $this->line(
            sprintf('%d sizes: all alternatives %.3f ms, the best alone by brute force %.2f ms%s', $sizes, $planned, $brute, $growth),
        );

        return [$planned, $brute];
    }

    private function ranking(): float
    {
        $bodies = array_map(static fn (int $body): Body => self::make(10, 80 + $body / 6)->body, range(1, 260));
        $start = hrtime(true);
        foreach (range(1, 6) as $pattern) {
            $make = self::make(10 + $pattern, 90);
            $rows = [];
            foreach (Company::ofBodies($bodies, $make->pattern, $make->choices, $make->unit) as $who => $row) {
                json_encode(CompanyJson::row((string) $who, $row), JSON_THROW_ON_ERROR);
                $rows[] = $row;
            }
            Sums::of($rows);
        }
        $seconds = (hrtime(true) - $start) / 1e9;
        $this->line(sprintf('260 bodies x 6 patterns, rows with their sums: %.1f s, 60 rows in %.0f ms (budget %.0f s)', $seconds, $seconds / 260 / 6 * 60_000, self::BUDGET_RANKING_S));

        return $seconds;
    }

    /** @param  callable(): mixed  $run */
    private static function milliseconds(callable $run, int $times = 200): float
    {
        for ($warm = 0; $warm < 5; $warm++) {
            $run();
        }
        $start = hrtime(true);
        for ($turn = 0; $turn < $times; $turn++) {
            $run();
        }

        return (hrtime(true) - $start) / 1e6 / $times;
    }

    private static function make(int $sizes, float $bust): CoreMake
    {
        return MakeReader::read(json_encode([
            'format' => 'underbolt/make', 'version' => 1, 'unit' => 'cm',
            'body' => ['full_bust' => $bust, 'high_bust' => $bust - 9, 'waist' => $bust - 17, 'hip' => $bust + 12],
            'pattern' => self::pattern($sizes),
        ], JSON_THROW_ON_ERROR));
    }

    /** @return array<string, mixed> its part of a make file */
    private static function pattern(int $sizes): array
    {
        $row = static fn (float $first): array => array_map(static fn (int $size): float => $first + 3 * $size, range(0, $sizes - 1));
        $cups = static fn (float $ease): array => array_map(
            $row,
            ['A' => 67.5 + $ease, 'B' => 70 + $ease, 'C' => 72.5 + $ease, 'D' => 75 + $ease],
        );

        return [
            'sizes' => array_map(static fn (int $size): string => "size {$size}", range(1, $sizes)),
            'body_chart' => ['full_bust' => $row(70), 'waist' => $row(52), 'hip' => $row(78)],
            'finished' => ['full_bust' => $row(78), 'waist' => $row(57), 'hip' => $row(85)],
            'cups' => ['body_chart' => $cups(0), 'finished' => $cups(8)],
            'seam' => ['underarm_to_waist' => 20, 'waist_to_hip' => 20, 'hip_to_hem' => 45],
        ];
    }
}
