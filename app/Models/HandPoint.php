<?php

declare(strict_types=1);

namespace App\Models;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Point;
use Underbolt\Measure\Unit;
use Underbolt\Practice\Repeat;
use Underbolt\Refusal;

/**
 * How far a hand scatters at a point: by what it read there again and again, or as a make's file said.
 *
 * @phpstan-type KeptHand array{unit: string, readings: list<string>, on: string}|array{spread: string}
 */
final readonly class HandPoint
{
    /** @param  KeptHand  $kept  as it was typed */
    private function __construct(public Point $point, public Length $spread, public ?Repeat $repeat, public array $kept)
    {
    }

    /**
     * @param  KeptHand  $kept
     *
     * @throws Refusal when a figure is none for the point
     */
    public static function read(Point $point, array $kept): self
    {
        if (isset($kept['spread'])) {
            $spread = LengthKind::Allowance->check(Length::parse($kept['spread'], Unit::Centimetre), Unit::Centimetre);

            return new self($point, $spread, null, $kept);
        }
        $unit = Unit::from($kept['unit']);
        $readings = array_map(static fn (string $text): Length => $point->read($text, $unit), $kept['readings']);
        $repeat = $readings === [] ? null : Repeat::of($readings);

        return new self($point, $repeat->spread ?? Length::ofNanometres(0), $repeat, $kept);
    }

    /** The spread with its unit, exactly, as a make's file says it. */
    public function inFile(): string
    {
        $unit = $this->unit() ?? Unit::Centimetre;

        return $this->kept['spread'] ?? json_encode(LengthPrint::number($this->spread, $unit, 7))." {$unit->value}";
    }

    /** Meant where a reading names none; null where there are no readings. */
    public function unit(): ?Unit
    {
        return isset($this->kept['unit']) ? Unit::from($this->kept['unit']) : null;
    }
}
