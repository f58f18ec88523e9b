<?php

declare(strict_types=1);

namespace Underbolt\Pattern\Cups;

use Underbolt\Measure\Length;
use Underbolt\Measure\Span;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;

/** What a pattern says about cups: its rule, ranges that have a rule of their own, and the bust rows by cup. */
final readonly class Cups
{
    /**
     * @param  array<string, CupRule>  $byRange  by the name of the range
     * @param  array<string, list<Length|Span|null>>  $body  full-bust rows of the body chart by cup
     * @param  array<string, list<Length|Span|null>>  $finished  the same of the finished garment
     */
    public function __construct(
        private ?CupRule $rule = null,
        private array $byRange = [],
        private array $body = [],
        private array $finished = [],
    ) {
    }

    /** Null where the pattern prints none for this range. */
    public function ruleFor(?string $range): ?CupRule
    {
        return ($range === null ? null : $this->byRange[$range] ?? null) ?? $this->rule;
    }

    /** @return list<string> the cups that have a body row with a figure in it */
    public function withBodyRows(): array
    {
        return self::filled($this->body);
    }

    /** @return list<string> the cups that have a finished row with a figure in it */
    public function withFinishedRows(): array
    {
        return self::filled($this->finished);
    }

    public function bodyChart(string $cup): Chart
    {
        return new Chart([ChartRow::FullBust->value => $this->body[$cup] ?? []]);
    }

    /** Without a row where the finished chart has none for this cup. */
    public function finishedChart(string $cup): Chart
    {
        return new Chart(isset($this->finished[$cup]) ? [ChartRow::FullBust->value => $this->finished[$cup]] : []);
    }

    /** @return list<string> every cup with a row of either chart */
    public function all(): array
    {
        return array_map(strval(...), array_keys($this->body + $this->finished));
    }

    /**
     * @param  array<string, list<Length|Span|null>>  $rows
     * @return list<string>
     */
    private static function filled(array $rows): array
    {
        $filled = array_filter(
            $rows,
            static fn (array $row): bool => array_filter($row, static fn (Length|Span|null $figure): bool => $figure !== null) !== [],
        );

        return array_map(strval(...), array_keys($filled));
    }
}
