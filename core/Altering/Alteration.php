<?php

declare(strict_types=1);

namespace Underbolt\Altering;

/** What is done about it. */
enum Alteration: string
{
    case Raise = 'raise';
    case Lower = 'lower';
    case Add = 'add';
    case Take = 'take';
    case Lengthen = 'lengthen';
    case Shorten = 'shorten';
    case Narrower = 'narrower';
    case Wider = 'wider';

    public function words(): string
    {
        return match ($this) {
            self::Take => 'take in',
            self::Narrower => 'sew narrower between notches',
            self::Wider => 'sew deeper between notches',
            default => $this->value,
        };
    }

    /** As an instruction, with its place and its amount, such as `Raise the armhole by 1 cm`. */
    public function told(FittingPlace $place, string $amount): string
    {
        $where = $place->words();

        return match ($this) {
            self::Raise, self::Lower, self::Lengthen, self::Shorten => ucfirst($this->value)." the {$where} by {$amount}",
            self::Add => "Add {$amount} an edge at the {$where}",
            self::Take => "Take in {$amount} an edge at the {$where}",
            self::Narrower => "Sew {$amount} narrower between the notches at the {$where}",
            self::Wider => "Sew {$amount} deeper between the notches at the {$where}",
        };
    }

    /** As it is told afterwards, such as `the armhole was raised`. */
    public function past(FittingPlace $place): string
    {
        $where = $place->words();

        return match ($this) {
            self::Raise => "the {$where} was raised",
            self::Lower => "the {$where} was lowered",
            self::Add => "the {$where} was let out",
            self::Take => "the {$where} was taken in",
            self::Lengthen => "the {$where} was lengthened",
            self::Shorten => "the {$where} was shortened",
            self::Narrower => "the {$where} was sewn narrower between the notches",
            self::Wider => "the {$where} was sewn deeper between the notches",
        };
    }
}
