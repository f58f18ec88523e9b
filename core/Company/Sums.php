<?php

declare(strict_types=1);

namespace Underbolt\Company;

use Underbolt\Measure\Length;
use Underbolt\Pattern\Paper\Range;
use Underbolt\Refusal;
use Underbolt\Work\ShoppingNeed;

/** What a whole company needs: how many of each size and envelope, cloth and notions in all. */
final readonly class Sums
{
    /**
     * @param  int  $planned  how many have a plan
     * @param  list<SizeCount>  $sizes  those that are cut, the smallest first
     * @param  list<NamedCount>  $envelopes
     * @param  list<ClothSum>  $cloth  a cloth that is listed in several widths stands in each: one of them is bought
     * @param  list<NamedCount>  $notions  by their name with what the table says of them
     */
    private function __construct(
        public int $planned,
        public array $sizes,
        public array $envelopes,
        public array $cloth,
        public array $notions,
    ) {
    }

    /** @param  array<Row|Refusal|null>  $planned  of one pattern; those without a plan need nothing */
    public static function of(array $planned): self
    {
        $rows = array_values(array_filter($planned, static fn (Row|Refusal|null $row): bool => $row instanceof Row));
        $needs = array_merge([], ...array_map(static fn (Row $row): array => $row->needs, $rows));
        $isCloth = static fn (ShoppingNeed $need): bool => $need->width !== null || $need->amount !== null;
        $notions = array_filter($needs, static fn (ShoppingNeed $need): bool => ! $isCloth($need));

        return new self(
            planned: count(array_filter($rows, static fn (Row $row): bool => $row->plan->waitsFor() === [])),
            sizes: self::sizes($rows),
            envelopes: self::envelopes($rows),
            cloth: self::cloth(array_filter($needs, $isCloth)),
            notions: self::counted(array_map(
                static fn (ShoppingNeed $need): string => trim("{$need->name} {$need->text}").($need->view === null ? '' : ", view {$need->view}"),
                $notions,
            ), []),
        );
    }

    /**
     * @param  list<Row>  $rows
     * @return list<SizeCount>
     */
    private static function sizes(array $rows): array
    {
        /** @var array<int, array<string, int>> $counts by the size's place in the pattern's list */
        $counts = $names = [];
        foreach ($rows as $row) {
            foreach (array_filter($row->plan->levels) as $level => $at) {
                $names[$at->size] ??= $row->plan->nameOf($at->size);
                $counts[$at->size][$level] = ($counts[$at->size][$level] ?? 0) + 1;
            }
        }
        ksort($counts);

        return array_map(static fn (int $size): SizeCount => new SizeCount($names[$size], $counts[$size]), array_keys($counts));
    }

    /**
     * @param  list<Row>  $rows
     * @return list<NamedCount>
     */
    private static function envelopes(array $rows): array
    {
        $all = array_merge([], ...array_map(static fn (Row $row): array => $row->envelopes, $rows));
        $toGet = array_filter($all, static fn (Range $range): bool => ! $range->owned);
        $name = static fn (Range $range): string => $range->name;

        return self::counted(array_map($name, $all), array_map($name, $toGet));
    }

    /**
     * @param  array<string>  $names
     * @param  array<string>  $toGet
     * @return list<NamedCount> in the order in which they first come
     */
    private static function counted(array $names, array $toGet): array
    {
        return array_map(
            static fn (string $name): NamedCount => new NamedCount($name, count(array_keys($names, $name, true)), in_array($name, $toGet, true)),
            array_values(array_unique($names)),
        );
    }

    /**
     * @param  array<ShoppingNeed>  $needs
     * @return list<ClothSum>
     */
    private static function cloth(array $needs): array
    {
        $sums = [];
        foreach ($needs as $need) {
            $key = "{$need->name}|{$need->view}|{$need->width?->nanometres}";
            $sums[$key] = ($sums[$key] ?? new ClothSum($need->name, $need->view, $need->width, Length::zero(), 0, 0))->with($need->amount);
        }

        return array_values($sums);
    }
}
