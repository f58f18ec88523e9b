<?php

declare(strict_types=1);

namespace App\Http\Resources\Fitting;

use App\Models\Make;
use App\Records\MakeHistory;
use stdClass;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthPrint;
use Underbolt\Measure\Unit;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Wearing\Learned;
use Underbolt\Wearing\LearnedWords;

/** What earlier makes teach for one level; taken only by hand. */
final readonly class OfferData
{
    /**
     * @param  value-of<Level>  $level
     * @param  ?string  $liked_ease  to be typed as the ease that is liked
     * @param  ?string  $least_ease  to be typed as the least ease
     * @param  bool  $is_taken  the make has it already
     */
    private function __construct(
        public string $level,
        public string $words,
        public ?string $liked_ease,
        public ?string $least_ease,
        public bool $is_taken,
    ) {
    }

    /** @return list<self> from the top down */
    public static function all(Make $make, MakeHistory $history, Unit $unit): array
    {
        $learned = $history->learned();
        $say = static fn (Length $length): string => LengthPrint::sentence($length, $unit);

        return array_map(static fn (string $level, Learned $one): self => new self(
            Level::from($level)->value,
            LearnedWords::of($one, $history->garment, $history->cloth, $say),
            $one->ease === null ? null : $say($one->ease),
            $one->moreThan === null ? null : $say($one->least($unit) ?? $one->moreThan),
            self::has($make, $one->ease === null ? 'least_ease' : 'liked_ease', $level, $one->ease ?? $one->least($unit), $unit),
        ), array_keys($learned), array_values($learned));
    }

    /** Whether an ease, as it is told, is what the make has typed. */
    private static function has(Make $make, string $key, string $level, ?Length $ease, Unit $unit): bool
    {
        $eases = $make->choices->{$key} ?? null;
        $typed = $eases instanceof stdClass ? $eases->{$level} ?? null : null;
        $length = is_string($typed) || is_numeric($typed) ? Length::tryParse((string) $typed, $make->unit) : null;

        return $ease !== null && $length !== null && LengthPrint::sentence($length, $unit) === LengthPrint::sentence($ease, $unit);
    }
}
