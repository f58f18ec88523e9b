<?php

declare(strict_types=1);

namespace Underbolt\Paper;

use Underbolt\Measure\Length;
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

    private const BETWEEN_MM = 4.0;

    /** @param  list<RulerPart>  $parts  front and back alike once, from the underarm down */
    private function __construct(private string $name, private array $parts)
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

        return new self($name, $parts);
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
        return $this->drawn($this->parts);
    }

    /**
     * As few pages as hold them.
     *
     * @return non-empty-list<Drawing>
     */
    public function pages(float $widthMm): array
    {
        $pages = [[]];
        $used = 0.0;
        foreach ($this->parts as $part) {
            if ($used > 0 && $used + $part->widthMm > $widthMm) {
                $pages[] = [];
                $used = 0.0;
            }
            $pages[count($pages) - 1][] = $part;
            $used += $part->widthMm + self::BETWEEN_MM;
        }

        return array_map($this->drawn(...), $pages);
    }

    /** Where depth 0 of a make lies, in words. */
    public static function origin(Plan $plan): string
    {
        return $plan->at(Level::Bust) === null ? 'waist' : 'underarm';
    }

    /** @param  list<RulerPart>  $parts */
    private function drawn(array $parts): Drawing
    {
        $marks = [];
        $x = $height = 0.0;
        foreach ($parts as $part) {
            array_push($marks, ...$part->at($x));
            $x += $part->widthMm + self::BETWEEN_MM;
            $height = max($height, $part->heightMm);
        }

        return (new Drawing($this->name, max(0.0, $x - self::BETWEEN_MM), $height, [], []))->with($marks);
    }
}
