<?php

declare(strict_types=1);

namespace Tests\Support;

/** Makes of all kinds at random: garments with and without a waist seam, linings, bands, panels; bodies far from the chart; every choice. */
final class RandomMake
{
    private const GARMENTS = [
        [],
        ['front', 'back', 'sleeve', 'collar'],
        ['1 bodice front', '2 bodice back', '3 skirt front', '4 skirt back', '5 sleeve', '6 neck facing', '7 waistband', '8 bodice front lining', '9 bodice back lining', 'skirt front lining', 'skirt back lining'],
        ['centre front', 'side front', 'back', 'side back', 'armhole facing front', 'armhole facing back', 'front lining', 'back lining', 'hem facing'],
        ['front', 'back', 'neck binding', 'armhole binding', 'hem band', 'pocket'],
        ['raglan front', 'raglan back', 'raglan sleeve', 'neck band'],
        ['Vorderteil', 'Rückenteil', 'Ärmel', 'Kragen', 'Beleg Halsausschnitt', 'Futter Vorderteil', 'Futter Rückenteil'],
        ['crop front', 'crop back', 'sleeve', 'cuff', 'button band', 'front facing'],
    ];

    private const SKIRTS = [[], ['front', 'back', 'waistband', 'pocket'], ['front', 'back', 'waistband front', 'waistband back'], ['skirt front', 'skirt back', 'yoke front', 'yoke back', 'waist facing'], ['panel', 'front', 'back', 'front lining', 'back lining']];

    /** @return array<string, mixed> a make file; its choices can be refused where they can't be carried out */
    public static function of(int $seed): array
    {
        mt_srand($seed);
        $inches = mt_rand(0, 3) === 0;
        $skirt = mt_rand(0, 5) === 0;
        $scale = $inches ? 1 / 2.54 : 1;
        $rows = array_slice(['full_bust' => 84, 'waist' => 66, 'hip' => 91], $skirt ? 1 : 0, null, true);
        $chart = array_map(static fn (int $start): array => self::row($start * $scale, $scale), $rows);
        $finished = array_filter(
            array_map(static fn (array $row): array => array_map(static fn (float $figure): float => round($figure + 8 * $scale, 3), $row), $chart),
            static fn (): bool => mt_rand(0, 4) > 0,
        );
        $once = static fn (int $in): bool => mt_rand(1, $in) === 1;
        $pieces = $skirt ? self::SKIRTS[mt_rand(0, 3)] : self::GARMENTS[mt_rand(0, count(self::GARMENTS) - 1)];
        $levels = array_keys(array_filter(['bust' => ! $skirt, 'waist' => true, 'hip' => true]));
        $body = array_map(static fn (array $row): float => round($row[mt_rand(0, 7)] + mt_rand(-40, 40) / 10 * $scale, 2), $chart);
        if (! $skirt && $once(2)) {
            $chart['high_bust'] = array_map(static fn (float $figure): float => round($figure - 5 * $scale, 3), $chart['full_bust']);
            $body['high_bust'] = round($body['full_bust'] - mt_rand(20, 130) / 10 * $scale, 2);
        }
        $byLevel = static fn (callable $value): array => array_filter(array_combine($levels, array_map(static fn (): mixed => $once(3) ? $value() : null, $levels)), static fn (mixed $one): bool => $one !== null);
        $move = static fn (): float => mt_rand(-12, 12) / 10 * $scale;

        return [
            'format' => 'underbolt/make', 'version' => 1, 'unit' => $inches ? 'in' : 'cm',
            'body' => $body + ($once(3) ? ['underarm_to_waist' => 21.5 * $scale, 'waist_to_hip' => 22.5 * $scale, 'waist_to_hem' => 70 * $scale] : []),
            'pattern' => array_filter([
                'name' => 'At random', 'garment' => $skirt ? 'skirt' : null,
                'sizes' => ['8', '10', '12', '14', '16', '18', '20', '22'],
                'body_chart' => $chart, 'finished' => $finished,
                'levels' => (object) $byLevel(static fn (): string => ['critical', 'matters', 'free'][mt_rand(0, 2)]),
                'pieces' => array_map(static fn (string $name): array => ['name' => $name] + ($once(3) ? ['times' => 2] : []), $pieces),
                'seam' => array_filter([
                    'edges' => (object) $byLevel(static fn (): int => [4, 6, 8][mt_rand(0, 2)]),
                    'underarm_to_waist' => $once(5) ? null : 20 * $scale, 'waist_to_hip' => $once(5) ? null : 20 * $scale,
                    'hip_to_hem' => $once(4) ? null : 40 * $scale, 'hem_allowance' => 3 * $scale, 'seam_allowance' => 1.5 * $scale,
                ], static fn (mixed $one): bool => $one !== null),
            ], static fn (mixed $one): bool => $one !== null && $one !== []),
            'choices' => array_filter([
                'pick' => ['level', 'best', 'one_size'][mt_rand(0, 2)], 'ease' => ['chart', 'drafted'][mt_rand(0, 1)],
                'between' => ['up', 'down', 'nearest'][mt_rand(0, 2)], 'blend' => ['curved', 'straight'][mt_rand(0, 1)],
                'adjust_bust' => ! $skirt && $once(3) ? true : null, 'method' => ['pivot', 'slash', null][mt_rand(0, 2)], 'spread' => $once(2) ? 'side' : null,
                'take' => (object) $byLevel(static fn (): string => ['in_line', 'sew', 'leave'][mt_rand(0, 2)]),
                'by_hand' => (object) $byLevel(static fn (): array => ['front' => $move(), 'back' => $move()]),
                'front_larger' => (object) $byLevel(static fn (): int => mt_rand(-2, 2)),
                'centre_back' => (object) ($once(4) ? $byLevel($move) : []),
                'lengths' => (object) ($once(3) ? ['above_waist' => $move(), 'hem' => $move() * 3] : []),
                'order' => [null, 'length_first', 'blend_first'][mt_rand(0, 2)],
            ], static fn (mixed $one): bool => $one !== null),
            'fitting' => (object) ($once(4) ? ['tracing' => 2, 'findings' => [
                ['place' => 'armhole', 'what' => 'raise', 'amount' => 1 * $scale, 'where' => 'both', 'tracing' => 2],
                ['place' => $levels[mt_rand(0, count($levels) - 1)], 'what' => ['narrower', 'wider'][mt_rand(0, 1)], 'amount' => 0.3 * $scale, 'tracing' => 2],
            ]] : []),
        ];
    }

    /** @return list<float> eight figures that rise */
    private static function row(float $start, float $scale): array
    {
        $row = [round($start, 3)];
        for ($i = 1; $i < 8; $i++) {
            $row[] = round($row[$i - 1] + mt_rand(30, 55) / 10 * $scale, 3);
        }

        return $row;
    }
}
