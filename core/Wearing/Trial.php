<?php

declare(strict_types=1);

namespace Underbolt\Wearing;

/** A way to try a make before its cloth is cut (common practice, no published source). */
enum Trial: string
{
    case Tissue = 'tissue';
    case Toile = 'toile';
    case Lining = 'lining';

    public function words(): string
    {
        return match ($this) {
            self::Tissue => 'Tissue: pin on the stitching line',
            self::Toile => 'Toile of the bodice',
            self::Lining => 'Cut the lining first and try it on',
        };
    }

    public function how(): string
    {
        return match ($this) {
            self::Tissue => 'Pin the pieces wrong sides together on their stitching lines, allowances outside, and hold them to one half of the body.',
            self::Toile => 'Cut the part that matters in cheap cloth of the same weight, staystitch neck and armholes, tack it, and try it on over what is worn underneath.',
            self::Lining => 'Cut the lining by the line before the cloth, staystitch neck and armholes and tack it: it is the toile, and stays in the garment.',
        };
    }

    /** @return list<TrialQuestion> paper can't be sat down in */
    public function questions(): array
    {
        return $this === self::Tissue
            ? [TrialQuestion::Reaches, TrialQuestion::Gapes, TrialQuestion::Level]
            : TrialQuestion::cases();
    }
}
