<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Measure\Span;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Cups\CupLetter;

/**
 * A bust row for each cup, by its letter.
 *
 * @implements Shape<array<string, Node>>
 */
final readonly class CupRowsShape implements Shape
{
    /** @param  bool  $hasRanges  whether a body chart's */
    public function __construct(private bool $hasRanges = false)
    {
    }

    /** @return array<string, Node> the rows: only the pattern knows how many figures they have */
    public function read(Node $node): array
    {
        $rows = array_filter($node->entries(), static fn (Node $row): bool => ! $row->isNull());
        foreach ($rows as $cup => $row) {
            if (CupLetter::place($cup) === null) {
                $row->fault(CupLetter::unknown($cup));
            }
        }

        return $rows;
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $this->rows()->worded($typed, $unit);
    }

    public function schema(Dialect $dialect): array
    {
        return $this->rows()->schema($dialect);
    }

    /** @return EntriesShape<list<Length|Span|null>> */
    private function rows(): EntriesShape
    {
        // A schema's expressions know no flag for small letters.
        $letters = array_map(
            static fn (string $cup): string => (string) preg_replace_callback(
                '/./',
                static fn (array $letter): string => "[{$letter[0]}".strtolower($letter[0]).']',
                $cup,
            ),
            CupLetter::all(),
        );

        return new EntriesShape(new RowShape($this->hasRanges ? new SpanShape(LengthKind::Girth) : new LengthShape(LengthKind::Girth)), '('.implode('|', $letters).')$');
    }
}
