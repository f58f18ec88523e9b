<?php

declare(strict_types=1);

namespace Underbolt\Pattern;

use Underbolt\Fault;
use Underbolt\Pattern\Charts\Weight;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Range;

/** Looks over the ease the sizes were drawn with for figures that are rather a slip than a design. */
final class EaseLook
{
    /** Ease that changes by more than this from a size to the next is odd: 2.5 cm (common practice, no published source). */
    private const JUMP_NM = 25_000_000;

    /** @return list<Fault> what to look at again; it hinders nothing */
    public static function over(Pattern $pattern): array
    {
        $odd = [];
        foreach (DraftedEase::all($pattern) as $row) {
            foreach ($pattern->drafts() as $draft) {
                array_push($odd, ...self::askedFirst($pattern, $row, self::along($pattern, $row, $pattern->sizesOfDraft($draft)), $draft));
            }
        }

        return array_values(array_unique($odd, SORT_REGULAR));
    }

    /**
     * What a cup's ease is counted from is a guess while nobody has said which cup the envelope is drawn for: that is asked, once.
     *
     * @param  list<Fault>  $odd
     * @return list<Fault>
     */
    private static function askedFirst(Pattern $pattern, DraftedEase $row, array $odd, string $draft): array
    {
        if ($odd === [] || ! $row->isFromDraftedCup) {
            return $odd;
        }
        foreach ($pattern->ranges as $at => $range) {
            if ($range->draft === $draft && $range->draftedCup === null && $range->name !== Range::ALL) {
                return [new Fault("pattern.ranges[{$at}].drafted_cup", "which cup is {$range->name} drawn for? Until that is said the ease of its cups can't be told")];
            }
        }

        return $odd;
    }

    /**
     * @param  list<int>  $sizes
     * @return list<Fault>
     */
    private static function along(Pattern $pattern, DraftedEase $row, array $sizes): array
    {
        $odd = [];
        $before = null;
        $close = $pattern->fabric->kind === FabricKind::Woven && $pattern->weightAt($row->level) === Weight::Critical;
        foreach ($sizes as $size) {
            $ease = $row->ease[$size];
            if ($ease === null) {
                continue;
            }
            $field = "pattern.{$row->path}[{$size}]";
            if ($before !== null && $ease->minus($before)->abs()->nanometres > self::JUMP_NM) {
                $odd[] = new Fault($field, "the ease jumps at size {$pattern->sizes[$size]}; is one of the two figures a slip?");
            } elseif ($close && ! $ease->isPositive()) {
                $odd[] = new Fault(
                    $field,
                    "size {$pattern->sizes[$size]} of a woven has no ease where it lies close; is this the finished figure?",
                );
            }
            $before = $ease;
        }

        return $odd;
    }
}
