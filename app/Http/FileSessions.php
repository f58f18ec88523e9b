<?php

declare(strict_types=1);

namespace App\Http;

use ErrorException;
use Illuminate\Session\FileSessionHandler;

/** Sessions in files, each replaced whole: a full disk keeps the one that stood, and nobody is signed out by it. */
final class FileSessions extends FileSessionHandler
{
    /**
     * @param  string  $sessionId
     * @param  string  $data
     */
    public function write($sessionId, $data): bool
    {
        $path = "{$this->path}/{$sessionId}";
        try {
            $this->files->replace($path, $data, 0600);
        } catch (ErrorException) {
            // What was written of its successor goes, and with it the room that it took.
            $this->files->delete($this->files->glob("{$path}??????"));
        }

        return true;
    }
}
