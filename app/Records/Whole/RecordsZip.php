<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Uploads\UnreadableUpload;
use Generator;
use stdClass;
use ZipArchive;

/** A file of everything as it lies there: its records one by one, whatever version it is of, and the files beside them. */
final class RecordsZip
{
    /** A record with all that belongs to it: a wearer of many years has the longest. */
    private const LONGEST_LINE = 4_000_000;

    private const LARGEST_DRAWING = 24_000_000;

    private const DEEPEST = 40;

    /** Of the first version, which had all in one. */
    private const LARGEST_WHOLE = 24_000_000;

    private const WHOLE = 'records.json';

    private readonly ZipArchive $zip;

    /** @throws UnreadableUpload */
    public function __construct(string $path)
    {
        $this->zip = new ZipArchive;
        if ($this->zip->open($path) !== true) {
            throw new UnreadableUpload('This is no file of everything: choose the ZIP that was taken away under "Account".');
        }
    }

    /**
     * @return Generator<array{string, mixed}> the kind, and what stands there; the head is looked at
     *
     * @throws UnreadableUpload
     */
    public function records(): Generator
    {
        $stream = $this->zip->getStream(RecordsFile::NAME);
        if ($stream === false) {
            yield from $this->ofFirstVersion();

            return;
        }
        self::believed(self::decoded($this->line($stream)), RecordsFile::VERSION);
        while (($line = $this->line($stream)) !== '') {
            $record = self::decoded($line);
            $kinds = $record instanceof stdClass ? get_object_vars($record) : [];
            yield count($kinds) === 1 ? [(string) array_key_first($kinds), reset($kinds)] : throw self::unreadable();
        }
        if (! feof($stream)) {
            throw self::unreadable();
        }
    }

    /** A drawing that a record names; null where there is none. */
    public function drawing(string $name): mixed
    {
        $stat = $this->zip->statName($name);

        return $stat === false || $stat['size'] > self::LARGEST_DRAWING ? null : self::decoded((string) $this->zip->getFromName($name, self::LARGEST_DRAWING));
    }

    /** @return Generator<array{string, mixed}> */
    private function ofFirstVersion(): Generator
    {
        $json = (string) $this->zip->getFromName(self::WHOLE, self::LARGEST_WHOLE + 1);
        if ($json === '') {
            throw new UnreadableUpload('There are no records in this file: it was taken away by an older version. Its cards and makes can be read in one by one.');
        }
        $file = self::believed(strlen($json) > self::LARGEST_WHOLE ? null : self::decoded($json), 1);
        foreach (($file->hands ?? null) instanceof stdClass ? get_object_vars($file->hands) : [] as $name => $points) {
            yield ['hand', (object) ['name' => (string) $name, 'points' => $points]];
        }
        foreach (['house' => 'houses', 'wearer' => 'wearers', 'pattern' => 'patterns', 'make' => 'makes'] as $kind => $key) {
            foreach (is_array($file->{$key} ?? null) ? $file->{$key} : throw new UnreadableUpload("The list of {$key} can't be read.") as $record) {
                yield [$kind, $record];
            }
        }
    }

    /** @throws UnreadableUpload */
    private static function believed(mixed $head, int $version): stdClass
    {
        if (! $head instanceof stdClass || ($head->format ?? null) !== RecordsFile::FORMAT) {
            throw self::unreadable();
        }
        if (($head->version ?? null) !== $version) {
            throw new UnreadableUpload('This file was taken away by a newer version than this one: it can\'t be read here.');
        }

        return $head;
    }

    /**
     * @param  resource  $stream
     * @return string empty at its end, and where a line is longer than any
     */
    private function line($stream): string
    {
        $line = (string) fgets($stream, self::LONGEST_LINE);

        return str_ends_with($line, "\n") ? $line : '';
    }

    private static function decoded(string $json): mixed
    {
        return json_decode($json, false, self::DEEPEST);
    }

    public static function unreadable(): UnreadableUpload
    {
        return new UnreadableUpload('The records in this file can\'t be read.');
    }
}
