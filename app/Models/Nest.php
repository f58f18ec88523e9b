<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use stdClass;
use Underbolt\File\NestLines;
use Underbolt\File\NestMarksReader;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Nest\DrawnPiece;
use Underbolt\Nest\EndProposals;
use Underbolt\Nest\Mending\TrueSize;
use Underbolt\Nest\NestDrawing;
use Underbolt\Nest\NestMarks;
use Underbolt\Nest\UnreadableNest;
use Underbolt\Refusal;

/**
 * The drawing of one piece of a pattern in all its sizes, and what is marked on it.
 *
 * @phpstan-import-type KeptNest from NestLines
 *
 * @property int $id
 * @property int $user_id
 * @property int $pattern_id
 * @property 'front'|'back'|'front_lining'|'back_lining'|'skirt_front'|'skirt_back' $piece
 * @property string $name of the file it came from
 * @property string $drawing packed: see `pack`
 * @property stdClass $marks as marked, complete or not
 * @property Pattern $pattern
 */
final class Nest extends Model
{
    use Binnable;
    use Keeps;
    use OwnedByUser;
    use Versioned;

    public const KEPT = ['piece', 'name', 'drawing', 'marks'];

    public const BELONGS_TO = ['user_id', 'pattern_id'];

    /** Between the drawing and what is kept of it, in millimetres. */
    private const WITHIN_MM = 0.002;

    protected $attributes = ['version' => 1, 'marks' => '{}'];

    /** @return BelongsTo<Pattern, $this> */
    public function pattern(): BelongsTo
    {
        return $this->belongsTo(Pattern::class);
    }

    public static function pack(NestDrawing $drawing): string
    {
        return self::packed(NestLines::of($drawing, self::WITHIN_MM));
    }

    /** @param  array<string, mixed>  $kept  a drawing as `NestLines` has it */
    public static function packed(array $kept): string
    {
        return (string) gzcompress(json_encode($kept, JSON_THROW_ON_ERROR), 1);
    }

    public function drawnPiece(): DrawnPiece
    {
        return DrawnPiece::from($this->piece);
    }

    /** As it was brought. */
    public function whole(): NestDrawing
    {
        return NestLines::drawing($this->lines());
    }

    /** What of it is meant: all, or what lies within the frame that is marked. */
    public function drawn(): NestDrawing
    {
        $frame = NestMarksReader::frame($this->marks);

        return $frame === null ? $this->whole() : $this->whole()->framed($frame);
    }

    /**
     * Held against what is known of its pattern; null until that much is marked.
     *
     * @param  NestDrawing  $drawing  of it
     */
    public function held(NestDrawing $drawing, Pattern $pattern): ?TrueSize
    {
        $core = $pattern->toCore(new FaultLog);
        try {
            $document = clone $this->marks;
            $document->piece = $this->piece;

            return $core === null ? null : TrueSize::of($drawing, NestMarksReader::marks($document), $core);
        } catch (Refusal) {
            return null;
        }
    }

    /**
     * @throws UnreadableNest while it is in doubt how large the drawing is
     */
    public function settle(NestDrawing $drawing, Pattern $pattern): void
    {
        $isSaid = ($this->marks->true_size ?? false) === true;
        if (! $isSaid && ! $drawing->hasSize) {
            throw UnreadableNest::at('scale', 'is not said in the file: say that first');
        }
        if (! $isSaid) {
            $this->held($drawing, $pattern)?->settle();
        }
    }

    /** @return KeptNest the drawing as it is kept */
    public function lines(): array
    {
        /** @var KeptNest $kept */
        $kept = json_decode((string) gzuncompress($this->drawing), true, flags: JSON_THROW_ON_ERROR);

        return $kept;
    }

    /**
     * With the ends of those sizes that were not marked.
     *
     * @param  ?array<string, string>  $names  what the sizes are called, by size; null for as the pattern calls them
     * @param  ?list<string>  $sizes  those whose ends are asked for, as they are called; null for all
     *
     * @throws Refusal naming what is missing
     */
    public function marked(NestDrawing $drawing, ?array $names = null, ?array $sizes = null): NestMarks
    {
        $document = clone $this->marks;
        $document->piece = $this->piece;
        $marks = NestMarksReader::marks($document);

        return EndProposals::fill($drawing, $names === null ? $marks : $marks->renamed($names), $sizes);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['marks' => 'object', 'version' => 'integer'];
    }
}
