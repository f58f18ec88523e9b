<?php

declare(strict_types=1);

namespace Underbolt;

/** One thing that is wrong with what was given: where it stands, and what to do about it. */
final readonly class Fault
{
    /**
     * @param  string  $field  dotted path as in the make file, such as `pattern.body_chart.waist`
     * @param  string  $message  one sentence, without the field's name
     */
    public function __construct(public string $field, public string $message)
    {
    }

    /** The fault as one line whatever was typed, the form the command prints. */
    public function line(): string
    {
        $text = $this->field === '' ? $this->message : "{$this->field}: {$this->message}";

        return trim((string) preg_replace('/[\x00-\x1f\x7f]+/', ' ', $text));
    }

    /** The same fault seen from further out. */
    public function under(string $path): self
    {
        return new self(trim("{$path}.{$this->field}", '.'), $this->message);
    }
}
