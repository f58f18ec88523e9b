<?php

declare(strict_types=1);

namespace Underbolt\Advice;

/** A school of choosing a size, as the plan's opinions name it. */
enum School: string
{
    case ChartUp = 'chart_up';
    case ChartDown = 'chart_down';
    case ChartNearest = 'chart_nearest';
    case Drafted = 'drafted';
    case Liked = 'liked';
    case Quarters = 'quarters';

    /** No school of sizes: a suggestion from the half girths, never chosen by itself. */
    case FrontLarger = 'front_larger';

    public function name(): string
    {
        return match ($this) {
            self::ChartUp => 'chart, going up',
            self::ChartDown => 'chart, going down',
            self::ChartNearest => 'chart, the nearer',
            self::Drafted => 'intended fit',
            self::Liked => 'the ease you like',
            self::Quarters => 'tape by quarters',
            self::FrontLarger => 'front and back apart',
        };
    }
}
