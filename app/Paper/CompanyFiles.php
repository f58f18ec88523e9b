<?php

declare(strict_types=1);

namespace App\Paper;

use App\Models\Pattern;
use Carbon\CarbonImmutable;
use Underbolt\File\CsvLine;
use Underbolt\Paper\PageFormat;

/** A company sheet to be taken away. */
final class CompanyFiles
{
    public static function csv(CompanyTable $table): string
    {
        return implode('', array_map(CsvLine::of(...), self::lines($table)));
    }

    public static function xlsx(CompanyTable $table): string
    {
        return XlsxFile::of('Company', CompanyXlsx::lines($table));
    }

    /** @return list<list<string>> the rows under their head, then the sums, a line each */
    private static function lines(CompanyTable $table): array
    {
        return [CompanyTable::HEAD, ...$table->lines, [], ...array_map(static fn (string $sum): array => [$sum], $table->sums)];
    }

    public static function pdf(Pattern $pattern, CompanyTable $table, PageFormat $page, CarbonImmutable $today): string
    {
        return HtmlPdf::of(view('company', ['pattern' => $pattern, 'table' => $table, 'today' => $today])->render(), $page === PageFormat::Letter ? 'letter' : 'a4', 'landscape');
    }
}
