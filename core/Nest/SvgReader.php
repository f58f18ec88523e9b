<?php

declare(strict_types=1);

namespace Underbolt\Nest;

/** Reads the lines of an SVG drawing, whatever program wrote it. */
final class SvgReader
{
    private const DEEPEST_USE = 8;

    /** @var array<string, SvgElement> */
    private array $byId = [];

    /** @var array<string, int> ids that are taken, and by how many */
    private array $taken = [];

    /** @var list<DrawnLine> */
    private array $lines = [];

    private int $unsound = 0;

    private readonly SvgStyles $styles;

    private readonly PointBudget $budget;

    private function __construct()
    {
        $this->styles = new SvgStyles;
        $this->budget = new PointBudget;
    }

    /** @throws UnreadableNest saying in one sentence why not */
    public static function read(string $svg): NestDrawing
    {
        return (new self)->drawing(SvgTree::read($svg));
    }

    private function drawing(SvgElement $root): NestDrawing
    {
        $this->note($root);
        if ($this->weight($root) > SvgTree::MOST_ELEMENTS) {
            throw SvgTree::tooMany();
        }
        $view = SvgView::of($root);
        $this->children($root, $view->matrix, $this->styles->of($root, []), [], 0);
        if ($this->lines === []) {
            throw UnreadableNest::at('drawing', 'has no lines; if it is a picture of a pattern, have it traced first');
        }
        $notes = $this->unsound === 0 ? [] : [$this->unsound === 1
            ? "1 line whose figures can't be read was left out."
            : "{$this->unsound} lines whose figures can't be read were left out."];

        return new NestDrawing($this->lines, $view->widthMm, $view->heightMm, $view->hasSize, $notes);
    }

    /** Remembers what is called by its id, and the rules of style sheets. */
    private function note(SvgElement $element): void
    {
        if ($element->attribute('id') !== '') {
            $this->byId[$element->attribute('id')] ??= $element;
        }
        if ($element->name === 'style') {
            $this->styles->learn($element->text);
        }
        foreach ($element->children as $child) {
            $this->note($child);
        }
    }

    /** How many elements it comes to: what is used many times is there many times. Counted before anything is drawn. */
    private function weight(SvgElement $element): float
    {
        if ($element->weight === INF) {
            throw self::usesItself();
        }
        if ($element->weight === null) {
            $element->weight = INF;
            $target = $element->name === 'use' ? $this->target($element) : null;
            $weight = 1.0 + ($target === null ? 0.0 : $this->weight($target));
            foreach ($element->children as $child) {
                $weight += $this->weight($child);
            }
            $element->weight = min($weight, 1e9);
        }

        return $element->weight;
    }

    private function target(SvgElement $use): ?SvgElement
    {
        $href = $use->attribute('href') !== '' ? $use->attribute('href') : $use->attribute('xlink:href');

        // Outside the file nothing is followed.
        return str_starts_with($href, '#') ? $this->byId[substr($href, 1)] ?? null : null;
    }

    private static function usesItself(): UnreadableNest
    {
        return UnreadableNest::at('drawing', 'uses its parts inside one another more than '.self::DEEPEST_USE.' times over; break the copies apart and export it again');
    }

    /**
     * @param  array<string, string>  $style
     * @param  list<string>  $names
     */
    private function children(SvgElement $element, Matrix $matrix, array $style, array $names, int $used): void
    {
        foreach ($element->children as $child) {
            $this->visit($child, $matrix, $style, $names, $used);
        }
    }

    /**
     * @param  array<string, string>  $around
     * @param  list<string>  $names
     */
    private function visit(SvgElement $element, Matrix $matrix, array $around, array $names, int $used): void
    {
        $style = $this->styles->of($element, $around);
        if (($style['display'] ?? '') === 'none' || in_array($element->name, ['defs', 'symbol', 'style'], true)) {
            return;
        }
        $names = [...$names, ...$element->names()];
        $matrix = $matrix->times($element->transform());
        match ($element->name) {
            'svg' => $this->children($element, $matrix->times(SvgView::inside($element)), $style, $names, $used),
            'g', 'a', 'switch' => $this->children($element, $matrix, $style, $names, $used),
            'use' => $this->used($element, $matrix, $style, $names, $used + 1),
            default => $this->draw($element, $matrix, $style, $names),
        };
    }

    /**
     * @param  array<string, string>  $style
     * @param  list<string>  $names
     */
    private function used(SvgElement $element, Matrix $matrix, array $style, array $names, int $used): void
    {
        $target = $this->target($element);
        if ($target === null) {
            return;
        }
        if ($used > self::DEEPEST_USE) {
            throw self::usesItself();
        }
        $placed = $matrix->times(Matrix::translate(SvgLength::dots($element->attribute('x')) ?? 0.0, SvgLength::dots($element->attribute('y')) ?? 0.0));
        $target->name === 'symbol'
            ? $this->children($target, $placed, $this->styles->of($target, $style), $names, $used)
            : $this->visit($target, $placed, $style, $names, $used);
    }

    /**
     * @param  array<string, string>  $style
     * @param  list<string>  $names
     */
    private function draw(SvgElement $element, Matrix $matrix, array $style, array $names): void
    {
        $builder = new LineBuilder($matrix, $this->budget);
        $isWhole = SvgShapes::draw($element, $builder);
        $runs = $builder->lines();
        if (! $builder->isSound || ! $isWhole) {
            $this->unsound++;
        }
        if ($runs === [] || ! $builder->isSound) {
            return;
        }
        $this->lines[] = new DrawnLine(
            $this->freeId($element->attribute('id')),
            array_values(array_unique($names)),
            $style['stroke'] ?? '',
            $style['stroke-dasharray'] ?? '',
            $runs,
        );
    }

    /** Its own, or one that tells it from all others. */
    private function freeId(string $own): string
    {
        $asked = $own === '' ? 'line-'.(count($this->lines) + 1) : $own;
        $id = $asked;
        while (isset($this->taken[$id])) {
            $this->taken[$asked] = ($this->taken[$asked] ?? 1) + 1;
            $id = "{$asked}-{$this->taken[$asked]}";
        }
        $this->taken[$id] = 1;

        return $id;
    }
}
