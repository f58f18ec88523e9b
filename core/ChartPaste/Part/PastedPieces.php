<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste\Part;

/** The list of pieces from the instructions, one a line, such as `1 Bodice front A, B, cut 1 on fold` or `5 Sleeve: cut 2, cut 2 of lining`: nothing of it is dropped. */
final class PastedPieces
{
    /** @var list<array<string, mixed>> as the open format has them */
    private array $pieces = [];

    /** @var list<array<string, mixed>> likewise: what is bought by the length */
    private array $notions = [];

    /** @var list<string> that the pattern doesn't name yet */
    private array $views = [];

    /** @var list<PastedRow> */
    private array $rows = [];

    private function __construct(private readonly PatternNames $names)
    {
    }

    /** @return PastedPart with the pieces, the notions and the new views as the open format has them */
    public static function read(string $text, PatternNames $names): PastedPart
    {
        $self = new self($names);
        $leftOut = [];
        $columns = PieceColumns::none();
        foreach (explode("\n", $text) as $line) {
            $typed = trim((string) preg_replace('/[^\S\t]+/u', ' ', $line), ' ');
            $heading = PieceColumns::headed($typed);
            if ($heading !== null) {
                $columns = $heading;

                continue;
            }
            $typed = trim($columns->inWords($typed));
            $piece = $typed === '' ? null : PieceText::read($typed);
            if ($piece !== null) {
                $self->take($piece);
            } elseif ($typed !== '') {
                $leftOut[] = mb_strimwidth($typed, 0, 40, '…').': names no piece';
            }
        }

        return new PastedPart(
            ['how many', 'fold', 'of lining', 'only for'],
            $self->rows,
            $leftOut,
            [],
            array_filter(['pieces' => $self->pieces, 'notions' => $self->notions, 'views' => $self->views], static fn (array $list): bool => $list !== []),
        );
    }

    private function take(PieceText $text): void
    {
        if ($text->length !== null) {
            $this->notions[] = ['name' => $text->name, 'by_size' => array_fill(0, count($this->names->sizes), $text->length)];
            $this->rows[] = new PastedRow($text->name, ["{$text->length} to buy", '', '', '']);

            return;
        }
        $kinds = $text->named;
        $new = $left = [];
        foreach ($text->letters as $letter) {
            $kind = $this->names->kindOf($letter);
            match ($kind) {
                'size' => $left[] = $letter,
                'fit', 'view', 'cup' => $kinds[$kind][] = $letter,
                null => $new[] = $letter,
            };
        }
        $new = [...$new, ...array_filter($text->named['view'], fn (string $view): bool => $this->names->kindOf($view) === null)];
        $this->views = array_values(array_unique([...$this->views, ...$new]));
        $only = array_filter([
            'views' => $this->written([...$kinds['view'], ...$new]),
            'cups' => $this->written($kinds['cup']),
            'fits' => $this->written($kinds['fit']),
        ], static fn (array $list): bool => $list !== []);
        $unknown = [...$left, ...$text->unknown];
        $name = $this->named($text->name.($unknown === [] ? '' : ' ('.implode(', ', $unknown).')'), $only);
        $this->pieces[] = ['name' => $name, ...array_filter(['times' => $text->times, 'on_fold' => $text->isOnFold ? true : null, 'times_lining' => $text->timesLining], static fn (int|true|null $one): bool => $one !== null), ...$only];
        $this->rows[] = new PastedRow(
            $name,
            [(string) $text->times, $text->isOnFold ? 'on the fold' : '', (string) $text->timesLining, self::onlyFor($only)],
            self::doubt($unknown, $new),
        );
        if ($text->timesInterfacing !== null) {
            $interfacing = $this->named("{$name} interfacing", $only);
            $this->pieces[] = ['name' => $interfacing, 'times' => $text->timesInterfacing, 'layer' => 'interfacing', 'of' => $name, ...$only];
            $this->rows[] = new PastedRow($interfacing, [(string) $text->timesInterfacing, '', '', self::onlyFor($only)]);
        }
    }

    /**
     * Two pieces of one name are told apart by whom they are for.
     *
     * @param  array<string, list<string>>  $only
     */
    private function named(string $name, array $only): string
    {
        $isTaken = in_array($name, array_column($this->pieces, 'name'), true);

        return $isTaken && $only !== [] ? "{$name} ".implode(' ', array_merge(...array_values($only))) : $name;
    }

    /**
     * @param  list<string>  $letters
     * @return list<string>
     */
    private function written(array $letters): array
    {
        return array_values(array_unique(array_map($this->names->written(...), $letters)));
    }

    /** @param  array<string, list<string>>  $only */
    private static function onlyFor(array $only): string
    {
        $kinds = ['views' => 'view', 'cups' => 'cup', 'fits' => 'fit'];

        return implode('; ', array_map(static fn (string $kind, array $list): string => $kinds[$kind].' '.implode(', ', $list), array_keys($only), array_values($only)));
    }

    /**
     * @param  list<string>  $unknown
     * @param  list<string>  $new
     */
    private static function doubt(array $unknown, array $new): ?string
    {
        $said = array_filter([
            $unknown === [] ? null : 'not understood: '.implode(', ', $unknown).'; it stays in the name',
            $new === [] ? null : implode(', ', array_unique($new)).' taken for views of the pattern, which it does not name yet',
        ], static fn (?string $one): bool => $one !== null);

        return $said === [] ? null : implode('; ', $said);
    }
}
