<?php

declare(strict_types=1);

namespace App\Uploads;

use Closure;
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

    /** Of address space, of which PHP itself takes a part that it never uses. */
    private const SPACE_MB = 900;

    /**
     * @param  string  $more  what the reader has to know beside the file
     *
     * @throws ValidationException saying in one sentence why it can't be read
     */
    public static function of(UploadedFile $upload, Reader $reader, string $more = ''): string
    {
        $read = '';
        self::each($upload, $reader, $more, static function (string $part) use (&$read): void {
            $read .= $part;
        });

        return $read;
    }

    /**
     * @param  Closure(string): void  $take  what is read, as it comes; what was taken of a file that is refused is to be thrown away
     *
     * @throws ValidationException saying in one sentence why it can't be read
     */
    public static function each(UploadedFile $upload, Reader $reader, string $more, Closure $take): void
    {
        $folder = storage_path('framework/uploads/'.Str::random(20));
        File::makeDirectory($folder, 0o700, recursive: true);
        $bounds = $reader->bounds();
        $refusal = '';
        try {
            $path = "{$folder}/file";
            copy((string) $upload->getRealPath(), $path);
            $process = new Process([...self::limits($bounds), ...self::php($folder, $bounds), __DIR__.'/read.php', $reader->value, $path, $more], $folder, ['TMPDIR' => $folder], timeout: $bounds->clockSeconds);
            $process->disableOutput();
            $process->run(static function (string $from, string $part) use ($take, &$refusal): void {
                $from === Process::ERR ? $refusal .= $part : $take($part);
            });
        } catch (ProcessTimedOutException|ProcessSignaledException) {
            throw self::tooMuch($reader);
        } finally {
            File::deleteDirectory($folder);
        }
        if ($process->getExitCode() === self::REFUSED) {
            /** @var array{string, string} $said */
            $said = json_decode($refusal, true, flags: JSON_THROW_ON_ERROR);

            throw ValidationException::withMessages([$said[0] => $said[1]]);
        }
        if (! $process->isSuccessful()) {
            throw self::tooMuch($reader);
        }
    }

    /** @return list<string> */
    private static function limits(Bounds $bounds): array
    {
        $limit = (new ExecutableFinder)->find('prlimit');
        $megabyte = 1024 * 1024;

        return $limit === null ? [] : [
            'nice', '-n', (string) $bounds->niceness, $limit, "--cpu={$bounds->seconds}", '--as='.(self::SPACE_MB * $megabyte), '--fsize='.($bounds->fileMb * $megabyte), '--core=0', '--',
        ];
    }

    /** @return list<string> */
    private static function php(string $folder, Bounds $bounds): array
    {
        $php = (new PhpExecutableFinder)->find(false);

        return [
            $php === false ? 'php' : $php,
            '-d', "memory_limit={$bounds->memoryMb}M", '-d', "max_execution_time={$bounds->seconds}", '-d', 'display_errors=0', '-d', 'log_errors=0', '-d', "sys_temp_dir={$folder}",
        ];
    }

    private static function tooMuch(Reader $reader): ValidationException
    {
        return ValidationException::withMessages(['file' => $reader->tooMuch()]);
    }
}
