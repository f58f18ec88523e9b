<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Make;
use App\Models\Nest;
use App\Models\SizeLabels;
use App\Records\FileName;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Underbolt\CutSheet\CutFrom;
use Underbolt\CutSheet\CutSheet;
use Underbolt\Measure\Unit;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\LineIs;
use Underbolt\Nest\NestLine;
use Underbolt\Nest\NestStations;
use Underbolt\Nest\NestStrip;
use Underbolt\Nest\Reach;
use Underbolt\Nest\SeamDifference;
use Underbolt\Paper\Drawing;
use Underbolt\Paper\NoStrip;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\Ruler;
use Underbolt\Paper\Strip;
use Underbolt\Paper\StripLine;
use Underbolt\Paper\StripShape;
use Underbolt\Paper\Tiling;
use Underbolt\Planning\Plan;
use Underbolt\Planning\PlanBuilder;
use Underbolt\Refusal;
use Underbolt\Seam\StationTable;
use Underbolt\Work\ToBuy;

/** All that leaves the screen for one make, from one plan. */
final class MakePaper
{
    /** Lengths of a ruler end where a station can stand. */
    private const STEP_MM = 25.0;

    /** @var array<string, MakeNest|Refusal> by piece: the line on it, or why there is none */
    private array $lines = [];

    /** @var ?list<Nest> */
    private ?array $nests = null;

    private ?CutSheet $sheet = null;

    /** Each drawing of the make is named by it. */
    private ?string $title = null;

    /** @var ?array<string, SeamDifference> */
    private ?array $differences = null;

    /**
     * @param  Make  $make  with its card, wearer and pattern
     * @param  array<string, string>  $names  what the plan calls the sizes, by what the pattern calls them
     */
    public function __construct(public readonly Make $make, public readonly SizeLabels $labels, public readonly Plan $plan, private readonly array $names)
    {
    }

    /**
     * @param  Unit  $unit  the one that sentences and stations speak in
     * @param  ?SizeLabels  $labels  the wearer's where they are left out
     *
     * @throws Refusal when there is no plan
     */
    public static function of(Make $make, Unit $unit, ?SizeLabels $labels = null): self
    {
        $make->loadMissing('card.readings', 'card.wearer', 'pattern');
        $labels ??= $make->sizeLabels();
        $core = $make->toCore($unit, SizeLabels::Shown);
        $shown = $labels->on($core);

        return new self($make, $labels, PlanBuilder::build($shown), array_combine($core->pattern->sizes, $shown->pattern->sizes));
    }

    public function title(): string
    {
        return $this->title ??= implode(' · ', [$this->make->card->wearer->name, $this->make->pattern->name, ...CutFrom::words($this->plan, ToBuy::of($this->plan))]);
    }

    public function fileName(string $what): string
    {
        return FileName::of($this->make->card->wearer->name, $this->make->pattern->name)."-{$what}";
    }

    /** Read off the pattern's own lines, where it has the drawings of front and back; else as the plan reckons them. */
    public function stations(): StationTable
    {
        return $this->ownLines() ?? $this->plan->stationTable();
    }

    /** Read off the pattern's own lines; null where it has no drawings of front and back that a line can be drawn on. */
    public function ownLines(): ?StationTable
    {
        $nests = $this->onNests();

        return $nests === null ? null : NestStations::table(...[...$nests, $this->plan->make->choices->stationEvery]);
    }

    /** @return list<Nest> the drawings of the pattern's pieces, the front first */
    public function nests(): array
    {
        return $this->nests ??= $this->make->pattern->exists ? array_values($this->make->pattern->nests()->get()->sortBy(static fn (Nest $nest): int => (int) array_search($nest->piece, DrawnPiece::ALL, true))->all()) : [];
    }

    /**
     * The make on one of them, drawn once: sheet, table and strip all ask for it.
     *
     * @throws Refusal when there is no line on it
     */
    public function on(Nest $nest): MakeNest
    {
        $line = $this->lines[$nest->piece] ??= $this->drawnOn($nest);

        return $line instanceof Refusal ? throw $line : $line;
    }

    /**
     * Where front and back come out otherwise than they are printed against one another, before anything is done about it; done
     * once, where that is chosen.
     *
     * @return array<string, SeamDifference> by the front of each pair
     */
    public function seamDifferences(): array
    {
        if ($this->differences !== null) {
            return $this->differences;
        }
        $this->differences = [];
        $how = $this->plan->make->choices->trueSeams;
        foreach (DrawnPiece::pairs() as [$front, $back]) {
            [$one, $other] = [$this->ifOn($front), $this->ifOn($back)];
            $difference = $one === null || $other === null || $one->seam->reach !== $other->seam->reach ? null : SeamDifference::of($one->line(), $other->line());
            if ($difference !== null) {
                $this->differences[$front->value] = $difference;
                $longer = $difference->longer === 'front' ? $one : $other;
                $how === null ? null : $longer->trued($difference, $how);
            }
        }

        return $this->differences;
    }

    /** The make on a piece; null where there is no drawing of it, or no line on it. */
    public function ifOn(DrawnPiece $piece): ?MakeNest
    {
        $nest = collect($this->nests())->firstWhere('piece', $piece->value);
        $line = $nest === null ? null : $this->lines[$piece->value] ??= $this->drawnOn($nest);

        return $line instanceof MakeNest ? $line : null;
    }

    /**
     * The line on a piece, trued against the other side where that is chosen.
     *
     * @throws Refusal when there is none
     */
    public function lineOn(Nest $nest): NestLine
    {
        $this->seamDifferences();

        return $this->on($nest)->line();
    }

    /**
     * @param  string  $piece  `front` or `back`
     *
     * @throws Refusal likewise
     * @throws ModelNotFoundException<Nest> when the pattern has no drawing of it
     */
    public function onPiece(string $piece): MakeNest
    {
        $this->seamDifferences();

        return $this->on(collect($this->nests())->firstWhere('piece', $piece) ?? throw (new ModelNotFoundException)->setModel(Nest::class));
    }

    /**
     * A piece over pages.
     *
     * @throws Refusal likewise
     */
    public function tiled(string $piece, PageFormat $page): Tiling
    {
        return Tiling::of($this->onPiece($piece)->drawn(), $page);
    }

    private function drawnOn(Nest $nest): MakeNest|Refusal
    {
        try {
            return MakeNest::of($nest, $this->make->pattern, $this->plan, $this->names, "{$this->title()} · {$nest->drawnPiece()->words()}");
        } catch (Refusal $refusal) {
            return $refusal;
        }
    }

    /** @return ?array{NestStations, NestStations} front and back; null where one of them has no line */
    private function onNests(): ?array
    {
        // One that is not marked yet has no line, as its page says; one of a part of the seam tells no stations of the whole.
        $measured = function (DrawnPiece $piece): ?NestStations {
            $seam = $this->ifOn($piece)?->seam;

            return $seam?->reach === Reach::Whole ? $seam->measured() : null;
        };
        $front = $measured(DrawnPiece::Front);
        // A back that is cut like the front needs no drawing of its own.
        $back = $measured(DrawnPiece::Back) ?? ($this->plan->front->isLike($this->plan->back) ? $front : null);

        return $front === null || $back === null ? null : [$front, $back];
    }

    /** The one object that every place tells the make from. */
    public function sheet(): CutSheet
    {
        return $this->sheet ??= CutSheet::of($this->plan, $this->ownLines());
    }

    /**
     * The new seam at its own shape where the pattern's lines are known; else the ruler, which pretends to no shape.
     *
     * @throws Refusal when there is nothing to draw from
     */
    public function strip(StripLine $line): Drawing
    {
        $shapes = $this->shapes();

        return $shapes === null ? $this->ruler($line)->whole() : Strip::of($this->plan, $this->stripName(), $line, $shapes);
    }

    /** Whether the shape of the seam is known: it is from the pattern's own lines alone. */
    public function hasShape(): bool
    {
        return $this->onNests() !== null;
    }

    /**
     * The ruler, in lengths that a page holds.
     *
     * @throws Refusal likewise
     */
    public function rulerOn(StripLine $line, float $pageHeightMm): Ruler
    {
        $room = floor(($pageHeightMm - 2 * PageFormat::MARGIN_MM - PageFormat::FOOT_MM - Ruler::beyondMm()) / self::STEP_MM) * self::STEP_MM;

        return $this->ruler($line, min(Ruler::LENGTH_MM, $room));
    }

    /** @throws Refusal likewise */
    private function ruler(StripLine $line, float $lengthMm = Ruler::LENGTH_MM): Ruler
    {
        $allowance = $line === StripLine::Seam ? null : $this->plan->make->pattern->seam->seamAllowance ?? throw NoStrip::withoutAllowance();

        return Ruler::of($this->plan, $this->sheet()->work, $this->stripName(), $allowance, $lengthMm);
    }

    /** @return ?array{StripShape, StripShape} front and back as the pattern's own lines have them */
    private function shapes(): ?array
    {
        $nests = $this->onNests();
        if ($nests === null) {
            return null;
        }
        $table = $this->stations();

        return [
            NestStrip::shape($nests[0], $this->plan->front->sizes, $table->front, $this->isCut('front')),
            NestStrip::shape($nests[1], $this->plan->back->sizes, $table->back ?? $table->front, $this->isCut('back')),
        ];
    }

    /** Whether the sizes are drawn as cutting lines; a back without a drawing of its own as the front's are. */
    private function isCut(string $piece): bool
    {
        $nests = collect($this->nests());
        $nest = $nests->firstWhere('piece', $piece) ?? $nests->first();

        return $nest !== null && $this->on($nest)->marks->lineIs === LineIs::Cutting;
    }

    private function stripName(): string
    {
        return "Strip · {$this->title()}";
    }
}
