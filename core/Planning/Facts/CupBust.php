<?php

declare(strict_types=1);

namespace Underbolt\Planning\Facts;

use Underbolt\Measure\Length;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\RowDoesNotRise;
use Underbolt\Pattern\Charts\SizeChart;
use Underbolt\Pattern\Cups\CupLetter;
use Underbolt\Sizing\CupRow;

/** The full-bust rows that are read for one cup, each taken whole. */
final readonly class CupBust
{
    /**
     * @param  bool  $derived  whether the body row is the general one, moved by whole inches
     * @param  ?string  $bodyFrom  the cup whose printed body row stands in for a missing one; null where none has to
     * @param  ?string  $finishedFrom  the same of the finished row
     */
    private function __construct(
        public ?SizeChart $body,
        public ?SizeChart $finished,
        public bool $derived,
        public ?string $bodyFrom,
        public ?string $finishedFrom,
    ) {
    }

    /**
     * @param  ?string  $draftedCup  whose rows the general ones are; an unknown one counts as B
     *
     * @throws RowDoesNotRise
     */
    public static function of(string $cup, ?string $draftedCup, ChartRows $rows): self
    {
        $drafted = CupLetter::drafted($draftedCup);
        [$body, $bodyFrom] = self::printed($cup, $rows->bodyByCup, $drafted, $rows->body(ChartRow::FullBust), $rows->derivesCups);
        [$finished, $finishedFrom] = self::printed($cup, $rows->finishedByCup, $drafted, $rows->finished(ChartRow::FullBust), false);
        $derived = $body === null;

        return new self(
            $body ?? self::moved($cup, $drafted, $rows->body(ChartRow::FullBust)),
            $finished,
            $derived,
            $bodyFrom,
            $finishedFrom,
        );
    }

    /** Whether both rows are of one cup and printed: the ease between the rows of two cups, or from one that is worked out, is nobody's draft. */
    public function isDrafted(): bool
    {
        return ! $this->derived && $this->bodyFrom === $this->finishedFrom;
    }

    /**
     * @param  array<string, SizeChart>  $byCup  printed rows
     * @param  ?SizeChart  $general  the drafted cup's, where it has no row of its own
     * @param  bool  $movesGeneral  whether the general row, moved, comes before another cup's
     * @return array{?SizeChart, ?string} the row, and whose it is where it is another cup's
     */
    private static function printed(string $cup, array $byCup, string $drafted, ?SizeChart $general, bool $movesGeneral): array
    {
        $named = CupRow::named($drafted, array_keys($byCup));
        $all = $general !== null && $named === null ? [...$byCup, $drafted => $general] : $byCup;
        $own = CupRow::named($cup, array_keys($all));
        if ($own !== null) {
            return [$all[$own], null];
        }
        $nearest = $movesGeneral && $general !== null ? null : CupRow::nearest($cup, array_keys($all));

        return $nearest === null ? [null, null] : [$all[$nearest], $nearest];
    }

    /** The general row an inch a letter further (common practice, no published source). */
    private static function moved(string $cup, string $drafted, ?SizeChart $general): ?SizeChart
    {
        if ($general === null) {
            return null;
        }
        $letters = (CupLetter::place($cup) ?? CupLetter::draftedInches(null)) - CupLetter::draftedInches($drafted);
        $by = Length::ofNumber($letters, Unit::Inch);

        return $general->moved($by);
    }
}
