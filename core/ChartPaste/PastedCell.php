<?php

declare(strict_types=1);

namespace Underbolt\ChartPaste;

use Underbolt\Measure\Length;

/** One cell of a pasted chart as it was understood. */
final readonly class PastedCell
{
    /**
     * @param  string  $typed  as pasted
     * @param  ?Length  $value  null where the cell is empty or can't be read
     * @param  string  $text  what goes into the typedIn: the figure as typed, its unit added where the chart is in another
     * @param  ?string  $doubt  why a person should look at it; null where there is no doubt
     */
    public function __construct(public string $typed, public ?Length $value, public string $text, public ?string $doubt)
    {
    }

    public static function empty(string $typed): self
    {
        return new self($typed, null, '', null);
    }

    public static function unread(string $typed, string $why): self
    {
        return new self($typed, null, '', $why);
    }

    /** The first doubt stays: it is the nearer to the cause. */
    public function doubted(string $why): self
    {
        return new self($this->typed, $this->value, $this->text, $this->doubt ?? $why);
    }
}
