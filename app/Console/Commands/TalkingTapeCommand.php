<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;

/** A stand-in for an electronic tape measure: sends readings round a figure, with the jitter of a hand. */
final class TalkingTapeCommand extends Command
{
    protected $signature = 'underbolt:talking-tape {address : as the measure card shows it} {token}
        {--around=84 : the figure the readings lie round}
        {--unit=cm : cm or in}
        {--count=3 : how many}
        {--jitter=0.4 : how far a reading may lie off, in the unit}
        {--bad=0 : how many of a hundred are no figure at all}
        {--every=1000 : milliseconds between two}
        {--seed= : the same readings again}';

    protected $description = 'Send readings as an electronic tape measure would';

    /** What a tape with a weak battery says. */
    private const BAD = ['--.-', 'Err', '0.0', '999.9'];

    public function handle(): int
    {
        $seed = $this->option('seed');
        mt_srand(is_string($seed) ? (int) $seed : random_int(0, PHP_INT_MAX));
        [$address, $token, $unit] = [
            $this->text($this->argument('address')),
            $this->text($this->argument('token')),
            $this->text($this->option('unit')),
        ];
        for ($sent = 0; $sent < (int) $this->option('count'); $sent++) {
            if ($sent > 0) {
                usleep(1000 * (int) $this->option('every'));
            }
            $text = $this->reading();
            try {
                $answer = Http::withToken($token)->acceptJson()
                    ->post($address, ['text' => $text, 'unit' => $unit]);
            } catch (ConnectionException $away) {
                $this->error("Nobody answers there: {$away->getMessage()}");

                return self::FAILURE;
            }
            if ($answer->failed()) {
                $this->error("{$text} was not taken: {$this->text($answer->json('message'))}");

                return self::FAILURE;
            }
            $this->line("{$text} {$unit}");
        }

        return self::SUCCESS;
    }

    private function text(mixed $value): string
    {
        return is_string($value) ? $value : '';
    }

    private function reading(): string
    {
        if (mt_rand(1, 100) <= (int) $this->option('bad')) {
            return self::BAD[mt_rand(0, count(self::BAD) - 1)];
        }
        $off = (float) $this->option('jitter') * (mt_rand(0, 2000) / 1000 - 1);

        return number_format((float) $this->option('around') + $off, 1, '.', '');
    }
}
