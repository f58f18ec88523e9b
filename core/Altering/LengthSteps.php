<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\LengthenLine;

/** What is done to the length of the paper, each change where it does no harm. */
final readonly class LengthSteps
{
    /**
     * @param  list<LengthenLine>  $printed  the lines that the paper has
     * @param  bool  $keepsSleeveEnd  whether something is at the sleeve's lower end that has to stay as it is, such as a cuff
     * @param  callable(Length): string  $say
     */
    public function __construct(private LengthChanges $lengths, private array $printed, private bool $keepsSleeveEnd, private mixed $say)
    {
    }

    /** @return list<WorkStep> above and below the waist: they move the levels */
    public function ofLevels(): array
    {
        return [
            ...$this->step(
                $this->lengths->aboveWaist,
                'above the waist',
                $this->place(
                    LengthenLine::AboveWaist,
                    'between underarm and waist',
                    'half way between underarm and waist, square to the grain',
                ),
            ),
            ...$this->step(
                $this->lengths->belowWaist,
                'between waist and hip',
                $this->place(LengthenLine::BelowWaist, 'between waist and hip', 'half way between waist and hip, square to the grain'),
            ),
        ];
    }

    /** @return list<WorkStep> hem and sleeve */
    public function ofEnds(): array
    {
        return [...$this->hem(), ...$this->sleeve()];
    }

    /** @return list<WorkStep> */
    private function hem(): array
    {
        $moved = $this->lengths->aboveWaist === null || $this->lengths->aboveWaist->isZero() ? 'the paper\'s waist' : 'the changed waist';
        $counted = " It is counted from {$moved}.";
        $change = $this->lengths->hem;
        if ($change === null || in_array(LengthenLine::Hem, $this->printed, true)) {
            return $this->step($change, 'at the hem', 'at the printed line above the hem', $counted);
        }
        $low = $change->isPositive() ? 'lower' : 'higher';

        return $this->drawn(
            $change,
            'at the hem',
            "draw the new edge {$this->said($change->abs())} {$low}, along the old one, front and back the same; where a slit or "
                ."notch stands, cut across between it and the hip instead.{$counted}",
        );
    }

    /** @return list<WorkStep> a sleeve that gets longer and has nothing at its end is drawn on there: nothing is cut */
    private function sleeve(): array
    {
        $change = $this->lengths->sleeve;
        $place = $this->place(LengthenLine::Sleeve, 'in the sleeve', 'half way between underarm and elbow');
        if ($change === null || ! $change->isPositive() || $this->keepsSleeveEnd || in_array(LengthenLine::Sleeve, $this->printed, true)) {
            return $this->step($change, 'in the sleeve', $place);
        }

        return $this->drawn(
            $change,
            'in the sleeve',
            "extend it at its lower end: draw both edges straight on by {$this->said($change)} and the hem there.",
        );
    }

    private function place(LengthenLine $line, string $where, string $else): string
    {
        return in_array($line, $this->printed, true) ? "at the printed line {$where}" : $else;
    }

    /** @return list<WorkStep> where the paper is cut; none where nothing is changed */
    private function step(?Length $change, string $what, string $where, string $more = ''): array
    {
        $how = $change?->isPositive() === true ? 'spread' : 'overlap';

        return $change === null ? [] : $this->drawn(
            $change,
            $what,
            "cut across {$where}, {$how} by the amount, front and back the same; keep fold and grain line straight, keep the notches, "
                ."true the side seam.{$more}",
        );
    }

    /** @return list<WorkStep> none where nothing is changed */
    private function drawn(Length $change, string $what, string $how): array
    {
        $verb = $change->isPositive() ? 'Lengthen' : 'Shorten';

        return $change->isZero() ? [] : [new WorkStep('length', "{$verb} {$what} by {$this->said($change->abs())}: {$how}", $change)];
    }

    private function said(Length $length): string
    {
        return ($this->say)($length);
    }
}
