<?php

declare(strict_types=1);

namespace App\Models;

/** What can be put into the bin. */
enum BinKind: string
{
    case Wearer = 'wearer';
    case Card = 'card';
    case Pattern = 'pattern';
    case Make = 'make';
    case House = 'house';
    case Nest = 'nest';

    public static function of(Wearer|Card|Pattern|Make|House|Nest $record): self
    {
        return match ($record::class) {
            Wearer::class => self::Wearer,
            Card::class => self::Card,
            Pattern::class => self::Pattern,
            Make::class => self::Make,
            House::class => self::House,
            Nest::class => self::Nest,
        };
    }

    /** @return class-string<Wearer|Card|Pattern|Make|House|Nest> */
    public function model(): string
    {
        return match ($this) {
            self::Wearer => Wearer::class,
            self::Card => Card::class,
            self::Pattern => Pattern::class,
            self::Make => Make::class,
            self::House => House::class,
            self::Nest => Nest::class,
        };
    }

    public function counted(int $many): string
    {
        return $many === 1 ? "1 {$this->value}" : "{$many} {$this->value}s";
    }
}
