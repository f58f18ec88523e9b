<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Fault;
use Underbolt\Measure\Length;

/** Looks over the ease the sizes were drawn with for figures that are rather a slip than a design. */
final class EaseLook
{
    /** Ease that changes by more than this from a size to the next is odd: 2.5 cm (common practice, no published source). */
    private const JUMP = 25_000_000;

    /** @return list<Fault> what to look at again; it hinders nothing */
    public static function over(Pattern $pattern): array
    {
        $odd = [];
        foreach ($pattern->drafts() as $draft) {
            foreach (Level::cases() as $level) {
                if ($pattern->hasLevel($level)) {
                    array_push($odd, ...self::along($pattern, $level, $pattern->sizesOfDraft($draft)));
                }
            }
        }

        return $odd;
    }

    /** Finished less body of one size; null where one of the two is not printed. */
    public static function drafted(Pattern $pattern, Level $level, int $size): ?Length
    {
        $body = $pattern->bodyChart->at($level->row(), $size);

        return $body === null ? null : $pattern->finished->at($level->row(), $size)?->minus($body);
    }

    /**
     * @param  list<int>  $sizes
     * @return list<Fault>
     */
    private static function along(Pattern $pattern, Level $level, array $sizes): array
    {
        $odd = [];
        $before = null;
        $close = $pattern->fabric->kind === FabricKind::Woven && $pattern->weightAt($level) === Weight::Critical;
        foreach ($sizes as $size) {
            $ease = self::drafted($pattern, $level, $size);
            if ($ease === null) {
                continue;
            }
            $field = "pattern.finished.{$level->row()->value}[{$size}]";
            if ($before !== null && $ease->minus($before)->abs()->nanometres > self::JUMP) {
                $odd[] = new Fault($field, "the ease jumps at size {$pattern->sizes[$size]}; is one of the two figures a slip?");
            } elseif ($close && $ease->nanometres <= 0) {
                $odd[] = new Fault($field, "size {$pattern->sizes[$size]} of a woven has no ease where it lies close; is this the finished figure?");
            }
            $before = $ease;
        }

        return $odd;
    }
}
