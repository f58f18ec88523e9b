<?php

declare(strict_types=1);

namespace App\Models;

use BackedEnum;
use Carbon\CarbonInterface;
use Illuminate\Support\Str;
use stdClass;

/**
 * A record that says once what it keeps: `KEPT`, what hands have put in, and `BELONGS_TO`, the records it is of.
 * What is taken away, copied, filled in or compared goes by these lists; a test holds them against the table's columns.
 */
trait Keeps
{
    protected function initializeKeeps(): void
    {
        $this->mergeFillable([...self::BELONGS_TO, ...self::KEPT]);
    }

    /** @return array<string, mixed> all that it keeps, as it stands in a file: days as days, documents as they were typed */
    public function kept(): array
    {
        $kept = [];
        foreach (self::KEPT as $name) {
            $value = $this->getAttribute($name);
            $kept[$name] = match (true) {
                $value instanceof BackedEnum => $value->value,
                $value instanceof CarbonInterface => $this->isDay($name) ? $value->toDateString() : $value->toIso8601String(),
                default => $value,
            };
        }

        return $kept;
    }

    /**
     * What a document has of what such a record keeps: texts without blanks at their ends, documents as they are.
     *
     * @return array<string, string|stdClass> by name
     */
    public static function heldBy(stdClass $document): array
    {
        $held = [];
        foreach (self::KEPT as $name) {
            $value = $document->{$name} ?? null;
            if (is_string($value) || $value instanceof stdClass) {
                $held[$name] = is_string($value) ? Str::trim($value) : $value;
            }
        }

        return $held;
    }

    private function isDay(string $name): bool
    {
        return ($this->getCasts()[$name] ?? null) === 'immutable_date:Y-m-d';
    }
}
