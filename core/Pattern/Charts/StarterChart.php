<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Charts;

/** Body charts to start from where an envelope prints none. Girths in whole centimetres. */
enum StarterChart: string
{
    case En13402 = 'en_13402_3';
    case Regular = 'regular';

    public function name(): string
    {
        return $this === self::En13402 ? 'EN 13402-3, women, interval middles' : 'Plain regular chart, 4 cm apart';
    }

    public function source(): string
    {
        return $this === self::En13402
            ? 'EN 13402-3:2004, girths of women, middles of the intervals; given from memory, so check it against the standard '
                .'before you rely on it.'
            : 'No source: invented, every size 4 cm larger than the one before at bust, waist and hip.';
    }

    public function means(): ChartMeaning
    {
        return ChartMeaning::Middle;
    }

    /** @return list<string> */
    public function sizes(): array
    {
        return array_map(
            static fn (int $bust): string => (string) $bust,
            $this === self::En13402 ? self::EN_BUST : range(80, 128, 4),
        );
    }

    /** @return array<string, list<int>> by row, in centimetres */
    public function rows(): array
    {
        return $this === self::En13402
            ? ['full_bust' => self::EN_BUST, 'waist' => self::EN_WAIST, 'hip' => self::EN_HIP]
            : ['full_bust' => range(80, 128, 4), 'waist' => range(62, 110, 4), 'hip' => range(88, 136, 4)];
    }

    private const EN_BUST = [76, 80, 84, 88, 92, 96, 100, 104, 110, 116, 122, 128];

    private const EN_WAIST = [60, 64, 68, 72, 76, 80, 84, 88, 94, 100, 106, 112];

    private const EN_HIP = [84, 88, 92, 96, 100, 104, 108, 112, 117, 122, 127, 132];
}
