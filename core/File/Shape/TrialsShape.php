<?php

declare(strict_types=1);

namespace Underbolt\File\Shape;

use Underbolt\File\Typed\Node;
use Underbolt\Measure\Unit;
use Underbolt\Wearing\Trial;
use Underbolt\Wearing\TrialQuestion;

/**
 * The answers that trying gave, by the way a make was tried.
 *
 * @implements Shape<array<string, array<string, bool>>>
 */
final readonly class TrialsShape implements Shape
{
    /** @var NamedShape<array<string, bool>> */
    private NamedShape $named;

    public function __construct()
    {
        $answers = static fn (Trial $trial): NamedShape => new NamedShape(array_fill_keys(
            array_map(static fn (TrialQuestion $question): string => $question->value, $trial->questions()),
            new FlagShape,
        ));
        $this->named = new NamedShape(array_map($answers, array_column(Trial::cases(), null, 'value')));
    }

    public function read(Node $node): array
    {
        return $this->named->read($node);
    }

    public function worded(mixed $typed, Unit $unit): mixed
    {
        return $typed;
    }

    public function schema(Dialect $dialect): array
    {
        return $this->named->schema($dialect);
    }
}
