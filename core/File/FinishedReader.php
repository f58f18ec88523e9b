<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Chart;
use Underbolt\Pattern\FinishedFor;
use Underbolt\Pattern\FinishedParts;
use Underbolt\Pattern\FlatCheck;
use Underbolt\Pattern\FlatPanel;
use Underbolt\Pattern\Level;
use Underbolt\Pattern\Row;

/** Reads finished figures that hold for one view, fit or cup, and those measured from the tissue. */
final class FinishedReader
{
    public const ROWS = [Row::FullBust, Row::Waist, Row::Hip, Row::Bicep];

    private const MOST_PARTS = 40;

    private const MOST_PANELS = 12;

    /**
     * @param  array<string, Node>  $fields  the pattern's
     * @param  non-empty-list<string>  $sizes
     */
    public static function read(array $fields, array $sizes): FinishedParts
    {
        $views = self::names($fields['views'] ?? null);
        $fits = self::names($fields['fits'] ?? null);
        $only = [];
        foreach (array_slice(($fields['finished_by'] ?? null)?->items() ?? [], 0, self::MOST_PARTS) as $item) {
            $only[] = self::part($item, $views, $fits, count($sizes));
        }
        $flat = [];
        foreach (($fields['flat_checks'] ?? null)?->fields(array_column(Level::cases(), 'value')) ?? [] as $level => $check) {
            $flat[$level] = self::flat($check, Level::from($level), $sizes);
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

    /** @return list<string> */
    private static function names(?Node $node): array
    {
        $names = array_map(static fn (Node $item): ?string => $item->text(), array_slice($node?->items() ?? [], 0, self::MOST_PARTS));

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

        return new FinishedFor($view, $fit, ($fields['cup'] ?? null)?->text(), ChartReader::read($fields['finished'] ?? null, self::ROWS, $sizes));
    }

    /** @param  list<string>  $names */
    private static function known(?Node $node, array $names, string $what): ?string
    {
        $name = $node?->text();

        return $name === null || in_array($name, $names, true) ? $name : $node->fault("\"{$name}\" is no {$what} of this pattern; name it among its {$what}s");
    }

    /** @param  non-empty-list<string>  $sizes */
    private static function flat(Node $node, Level $level, array $sizes): ?FlatCheck
    {
        $fields = $node->fields(['size', 'seam_allowance', 'panels']);
        $name = ($fields['size'] ?? null)?->text();
        $size = array_search($name, $sizes, true);
        if ($size === false) {
            return ($fields['size'] ?? $node)->fault('must name the size whose lines were measured');
        }
        $panels = array_map(self::panel(...), array_slice(($fields['panels'] ?? null)?->items() ?? [], 0, self::MOST_PANELS));
        $panels = array_values(array_filter($panels, static fn (?FlatPanel $panel): bool => $panel !== null));
        if ($panels === []) {
            return $node->fault('has no panel that can be read; measure at least one');
        }
        $check = new FlatCheck($level, $size, $panels, ($fields['seam_allowance'] ?? null)?->length(LengthKind::Allowance) ?? Length::zero());

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
        if ($width === null || $times === null) {
            return null;
        }

        return new FlatPanel(
            ($fields['name'] ?? null)?->textOrEmpty() ?? '',
            $width,
            max(1, $times),
            ($fields['darts'] ?? null)?->length(LengthKind::Panel) ?? Length::zero(),
            min(2, ($fields['allowances'] ?? null)?->whole(0, 2) ?? 0),
        );
    }
}
