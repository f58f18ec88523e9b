<?php

declare(strict_types=1);

namespace Underbolt\Practice;

/** What helps where nobody helps, and what is owed to somebody who is measured (common practice, no published source). */
final class MeasuringHelp
{
    public const ALONE = [
        'a mirror, to see from the side whether the tape is level',
        'an elastic tied round the waist, to find it and to measure from it',
        'a string laid round and measured flat, where the tape\'s end can\'t be reached',
        'reading the tape in front, where both ends meet',
        'each figure twice, the tape off between',
        'breathing out and standing as always: no tummy held in',
        'close clothes, or those that are worn underneath',
    ];

    public const SOMEONE_ELSE = [
        'ask before you touch, and before you keep the figures: they are private',
        'say what comes next; the tape lies close and is never pulled tight',
        'let them stand as they always do, arms down, looking ahead, breathed out',
        'for whoever sits, or can\'t raise an arm, the card gives another way at each point',
        'stand at the side: from there front and back of the tape are both seen',
        'read out the figure and nothing else: a body is never wrong, paper is',
    ];
}
