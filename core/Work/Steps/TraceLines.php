<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Pieces\Follows;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Pattern\Pieces\SeamKind;
use Underbolt\Work\Facts\MakePieces;

/** Which printed lines every piece of a make is traced along, and where on it. */
final readonly class TraceLines
{
    /** @var list<string> of the envelopes that the lines lie in, where these are several */
    private array $tissues;

    private function __construct(private Given $given)
    {
        $used = [];
        foreach (array_unique([$given->frame(), ...$given->plan->cutSizes()]) as $size) {
            $used[] = $this->envelope($size);
        }
        $used = array_values(array_unique($used));
        $this->tissues = count($used) > 1 ? $used : [];
    }

    /** @return list<Traced> piece by piece */
    public static function of(Given $given): array
    {
        $self = new self($given);

        return array_merge([], ...array_map($self->piece(...), $given->pieces->all));
    }

    /** @return list<Traced> */
    private function piece(Piece $piece): array
    {
        return match (true) {
            $piece->follows === Follows::OneSize => [new Traced([$piece->name], null, null, 'all', null)],
            $piece->side === PieceSide::Sleeve => $this->sleeve($piece),
            $piece->has(SeamKind::Side) => $this->sided($piece),
            default => [$this->traced($piece, null, $this->given->sizeOf($piece), 'all')],
        };
    }

    /** @return list<Traced> its head is the frame's; under the arm each half has its own size */
    private function sleeve(Piece $piece): array
    {
        [$front, $back] = [$this->given->own(PieceSide::Front, Level::Bust), $this->given->own(PieceSide::Back, Level::Bust)];
        if ($front === $back || ! $piece->has(SeamKind::SleeveSeam)) {
            return [$this->traced($piece, null, $this->given->frame(), 'all')];
        }

        return [
            $this->traced($piece, null, $this->given->frame(), 'head'),
            $this->traced($piece, PieceSide::Front, $front, 'underarm'),
            $this->traced($piece, PieceSide::Back, $back, 'underarm'),
        ];
    }

    /** @return list<Traced> */
    private function sided(Piece $piece): array
    {
        $sides = array_values(array_filter(Given::SIDES, static fn (PieceSide $side): bool => MakePieces::isOf($piece, $side)));
        $along = [PieceSide::Front->value => $this->along($piece, PieceSide::Front), PieceSide::Back->value => $this->along($piece, PieceSide::Back)];
        // Alike in front and at the back it is told without a side, whichever the piece lies on.
        $isAlike = $along[PieceSide::Front->value] === $along[PieceSide::Back->value];
        $traced = [];
        foreach ($isAlike ? array_slice($sides, 0, 1) : $sides as $side) {
            $told = $isAlike ? null : $side;
            $places = $along[$side->value];
            if (count(array_unique(array_column($places, 1))) === 1) {
                $traced[] = $this->traced($piece, $told, $places[0][1], 'all');

                continue;
            }
            foreach ($places as [$place, $size]) {
                $traced[] = $this->traced($piece, $told, $size, $place);
            }
        }

        return $traced;
    }

    /** @return non-empty-list<array{'neck_shoulder'|'underarm'|'waist'|'hip'|'hem'|'waist_edge', int}> places from the top down, each with its size */
    private function along(Piece $piece, PieceSide $side): array
    {
        $given = $this->given;
        $isFramed = $piece->has(SeamKind::Neck) || $piece->has(SeamKind::Shoulder) || $piece->has(SeamKind::Armhole);
        $places = $isFramed ? [['neck_shoulder', $given->frame()]] : [];
        $last = null;
        foreach ($given->levels as $level) {
            $last = $given->own($side, $level);
            if ($piece->reach->holds($level)) {
                $place = $level === Level::Bust ? 'underarm' : $level->value;
                $places[] = [$place, $last];
                $on = $given->on($side, $level);
                $places = $on === null ? $places : [...$places, [$place, $on]];
            }
        }
        if ($piece->has(SeamKind::Waist)) {
            $places[] = ['waist_edge', $given->own($side, Level::Waist)];
        }
        if ($piece->has(SeamKind::Hem) || $places === []) {
            $places[] = ['hem', $last ?? $given->frame()];
        }

        return $places;
    }

    /** @param  'all'|'neck_shoulder'|'head'|'underarm'|'waist'|'hip'|'hem'|'waist_edge'  $at */
    private function traced(Piece $piece, ?PieceSide $side, int $line, string $at): Traced
    {
        return new Traced([$piece->name], $side, $line, $at, $this->tissues === [] ? null : $this->envelope($line));
    }

    private function envelope(int $size): string
    {
        foreach ($this->given->plan->make->pattern->ranges as $range) {
            if (in_array($size, $range->sizes, true)) {
                return $range->told();
            }
        }

        return '';
    }
}
