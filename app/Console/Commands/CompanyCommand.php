<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Underbolt\Company\Company;
use Underbolt\Company\Sums;
use Underbolt\File\CardJson;
use Underbolt\File\CompanyJson;
use Underbolt\File\MakeReader;
use Underbolt\File\NewestCard;
use Underbolt\File\PatternFileReader;
use Underbolt\File\Typed\FaultyFile;
use Underbolt\Measure\Body;
use Underbolt\Refusal;

/** Many bodies from one pattern: a line of JSON for each, and one with the sums; exit 2 where a file can't be read. */
final class CompanyCommand extends Command
{
    use PrintsFaults;
    use PrintsJson;

    protected $signature = 'underbolt:company
        {pattern : a pattern file or a make file (.json), whose choices are for all}
        {cards* : measure cards of one wearer each (.json), the newest card of a file; or make files for their bodies}';

    protected $description = 'Print how each of many bodies is cut from one pattern, one line each, and their sums';

    public function handle(): int
    {
        /** @var string $file */
        $file = $this->argument('pattern');
        /** @var list<string> $cards */
        $cards = $this->argument('cards');
        try {
            $pattern = PatternFileReader::read(FileText::of($file));
            $bodies = array_combine($cards, array_map($this->body(...), $cards));
        } catch (Refusal $refusal) {
            return $this->refused($refusal);
        }
        $rows = [];
        foreach (Company::ofBodies($bodies, $pattern->pattern, $pattern->choices, $pattern->unit) as $card => $row) {
            $this->print(CompanyJson::row(basename((string) $card, '.json'), $row));
            $rows[] = $row;
        }
        $this->print(CompanyJson::sums(Sums::of($rows), $pattern->unit));

        return self::SUCCESS;
    }

    /** @throws Refusal naming every fault of the file */
    private function body(string $file): Body
    {
        $text = FileText::of($file);
        if (str_contains($text, '"'.CardJson::FORMAT.'"')) {
            [$lines, $log] = CardJson::read($text, CarbonImmutable::today()->toDateString());
            $body = NewestCard::body($lines);

            return $log->faults() === [] && $body !== null ? $body : throw ($log->faults() === [] ? FaultyFile::notJson('it holds no card') : $log->refusal());
        }

        return MakeReader::read($text)->body;
    }
}
