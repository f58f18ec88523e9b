<?php

declare(strict_types=1);

namespace Underbolt\Planning;

use Underbolt\Altering\AdjustmentKind;
use Underbolt\Altering\AdjustmentMethod;
use Underbolt\Altering\BustAdjustment;
use Underbolt\Altering\LengthChanges;
use Underbolt\Altering\WorkOrder;
use Underbolt\Measure\Length;
use Underbolt\Pattern\LengthenLine;

/** What is done to the paper, one change after the other, each on a fresh tracing so that one can step back. */
final readonly class WorkPlan
{
    /** A waist that moves by more than this is put in place before the blend is drawn: 1 cm (common practice, no published source). */
    private const MOVES_WAIST = 10_000_000;

    /** @param  list<WorkStep>  $steps in order, one tracing each */
    private function __construct(public WorkOrder $order, public string $why, public array $steps)
    {
    }

    /**
     * @param  array<string, int>  $sizes  by level
     * @param  list<FrontBack>  $unlike
     */
    public static function of(Make $make, array $sizes, LengthChanges $lengths, ?BustAdjustment $bust, array $unlike): self
    {
        [$order, $why] = self::order($make, $lengths->aboveWaist);
        $blend = count(array_unique($sizes)) > 1
            ? [new WorkStep('blend', 'Draw the blend from the stations, front and back alike, and walk the two side seams against each other. Facing, lining, band and skirt get the same change.')]
            : [];
        $length = self::lengths($make, $lengths);
        $steps = $order === WorkOrder::LengthFirst ? [...$length, ...$blend] : [...$blend, ...$length];

        return new self($order, $why, [...$steps, ...self::unlike($make, $unlike), ...self::bust($make, $bust)]);
    }

    /** @return array{WorkOrder, string} */
    private static function order(Make $make, ?Length $aboveWaist): array
    {
        $moved = $aboveWaist?->abs();

        return match (true) {
            $make->choices->order !== null => [$make->choices->order, 'You chose it.'],
            $moved !== null && $moved->nanometres > self::MOVES_WAIST => [WorkOrder::LengthFirst, "The waist moves by {$make->say($moved)}: put it in place before the blend is drawn to it."],
            default => [WorkOrder::BlendFirst, 'The waist stays where it is, or nearly: blend, then length, then bust.'],
        };
    }

    /** @return list<WorkStep> */
    private static function lengths(Make $make, LengthChanges $lengths): array
    {
        $lines = $make->pattern->notes->lines;
        $printed = static fn (LengthenLine $line, string $where, string $else): string => in_array($line, $lines, true) ? "at the printed line {$where}" : $else;
        $all = [
            [$lengths->aboveWaist, 'above the waist', $printed(LengthenLine::AboveWaist, 'between underarm and waist', 'half way between underarm and waist, square to the grain')],
            [$lengths->belowWaist, 'between waist and hip', $printed(LengthenLine::BelowWaist, 'between waist and hip', 'half way between waist and hip, square to the grain')],
            [$lengths->hem, 'at the hem', $printed(LengthenLine::Hem, 'above the hem', 'at the hem edge; where a slit or notch stands, cut between it and the hip instead')],
            [$lengths->sleeve, 'in the sleeve', $printed(LengthenLine::Sleeve, 'in the sleeve', 'half way between underarm and elbow')],
        ];
        $steps = [];
        foreach ($all as [$change, $what, $where]) {
            if ($change !== null && ! $change->isZero()) {
                $verb = $change->nanometres > 0 ? 'Lengthen' : 'Shorten';
                $how = $change->nanometres > 0 ? 'spread' : 'overlap';
                $steps[] = new WorkStep('length', "{$verb} {$what} by {$make->say($change->abs())}: cut across {$where}, {$how} by the amount, front and back the same; keep fold and grain line straight, keep the notches, true the side seam.");
            }
        }

        return $steps;
    }

    /**
     * @param  list<FrontBack>  $unlike
     * @return list<WorkStep>
     */
    private static function unlike(Make $make, array $unlike): array
    {
        if ($unlike === []) {
            return [];
        }
        $places = array_map(static fn (FrontBack $one): string => "at the {$one->level->value} the front in {$make->pattern->sizes[$one->front]} and the back in {$make->pattern->sizes[$one->back]}", $unlike);

        return [new WorkStep('front_back', 'Cut '.implode(', ', $places).'. The front half of the sleeve cap follows the front, the back half the back; walk the side seams against each other.')];
    }

    /** @return list<WorkStep> */
    private static function bust(Make $make, ?BustAdjustment $bust): array
    {
        if ($bust === null || $bust->kind === AdjustmentKind::None) {
            return [];
        }
        $kind = $bust->kind === AdjustmentKind::Full ? 'Full' : 'Small';
        $total = $make->say($bust->total->abs());

        return [new WorkStep('bust', $bust->method === AdjustmentMethod::Pivot
            ? "{$kind} bust adjustment of {$total}: pivot {$make->say($bust->perEdge()->abs())} at each of the four edges, from the shoulder end of the armhole and back at the underarm; skirt and waistband slide by what the waist gets."
            : "{$kind} bust adjustment of {$total}: slash and ".($bust->total->nanometres > 0 ? 'spread' : 'overlap')." the front only, {$make->say($bust->perFrontHalf()->abs())} on each front half; the back stays.")];
    }
}
