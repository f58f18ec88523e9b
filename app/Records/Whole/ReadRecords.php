<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Uploads\Reader;
use App\Uploads\Reading;
use Generator;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use RuntimeException;
use stdClass;

/** The records of a file that was read and believed: on the disk, as there may be more than fit into memory. */
final class ReadRecords
{
    /** @param  resource  $lines */
    private function __construct(private $lines, public readonly int $count)
    {
    }

    /** @throws ValidationException saying in one sentence why it can't be read */
    public static function of(UploadedFile $upload): self
    {
        $lines = tmpfile();
        if ($lines === false) {
            throw new RuntimeException('No file can be written.');
        }
        $count = 0;
        Reading::each($upload, Reader::Everything, '', static function (string $part) use ($lines, &$count): void {
            fwrite($lines, $part);
            $count += substr_count($part, "\n");
        });

        return new self($lines, $count);
    }

    /** @return Generator<array{string, array<string, mixed>}> the kind, and what it keeps */
    public function each(): Generator
    {
        rewind($this->lines);
        while (($line = fgets($this->lines)) !== false) {
            /** @var array{string, stdClass} $record */
            $record = json_decode($line, false, flags: JSON_THROW_ON_ERROR);
            yield [$record[0], self::parts($record[1])];
        }
    }

    /** @return array<string, mixed> what it keeps by name */
    public static function parts(stdClass $record): array
    {
        $parts = [];
        foreach (get_object_vars($record) as $name => $part) {
            $parts[(string) $name] = $part;
        }

        return $parts;
    }
}
