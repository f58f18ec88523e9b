<?php

declare(strict_types=1);

namespace Tests\Support;

use Underbolt\Pattern\Charts\Level;
use Underbolt\Planning\Plan;
use Underbolt\Seam\Gap;
use Underbolt\Work\Facts\MakePieces;

/**
 * Someone at the table who takes a cut sheet literally. There is a tissue with printed lines; the traces are done, then each step's
 * `applies` in order, and then it is looked where each side edge lies. A second one does the pieces' table alone, a third the amounts
 * as they are shown, rounded. All three should end at the stations.
 */
final readonly class LiteralReader
{
    private const SIDES = ['front', 'back'];

    /** Places that hold a level. */
    private const AT = ['bust' => 'underarm', 'waist' => 'waist', 'hip' => 'hip'];

    /** @param  array<string, mixed>  $sheet  as `underbolt:sheet` prints it */
    public function __construct(private array $sheet, private Plan $plan)
    {
    }

    /** @return array<string, float> where the side edge of each piece ends by its steps: by `piece side level`, from the plan's own line, in the file's unit */
    public function bySteps(): array
    {
        $edges = $this->traced();
        foreach ($this->sheet['steps'] as $step) {
            foreach ($step['applies'] as $one) {
                if ($one['edge'] === 'side' && isset($one['level'], $one['amount']) && $one['how'] === 'cut') {
                    $key = "{$one['piece']} {$one['side']} {$one['level']}";
                    $from = isset($one['from']['line']) ? $this->gap($one['side'], $one['level'], $one['from']['line']) : ($edges[$key] ?? 0.0);
                    $edges[$key] = $from + $one['amount'];
                }
            }
        }

        return $edges;
    }

    /** Whether it has a table of pieces: a make whose pattern lists none has none. */
    public function hasPieces(): bool
    {
        return $this->sheet['pieces'] !== [];
    }

    /**
     * The same by the pieces' table alone, or by the rounded amounts that it shows.
     *
     * @return array<string, float>
     */
    public function byPieces(bool $shown): array
    {
        $edges = $this->traced();
        foreach ($this->sheet['pieces'] as $piece) {
            foreach ($piece['amounts'] as $one) {
                if ($one['how'] !== 'cut' || ! in_array($one['edge'], ['each edge', 'front edge', 'back edge'], true)) {
                    continue;
                }
                foreach ($one['side'] === null ? self::SIDES : [$one['side']] as $side) {
                    $key = "{$piece['name']} {$side} {$one['level']}";
                    if (! array_key_exists($key, $edges)) {
                        continue;
                    }
                    $amount = $shown ? self::figure($one['shown']) * ($one['amount'] <=> 0) : $one['amount'];
                    $edges[$key] = (isset($one['from']['line']) ? $this->gap($side, $one['level'], $one['from']['line']) : $edges[$key]) + $amount;
                }
            }
        }

        return $edges;
    }

    /** @return array<string, float> where the stations say that each edge ends, from the plan's own line */
    public function byStations(): array
    {
        $edges = [];
        foreach (array_keys($this->traced()) as $key) {
            [, $side, $level] = self::parts($key);
            foreach ($this->sheet['stations'][$side] ?? $this->sheet['stations']['front'] as $station) {
                if ($station['level'] === $level && $station['move'] !== null) {
                    $edges[$key] = $this->gap($side, $level, $station['from']) + $station['move'];
                }
            }
        }

        return $edges;
    }

    /** @return list<string> what of a step's applies no entry covers, what a piece's table adds or leaves out, and pieces without a line to trace */
    public function faults(): array
    {
        $faults = [];
        $frame = $this->plan->nameOf($this->plan->sizes->first() ?? 0);
        $least = $this->sheet['unit'] === 'in' ? 0.03125 : 0.1;
        $ofSteps = $traced = [];
        foreach ($this->sheet['steps'] as $step) {
            foreach ($step['traces'] ?? [] as $one) {
                $traced = [...$traced, ...$one['pieces']];
            }
            foreach ($step['amounts'] as $one) {
                foreach ($one['pieces'] as $piece) {
                    $ofSteps[$piece][] = ['step' => $step['id'], ...$one];
                }
            }
            $bands = [];
            foreach ($step['applies'] as $one) {
                $isSide = $one['edge'] === 'side' && isset($one['from']['line'], $one['level']);
                $faults = $isSide && $this->line($one['piece'], $one['side'], $one['level']) !== $one['from']['line'] ? [...$faults, "{$step['id']}: {$one['piece']} {$one['level']} counts from a line that is not traced"] : $faults;
                $amount = $one['amount'] ?? $one['up'];
                if ($one['edge'] === 'side_notch') {
                    $bands[$one['piece']] = ($bands[$one['piece']] ?? 0.0) + $amount;
                } elseif (abs($amount) >= $least - 1e-9 || ($one['from']['line'] ?? $frame) !== $frame) {
                    $covering = array_filter($step['amounts'], static fn (array $entry): bool => in_array($one['piece'], $entry['pieces'], true)
                        && $entry['level'] === ($one['level'] ?? $one['stretch']) && abs($entry['amount'] - $amount) < 1e-4 && in_array($entry['side'], [null, $one['side']], true));
                    $faults = $covering === [] ? [...$faults, "{$step['id']}: {$one['piece']} {$one['edge']} ".($one['level'] ?? $one['stretch']).' is told nowhere'] : $faults;
                }
            }
            foreach (array_filter($bands, static fn (float $sum): bool => abs($sum) >= $least - 1e-9) as $piece => $sum) {
                $covering = array_filter($step['amounts'], static fn (array $entry): bool => in_array($piece, $entry['pieces'], true) && abs($entry['amount'] - $sum) < 2e-4);
                $faults = $covering === [] ? [...$faults, "{$step['id']}: the notch of {$piece} is told otherwise"] : $faults;
            }
        }
        foreach ($this->sheet['pieces'] as $piece) {
            $faults = $piece['amounts'] !== ($ofSteps[$piece['name']] ?? []) ? [...$faults, "{$piece['name']}: its table is not its steps"] : $faults;
            $faults = in_array($piece['name'], $traced, true) ? $faults : [...$faults, "{$piece['name']}: no line to trace"];
        }
        foreach ($this->sheet['lines'] as $line) {
            $faults = $line['what'] === [] && $this->isMoved($line['level'], $least) ? [...$faults, "{$line['level']}: moved, and told as printed"] : $faults;
        }

        return $faults;
    }

    private function isMoved(string $level, float $least): bool
    {
        foreach (self::SIDES as $side) {
            foreach ($this->sheet['stations'][$side] ?? [] as $station) {
                if ($station['level'] === $level && $station['told'] !== null && abs($this->gap($side, $level, $station['from']) + $station['move']) >= $least) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return array<string, float> every side edge as it is traced, from the plan's own line there */
    private function traced(): array
    {
        $edges = [];
        foreach (MakePieces::of($this->plan)->all as $piece) {
            foreach (self::SIDES as $side) {
                foreach (Level::cases() as $level) {
                    $isSide = $piece->seam(\Underbolt\Pattern\Pieces\SeamKind::Side) !== null && $piece->reach->holds($level) && ($side === 'front' ? $piece->side->isFront() : $piece->side->isBack());
                    if ($isSide && $this->plan->isOnLine($level)) {
                        $edges["{$piece->name} {$side} {$level->value}"] = $this->gap($side, $level->value, $this->line($piece->name, $side, $level->value));
                    }
                }
            }
        }

        return $edges;
    }

    /** The line that a piece is traced along at a level: where two are, its own comes first. */
    private function line(string $piece, string $side, string $level): string
    {
        foreach ($this->sheet['steps'][0]['traces'] ?? [] as $one) {
            if (in_array($piece, $one['pieces'], true) && in_array($one['side'], [null, $side], true) && in_array($one['at'], ['all', self::AT[$level]], true)) {
                return (string) $one['line'];
            }
        }

        return '';
    }

    /** How far outside the plan's own line at a level another printed one lies. */
    private function gap(string $side, string $level, string $line): float
    {
        $own = ($side === 'front' ? $this->plan->frontBack->front : $this->plan->frontBack->back)->at(Level::from($level)) ?? 0;
        $size = array_search($line, $this->plan->make->pattern->sizes, true);
        $gap = $size === false ? null : Gap::nanometres($this->plan->situation->onLine()[$level], $own, $size);

        return $gap === null ? NAN : $gap / $this->plan->make->unit->nanometres();
    }

    private static function figure(string $shown): float
    {
        preg_match('/^(?:(\d+(?:\.\d+)?)(?=\s+\d+\/|\s*(?:cm|in)))?\s*(?:(\d+)\/(\d+))?/', $shown, $found);

        return (float) ($found[1] ?? 0) + (isset($found[3]) ? (int) $found[2] / (int) $found[3] : 0.0);
    }

    /** @return array{string, string, string} */
    private static function parts(string $key): array
    {
        $words = explode(' ', $key);

        return [implode(' ', array_slice($words, 0, -2)), $words[count($words) - 2], $words[count($words) - 1]];
    }
}
