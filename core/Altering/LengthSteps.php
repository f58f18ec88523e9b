<?php

declare(strict_types=1);

namespace Underbolt\Altering;

use Underbolt\Measure\Length;
use Underbolt\Pattern\LengthenLine;

/** What is done to the length of the paper, each change where it does no harm. */
final readonly class LengthSteps
{
    /**
     * @param  list<LengthenLine>  $printed  the lines that the paper has
     * @param  callable(Length): string  $say
     */
    public function __construct(private LengthChanges $lengths, private array $printed, private mixed $say)
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
        $moved = $this->lengths->aboveWaist === null || $this->lengths->aboveWaist->isZero() ? 'the paper\'s waist' : 'the changed waist';

        return [
            ...$this->step(
                $this->lengths->hem,
                'at the hem',
                $this->place(
                    LengthenLine::Hem,
                    'above the hem',
                    'at the hem edge; where a slit or notch stands, cut between it and the hip instead',
                ),
                " It is counted from {$moved}.",
            ),
            ...$this->step(
                $this->lengths->sleeve,
                'in the sleeve',
                $this->place(LengthenLine::Sleeve, 'in the sleeve', 'half way between underarm and elbow'),
            ),
        ];
    }

    private function place(LengthenLine $line, string $where, string $else): string
    {
        return in_array($line, $this->printed, true) ? "at the printed line {$where}" : $else;
    }

    /** @return list<WorkStep> none where nothing is changed */
    private function step(?Length $change, string $what, string $where, string $more = ''): array
    {
        if ($change === null || $change->isZero()) {
            return [];
        }
        [$verb, $how] = $change->isPositive() ? ['Lengthen', 'spread'] : ['Shorten', 'overlap'];

        return [
            new WorkStep(
                'length',
                "{$verb} {$what} by {$this->said($change->abs())}: cut across {$where}, {$how} by the amount, front and back the "
                    ."same; keep fold and grain line straight, keep the notches, true the side seam.{$more}",
                $change,
            ),
        ];
    }

    private function said(Length $length): string
    {
        return ($this->say)($length);
    }
}
