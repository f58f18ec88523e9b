<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Demo\DemoWorkroom;
use Illuminate\Console\Command;
use Underbolt\Fault;
use Underbolt\File\PatternFileReader;
use Underbolt\File\PracticeJson;
use Underbolt\File\PracticeReader;
use Underbolt\Pattern\Pattern;
use Underbolt\Practice\Figure;
use Underbolt\Practice\ReadSize;
use Underbolt\Practice\TapeReading;
use Underbolt\Refusal;

/** Reads a tape as it was laid round a figure; several placings as JSON Lines; exit 2 where any is refused. */
final class TapeCommand extends Command
{
    use PrintsFaults;
    use PrintsJson;

    protected $signature = 'underbolt:tape {figure : a figure (.json)} {placing* : how the tape was laid (.json)} {--chart= : a pattern whose chart says the size; the demo\'s where left out}';

    protected $description = 'Read a tape as it was laid round a figure, with what each slip adds';

    public function handle(): int
    {
        /** @var list<string> $placings */
        $placings = $this->argument('placing');
        $figure = $this->argument('figure');
        $chart = $this->option('chart');
        try {
            $body = PracticeReader::figure(FileText::of(is_string($figure) ? $figure : ''));
            $pattern = is_string($chart) ? PatternFileReader::read(FileText::of($chart))->pattern : DemoWorkroom::pattern();
            if (count($placings) === 1) {
                $this->print(self::answer($body, $placings[0], $pattern));

                return self::SUCCESS;
            }
        } catch (Refusal $refusal) {
            return $this->refused($refusal);
        }

        return $this->lines($body, $placings, $pattern);
    }

    /** @param  list<string>  $placings */
    private function lines(Figure $figure, array $placings, ?Pattern $pattern): int
    {
        $exit = self::SUCCESS;
        foreach ($placings as $placing) {
            try {
                $this->print(self::answer($figure, $placing, $pattern));
            } catch (Refusal $refusal) {
                $exit = self::REFUSED;
                $this->print(['error' => array_map(static fn (Fault $fault): string => $fault->line(), $refusal->faults())]);
            }
        }

        return $exit;
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private static function answer(Figure $figure, string $file, ?Pattern $pattern): array
    {
        $placing = PracticeReader::placing(FileText::of($file), $figure);
        $reading = TapeReading::of($figure, $placing);

        return PracticeJson::of($reading, $pattern === null ? null : ReadSize::of($pattern, $placing->point, $reading));
    }
}
