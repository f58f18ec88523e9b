<?php

declare(strict_types=1);

namespace Underbolt\Measure;

use RuntimeException;
use Underbolt\Fault;
use Underbolt\Refusal;

/** A length that nothing of its kind can have. */
final class LengthOutOfLimits extends RuntimeException implements Refusal
{
    private function __construct(private readonly Length $length, private readonly Length $limit, string $message)
    {
        parent::__construct($message);
    }

    public static function tooSmall(LengthKind $kind, Length $length, Length $limit, Unit $unit): self
    {
        [$figure, $least] = self::figures($length, $limit, $unit);

        return new self($length, $limit, "{$figure} is too small: the least a {$kind->value} can be here is {$least}; is the unit right?");
    }

    public static function tooLarge(LengthKind $kind, Length $length, Length $limit, Unit $unit): self
    {
        [$figure, $most] = self::figures($length, $limit, $unit);

        return new self($length, $limit, "{$figure} is too large: the most a {$kind->value} can be here is {$most}; is the unit right?");
    }

    public function length(): Length
    {
        return $this->length;
    }

    public function limit(): Length
    {
        return $this->limit;
    }

    public function faults(): array
    {
        return [new Fault('', $this->getMessage())];
    }

    /** @return array{string, string} */
    private static function figures(Length $length, Length $limit, Unit $unit): array
    {
        return [LengthPrint::sentence($length, $unit), LengthPrint::sentence($limit, $unit)];
    }
}
