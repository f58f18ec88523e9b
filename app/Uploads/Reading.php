<?php

declare(strict_types=1);

namespace App\Uploads;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\ExecutableFinder;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/** Reads files that were sent where they can't hurt: in a process with bounds on time and memory, in a folder that goes with it. */
final class Reading
{
    /** What `read.php` ends with where it has a sentence to say. */
    public const REFUSED = 3;

    /** Of work: a chart takes a tenth of one, the largest nest one. */
    private const SECONDS = 3;

    /** On the clock: a machine that has much else to do may take longer for the same work. */
    private const MOST_SECONDS = 12;

    private const MEMORY_MB = 220;

    /** Of address space, of which PHP itself takes a part that it never uses. */
    private const SPACE_MB = 900;

    private const LARGEST_FILE_MB = 40;

    /**
     * @param  string  $more  what the reader has to know beside the file
     *
     * @throws ValidationException saying in one sentence why it can't be read
     */
    public static function of(UploadedFile $upload, Reader $reader, string $more = ''): string
    {
        $folder = storage_path('framework/uploads/'.Str::random(20));
        File::makeDirectory($folder, 0o700, recursive: true);
        try {
            $path = "{$folder}/file";
            copy((string) $upload->getRealPath(), $path);
            $process = new Process([...self::bounds(), ...self::php($folder), __DIR__.'/read.php', $reader->value, $path, $more], $folder, ['TMPDIR' => $folder], timeout: self::MOST_SECONDS);
            $process->run();
        } catch (ProcessTimedOutException|ProcessSignaledException) {
            throw self::tooMuch();
        } finally {
            File::deleteDirectory($folder);
        }
        if ($process->getExitCode() === self::REFUSED) {
            /** @var array{string, string} $said */
            $said = json_decode($process->getOutput(), true, flags: JSON_THROW_ON_ERROR);

            throw ValidationException::withMessages([$said[0] => $said[1]]);
        }

        return $process->isSuccessful() ? $process->getOutput() : throw self::tooMuch();
    }

    /** @return list<string> */
    private static function bounds(): array
    {
        $limit = (new ExecutableFinder)->find('prlimit');
        $megabyte = 1024 * 1024;

        return $limit === null ? [] : [
            $limit, '--cpu='.self::SECONDS, '--as='.(self::SPACE_MB * $megabyte), '--fsize='.(self::LARGEST_FILE_MB * $megabyte), '--core=0', '--',
        ];
    }

    /** @return list<string> */
    private static function php(string $folder): array
    {
        $php = (new PhpExecutableFinder)->find(false);

        return [
            $php === false ? 'php' : $php,
            '-d', 'memory_limit='.self::MEMORY_MB.'M', '-d', 'max_execution_time='.self::SECONDS, '-d', 'display_errors=0', '-d', 'log_errors=0', '-d', "sys_temp_dir={$folder}",
        ];
    }

    private static function tooMuch(): ValidationException
    {
        return ValidationException::withMessages(['file' => 'Reading this file takes more time or room than any chart or piece needs. Keep only what belongs to it, and save it again.']);
    }
}
