<?php

declare(strict_types=1);

namespace Underbolt\File;

use Underbolt\File\Keys\FinishedForKeys;
use Underbolt\File\Keys\FlatCheckKeys;
use Underbolt\File\Keys\PanelKeys;
use Underbolt\File\Keys\PatternKeys;
use Underbolt\File\Shape\Fields;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Measure\LengthKind;
use Underbolt\Pattern\Charts\Chart;
use Underbolt\Pattern\Charts\ChartRow;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cups\FinishedFor;
use Underbolt\Pattern\Paper\FinishedParts;
use Underbolt\Pattern\Paper\FlatCheck;
use Underbolt\Pattern\Paper\FlatPanel;

/** Reads finished figures that hold for one view, fit or cup, and those measured from the tissue. */
final class FinishedReader
{
    /**
     * @param  Fields  $fields  the pattern's
     * @param  non-empty-list<string>  $sizes
     * @param  ?Length  $seamAllowance  the pattern's, which a check takes that gives none
     * @param  Chart  $printed  the finished chart
     */
    public static function read(Fields $fields, PatternKeys $keys, array $sizes, ?Length $seamAllowance, Chart $printed): FinishedParts
    {
        $views = array_values(array_unique($fields->all($keys->views)));
        $fits = array_values(array_unique($fields->all($keys->fits)));
        $only = array_map(
            static fn (Fields $part): FinishedFor => self::part($part, $views, $fits, count($sizes)),
            $fields->all($keys->finishedBy),
        );
        $flat = [];
        $checks = $fields->byName($keys->flatChecks);
        // From the top of the body down, in whatever order they were typed.
        foreach (self::checked() as $at => $row) {
            if (isset($checks[$at])) {
                $check = self::flat($checks[$at], $row, $sizes, $seamAllowance);
                $flat[$at] = $check?->beside($printed->at($row, $check->size));
            }
        }

        return new FinishedParts($views, $fits, $only, array_filter($flat));
    }

    /** @return array<value-of<Level>|'bicep', ChartRow> rows that the tissue can tell, by where they are measured */
    private static function checked(): array
    {
        $levels = array_map(static fn (Level $level): ChartRow => $level->row(), Level::cases());

        return [...array_combine(array_column(Level::cases(), 'value'), $levels), 'bicep' => ChartRow::Bicep];
    }

    /** The finished chart with the rows that the tissue tells; where both do, the one that counts. */
    public static function filled(Chart $printed, FinishedParts $parts, Chart $body, int $sizes): Chart
    {
        $taken = [];
        foreach ($parts->flat as $check) {
            $row = $check->row;
            if (! $printed->has($row)) {
                $taken[$row->value] = $check->allSizes($body, $sizes);
            } elseif ($check->isUsed()) {
                $taken[$row->value] = $check->moved($printed, $sizes);
            }
        }

        return $printed->with(new Chart($taken));
    }

    /**
     * @param  list<string>  $views
     * @param  list<string>  $fits
     */
    private static function part(Fields $fields, array $views, array $fits, int $sizes): FinishedFor
    {
        $keys = new FinishedForKeys;

        return new FinishedFor(
            self::known($fields->node($keys->view), $views, 'view'),
            self::known($fields->node($keys->fit), $fits, 'fit'),
            $fields->get($keys->cup),
            ChartReader::read($fields->byName($keys->finished), $sizes),
        );
    }

    /** @param  list<string>  $names */
    private static function known(?Node $node, array $names, string $what): ?string
    {
        $name = $node?->text();

        return $name === null || in_array($name, $names, true)
            ? $name
            : $node->fault("\"{$name}\" is no {$what} of this pattern; name it among its {$what}s");
    }

    /** @param  non-empty-list<string>  $sizes */
    private static function flat(Fields $fields, ChartRow $row, array $sizes, ?Length $seamAllowance): ?FlatCheck
    {
        $keys = new FlatCheckKeys;
        $size = array_search($fields->get($keys->size), $sizes, true);
        if ($size === false) {
            return $fields->node($keys->size)?->fault('must name the size whose lines were measured');
        }
        $panels = array_map(self::panel(...), $fields->all($keys->panels));
        $panels = array_values(array_filter($panels, static fn (?FlatPanel $panel): bool => $panel !== null));
        if ($panels === []) {
            return $fields->fault('has no panel that can be read; measure at least one');
        }
        $allowance = $fields->get($keys->seamAllowance) ?? $seamAllowance;
        $toCuttingLine = array_filter($panels, static fn (FlatPanel $panel): bool => $panel->allowances > 0);
        if ($allowance === null && $toCuttingLine !== []) {
            return $fields->missing($keys->seamAllowance);
        }
        $check = new FlatCheck($row, $size, $panels, $allowance ?? Length::zero(), $fields->sure($keys->counts));

        return self::possible($check)
            ? $check
            : $fields->fault('adds up to no garment: check the widths, how often each panel is cut, and the allowances');
    }

    private static function possible(FlatCheck $check): bool
    {
        [$least, $most] = LengthKind::Girth->limitsCm();
        $millimetres = intdiv($check->finished()->nanometres, 1_000_000);

        return $millimetres >= 10 * $least && $millimetres <= 10 * $most;
    }

    private static function panel(Fields $fields): ?FlatPanel
    {
        $keys = new PanelKeys;
        $width = $fields->get($keys->width);
        $darts = $fields->sure($keys->darts);
        if ($width === null) {
            return null;
        }
        if (! $darts->isLessThan($width)) {
            return $fields->node($keys->darts)?->fault(
                'is as wide as the panel or wider: give what lies in darts and pleats at this level alone',
            );
        }

        return new FlatPanel(
            $fields->sure($keys->name),
            $width,
            max(1, $fields->sure($keys->times)),
            $darts,
            min(2, max(0, $fields->sure($keys->allowances))),
        );
    }
}
