<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Chart;
use Underbolt\Pattern\ChartRow;
use Underbolt\Pattern\FinishedFor;
use Underbolt\Pattern\FinishedParts;
use Underbolt\Pattern\FlatCheck;
use Underbolt\Pattern\FlatPanel;
use Underbolt\Pattern\Level;

/** Reads finished figures that hold for one view, fit or cup, and those measured from the tissue. */
final class FinishedReader
{
    private const MOST_PARTS = 40;

    private const MOST_PANELS = 12;

    /**
     * @param  array<string, Node>  $fields  the pattern's
     * @param  non-empty-list<string>  $sizes
     * @param  ?Length  $seamAllowance  the pattern's, which a check takes that gives none
     */
    public static function read(array $fields, array $sizes, ?Length $seamAllowance): FinishedParts
    {
        $views = self::names($fields['views'] ?? null);
        $fits = self::names($fields['fits'] ?? null);
        $only = [];
        foreach (($fields['finished_by'] ?? null)?->items(self::MOST_PARTS) ?? [] as $item) {
            $only[] = self::part($item, $views, $fits, count($sizes));
        }
        $flat = [];
        $checks = ($fields['flat_checks'] ?? null)?->fields(array_column(Level::cases(), 'value')) ?? [];
        // From the top of the body down, in whatever order they were typed.
        foreach (Level::cases() as $level) {
            if (isset($checks[$level->value])) {
                $flat[$level->value] = self::flat($checks[$level->value], $level, $sizes, $seamAllowance);
            }
        }

        return new FinishedParts($views, $fits, $only, array_filter($flat));
    }

    /** The finished chart with the rows that only the tissue tells; what is printed wins. */
    public static function filled(Chart $printed, FinishedParts $parts, Chart $body, int $sizes): Chart
    {
        $taken = [];
        foreach ($parts->flat as $check) {
            if (! $printed->has($check->level->row())) {
                $taken[$check->level->row()->value] = $check->row($body, $sizes);
            }
        }

        return $printed->with(new Chart($taken));
    }

    /** @return list<ChartRow> that a finished chart may have */
    public static function rows(): array
    {
        return array_values(array_filter(ChartRow::cases(), static fn (ChartRow $row): bool => $row->isFinished()));
    }

    /** @return list<string> */
    private static function names(?Node $node): array
    {
        $names = array_map(static fn (Node $item): ?string => $item->text(), $node?->items(self::MOST_PARTS) ?? []);

        return array_values(array_unique(array_filter($names, static fn (?string $name): bool => $name !== null)));
    }

    /**
     * @param  list<string>  $views
     * @param  list<string>  $fits
     */
    private static function part(Node $node, array $views, array $fits, int $sizes): FinishedFor
    {
        $fields = $node->fields(['view', 'fit', 'cup', 'finished']);
        $view = self::known($fields['view'] ?? null, $views, 'view');
        $fit = self::known($fields['fit'] ?? null, $fits, 'fit');

        return new FinishedFor($view, $fit, ($fields['cup'] ?? null)?->text(), ChartReader::read($fields['finished'] ?? null, self::rows(), $sizes));
    }

    /** @param  list<string>  $names */
    private static function known(?Node $node, array $names, string $what): ?string
    {
        $name = $node?->text();

        return $name === null || in_array($name, $names, true) ? $name : $node->fault("\"{$name}\" is no {$what} of this pattern; name it among its {$what}s");
    }

    /** @param  non-empty-list<string>  $sizes */
    private static function flat(Node $node, Level $level, array $sizes, ?Length $seamAllowance): ?FlatCheck
    {
        $fields = $node->fields(['size', 'seam_allowance', 'panels']);
        $name = ($fields['size'] ?? null)?->text();
        $size = array_search($name, $sizes, true);
        if ($size === false) {
            return ($fields['size'] ?? $node)->fault('must name the size whose lines were measured');
        }
        $panels = array_map(self::panel(...), ($fields['panels'] ?? null)?->items(self::MOST_PANELS) ?? []);
        $panels = array_values(array_filter($panels, static fn (?FlatPanel $panel): bool => $panel !== null));
        if ($panels === []) {
            return $node->fault('has no panel that can be read; measure at least one');
        }
        $allowance = ($fields['seam_allowance'] ?? null)?->length(LengthKind::Allowance) ?? $seamAllowance;
        $toCuttingLine = array_filter($panels, static fn (FlatPanel $panel): bool => $panel->allowances > 0);
        if ($allowance === null && $toCuttingLine !== []) {
            return $node->missing('seam_allowance');
        }
        $check = new FlatCheck($level, $size, $panels, $allowance ?? Length::zero());

        return self::possible($check) ? $check : $node->fault('adds up to no garment: check the widths, how often each panel is cut, and the allowances');
    }

    private static function possible(FlatCheck $check): bool
    {
        [$least, $most] = LengthKind::Girth->limitsCm();
        $millimetres = intdiv($check->finished()->nanometres, 1_000_000);

        return $millimetres >= 10 * $least && $millimetres <= 10 * $most;
    }

    private static function panel(Node $node): ?FlatPanel
    {
        $fields = $node->fields(['name', 'width', 'times', 'darts', 'allowances']);
        $width = isset($fields['width']) ? $fields['width']->length(LengthKind::Panel) : $node->missing('width');
        $times = isset($fields['times']) ? $fields['times']->whole(1, 24) : 2;
        $darts = ($fields['darts'] ?? null)?->length(LengthKind::Panel) ?? Length::zero();
        if ($width === null || $times === null) {
            return null;
        }
        if (! $darts->isLessThan($width)) {
            return $fields['darts']->fault('is as wide as the panel or wider: give what lies in darts and pleats at this level alone');
        }

        return new FlatPanel(
            ($fields['name'] ?? null)?->textOrEmpty() ?? '',
            $width,
            max(1, $times),
            $darts,
            min(2, ($fields['allowances'] ?? null)?->whole(0, 2) ?? 0),
        );
    }
}
