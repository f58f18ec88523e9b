<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;
use Underbolt\Work\Told\SleeveEdge;
use Underbolt\Work\WorkPlan;

/**
 * The strip of a make whose seam's shape nobody knows: a rule with how far the new line stands from the printed one, at every depth.
 * Its axis is laid parallel to grain or fold; at each station it is slid sideways until its tick meets the printed line named there.
 */
final readonly class Ruler
{
    /** One length of it; the next stands beside it. */
    public const LENGTH_MM = 250.0;

    private const BETWEEN_MM = 3.0;

    /** Above the parts of a page: how it is laid, and what proves its scale. */
    private const HEAD_MM = 13.5;

    /** That has to have room; on any page it has. */
    private const LEAST_MM = 185.0;

    /** What proves its scale, by the make's unit. */
    private const CHECKS_MM = ['cm' => [50.0, '5 cm'], 'in' => [50.8, '2 in']];

    /** @param  list<RulerPart>  $parts  front and back alike once, from the underarm down */
    private function __construct(private string $name, private array $parts, private Unit $unit, private bool $leans)
    {
    }

    /**
     * @param  string  $name  what stands on every page of it
     * @param  ?Length  $allowance  that is added to stitching lines; null leaves it off
     * @param  float  $lengthMm  of one part
     *
     * @throws NoStrip where no depth is known
     */
    public static function of(Plan $plan, WorkPlan $work, string $name, ?Length $allowance, float $lengthMm = self::LENGTH_MM): self
    {
        $line = $work->line;
        $sides = $line->isAlike ? [['front and back', PieceSide::Front]] : [['front', PieceSide::Front], ['back', PieceSide::Back]];
        $parts = [];
        foreach ($sides as [$title, $side]) {
            $marks = RulerMark::all($plan, $line->side($side));
            $marks === [] && throw NoStrip::withoutDepths();
            $zero = ($side === PieceSide::Back ? $plan->frontBack->back : $plan->frontBack->front)->first();
            array_push($parts, ...RulerPart::all($title, 'side seam', $marks, $plan, $zero, $allowance, $lengthMm));
        }
        foreach (self::ofSleeve($work) as $title => $edge) {
            array_push($parts, ...RulerPart::all($title, 'sleeve seam', [RulerMark::ofSleeve($plan, $edge)], $plan, $edge->size, $allowance, $lengthMm));
        }

        return new self($name, $parts, $plan->make->unit, $plan->make->pattern->seam->leans);
    }

    /** @return array<string, SleeveEdge> by what each is called; edges that go alike once */
    private static function ofSleeve(WorkPlan $work): array
    {
        [$front, $back] = [$work->sleeve[0] ?? null, $work->sleeve[1] ?? null];

        return match (true) {
            $front === null || $back === null => [],
            $front->size === $back->size && $front->move->nanometres === $back->move->nanometres => ['sleeve both edges' => $front],
            default => ['sleeve front edge' => $front, 'sleeve back edge' => $back],
        };
    }

    /** All parts side by side, on one page as large as they need. */
    public function whole(): Drawing
    {
        return $this->drawn(array_map(static fn (RulerPart $part): array => [$part], $this->parts));
    }

    /**
     * As few pages as hold them: a short part stands below another where there is room.
     *
     * @return non-empty-list<Drawing>
     */
    public function pages(float $widthMm, float $heightMm): array
    {
        /** @var non-empty-list<list<list<RulerPart>>> $pages */
        $pages = [[]];
        foreach ($this->parts as $part) {
            $columns = $pages[count($pages) - 1];
            $fits = false;
            // Below one that is there, beside them, or on the next page.
            foreach ([...array_keys($columns), count($columns)] as $place) {
                $with = $columns;
                $with[$place][] = $part;
                $wide = array_sum(array_map(static fn (array $column): float => self::widthOf($column) + self::BETWEEN_MM, $with)) - self::BETWEEN_MM;
                if ($wide <= $widthMm && self::HEAD_MM + self::heightOf($with[$place]) <= $heightMm) {
                    $pages[count($pages) - 1] = $with;
                    $fits = true;

                    break;
                }
            }
            if (! $fits) {
                $columns === [] ? $pages = [[[$part]]] : $pages[] = [[$part]];
            }
        }

        return array_map($this->drawn(...), $pages);
    }

    /** @param  list<RulerPart>  $column */
    private static function heightOf(array $column): float
    {
        return array_sum(array_map(static fn (RulerPart $part): float => $part->heightMm, $column));
    }

    /** @param  list<RulerPart>  $column */
    private static function widthOf(array $column): float
    {
        return max([0.0, ...array_map(static fn (RulerPart $part): float => $part->widthMm, $column)]);
    }

    /** Where depth 0 of a make lies, in words. */
    public static function origin(Plan $plan): string
    {
        return $plan->at(Level::Bust) === null ? 'waist' : 'underarm';
    }

    /** So much more than the length of a part a page of it takes. */
    public static function beyondMm(): float
    {
        return self::HEAD_MM + RulerPart::beyondMm();
    }

    /** @param  list<list<RulerPart>>  $columns  from the left, each from the top down */
    private function drawn(array $columns): Drawing
    {
        $marks = $this->head();
        $x = $height = 0.0;
        foreach ($columns as $column) {
            $y = self::HEAD_MM;
            foreach ($column as $part) {
                array_push($marks, ...$part->at($x, $y));
                $y += $part->heightMm;
            }
            $x += self::widthOf($column) + self::BETWEEN_MM;
            $height = max($height, $y);
        }

        return (new Drawing($this->name, max(self::LEAST_MM, $x - self::BETWEEN_MM), $height, [], []))->with($marks);
    }

    /** @return list<Path|Label> how it is laid, once a page, and the bar that proves its scale */
    private function head(): array
    {
        $rows = Label::rows(implode(' ', [
            'Axis parallel to grain or fold, never along the seam. Slide it sideways: tick on the printed line named there,',
            $this->leans ? "mark at the bar's end, turned square to the seam: it leans." : "mark at the bar's end, stitching and cutting lines alike.",
            'For the other hand turn it over.',
        ]), self::LEAST_MM);
        [$long, $says] = self::CHECKS_MM[$this->unit->value];
        $bar = self::HEAD_MM - 1.5;

        return [
            ...array_map(static fn (string $text, int $i): Label => new Label('title', 0, 3.0 + $i * RulerPart::ROW_MM, $text, Label::WORDS_MM), $rows, array_keys($rows)),
            Path::through('test-squares', Pen::Test, [[0, $bar - 1.5], [0, $bar], [$long, $bar], [$long, $bar - 1.5]]),
            new Label('test-squares', 2, $bar - 0.8, $says, Label::WORDS_MM),
        ];
    }
}
