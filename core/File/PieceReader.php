<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\PatternKeys;
use Underbolt\File\Keys\PieceKeys;
use Underbolt\File\Keys\PieceSeamKeys;
use Underbolt\File\Keys\SeamAtKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Typed\Known;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Pattern\Pieces\GarmentShape;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceProposal;
use Underbolt\Pattern\Pieces\PieceSeam;
use Underbolt\Pattern\Pieces\Reach;
use Underbolt\Pattern\Pieces\ReachEnd;
use Underbolt\Pattern\Pieces\SeamAt;

/** Reads the pieces of a pattern: what is not typed of one is as its name proposes, so that older files are read. */
final readonly class PieceReader
{
    private function __construct(private PieceKeys $keys, private GarmentShape $shape)
    {
    }

    /**
     * @param  Fields  $pattern  its fields
     * @return list<Piece>
     */
    public static function all(Fields $pattern, PatternKeys $keys, FabricKind $fabric): array
    {
        $pieces = $pattern->all($keys->pieces);
        $self = new self($own = new PieceKeys, self::shape($pattern, $keys, $fabric, array_values(array_filter(array_map(static fn (Fields $piece): string => $piece->get($own->name) ?? '', $pieces), static fn (string $name): bool => $name !== ''))));

        return Known::of(array_map($self->piece(...), $pieces));
    }

    /** @param  list<string>  $names */
    public static function shape(Fields $pattern, PatternKeys $keys, FabricKind $fabric, array $names): GarmentShape
    {
        $garment = $pattern->get($keys->garment);
        $hasBust = $garment === null ? isset($pattern->byName($keys->bodyChart)[ChartRow::FullBust->value]) : in_array(Level::Bust, $garment->levels(), true);

        return GarmentShape::of($hasBust, $fabric === FabricKind::Knit || $garment === Garment::KnitTop, $pattern->sure($keys->name), $names);
    }

    private function piece(Fields $fields): ?Piece
    {
        $keys = $this->keys;
        $name = $fields->get($keys->name);
        if ($name === null) {
            return null;
        }
        $proposed = PieceProposal::of($name, $this->shape, $fields->get($keys->follows), $fields->get($keys->times), $fields->get($keys->onFold) ?? false);
        $seams = $fields->get($keys->seams);

        return new Piece(
            name: $name,
            follows: $proposed->follows,
            cups: $fields->all($keys->cups),
            times: $proposed->times,
            partOf: $fields->get($keys->partOf) ?? $proposed->partOf,
            layer: $fields->get($keys->layer) ?? $proposed->layer,
            of: $fields->get($keys->of),
            side: $fields->get($keys->side) ?? $proposed->side,
            seams: $seams === null ? $proposed->seams : Known::of(array_map(self::seam(...), $seams)),
            reach: self::reach($fields, $keys) ?? $proposed->reach,
            timesLining: $fields->get($keys->timesLining),
            isOnFold: $fields->get($keys->onFold) ?? $proposed->isOnFold,
            views: $fields->all($keys->views),
            fits: $fields->all($keys->fits),
        );
    }

    private static function seam(Fields $fields): ?PieceSeam
    {
        $keys = new PieceSeamKeys;
        $kind = $fields->get($keys->kind);
        $at = $fields->get($keys->at);

        return $kind === null ? null : new PieceSeam($kind, $at === null ? null : self::at($at), $fields->sure($keys->joins));
    }

    private static function at(Fields $fields): ?SeamAt
    {
        $keys = new SeamAtKeys;
        $level = $fields->get($keys->level);
        $below = $fields->get($keys->below);

        return $level === null || $below === null ? null : new SeamAt($level, $below);
    }

    private static function reach(Fields $fields, PieceKeys $keys): ?Reach
    {
        /** @var list<ReachEnd> $ends */
        $ends = $fields->all($keys->reaches);
        if (count($ends) !== 2) {
            return null;
        }
        if ($ends[0]->position() > $ends[1]->position()) {
            $fields->node($keys->reaches)?->fault('must run down the body: the upper end first');
        }

        return new Reach($ends[0], $ends[1]);
    }
}
