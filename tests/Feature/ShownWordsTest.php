<?php

declare(strict_types=1);

use App\Models\Make;
use Symfony\Component\Finder\Finder;

/*
 * Words that nobody sews with: they name things in code and files, and are shown otherwise (docs/glossary.md has both). Plain uses of the
 * same letters, such as "leave it", are none of them.
 */
const NOT_SHOWN = [
    '/\bstations?\b/i' => 'marks', '/\bsettle first\b|\bto settle\b/i' => 'before you cut', '/\bto mind\b|\bMind:/' => 'good to know',
    '/\bschools?\b/i' => 'ways to choose', '/\bsizes by\b/i' => 'go by', '/\bpicked by\b/i' => 'sizes', '/\bby itself \d/i' => 'suggested',
    '/\bcritical\b/i' => 'must fit', '/\bleft[ -]over\b/i' => 'difference, too much, too little', '/\breckoned\b/i' => 'worked out', '/\bdwell\b/i' => 'straight below the waist for',
    '/\bdrafted ease\b|\bdrafted [+−-]/i' => 'the pattern’s own ease', '/\blet it count\b/i' => 'use this one', '/\bthe planner\b/i' => 'as suggested', '/\bthe frame\b/i' => 'neck, shoulders, armholes',
];

/** @return list<string> what of a text is not to be shown */
function notShownIn(string $text, string $where): array
{
    $found = [];
    foreach (NOT_SHOWN as $word => $instead) {
        if (preg_match($word, $text, $match, PREG_OFFSET_CAPTURE) === 1) {
            $found[] = "{$where}: \"".trim(mb_substr($text, max(0, $match[0][1] - 30), 80))."\", say {$instead}";
        }
    }

    return $found;
}

/**
 * @param  array<mixed>  $answer
 * @return list<string> sentences and labels of an answer; what is one word alone is a code
 */
function sentencesOf(array $answer): array
{
    $texts = [];
    array_walk_recursive($answer, static function (mixed $value) use (&$texts): void {
        if (is_string($value) && str_contains($value, ' ')) {
            $texts[] = $value;
        }
    });

    return array_values(array_unique($texts));
}

test('bench, cut sheet, fitting, company and paper of every demo make say the words that people sew with', function (): void {
    $this->actingAs(demoUser());
    $found = [];
    foreach (Make::query()->get() as $make) {
        foreach (['bench', 'cut-sheet', 'fitting', 'cloth', 'why-not?level=waist&size=0'] as $page) {
            $answer = $this->getJson("/api/makes/{$make->id}/{$page}");
            foreach ($answer->status() === 200 ? sentencesOf($answer->json()) : [] as $text) {
                array_push($found, ...notShownIn($text, "make {$make->id}, {$page}"));
            }
        }
        $pdf = $make->id % 5 === 1 ? $this->get("/api/makes/{$make->id}/cut-sheet.pdf") : null;
        array_push($found, ...($pdf?->baseResponse->getStatusCode() === 200 ? notShownIn(pdfWords(contentOf($pdf)), "make {$make->id}, PDF") : []));
    }
    expect(array_slice(array_unique($found), 0, 20))->toBe([]);
});

test('no page says them of its own', function (): void {
    $found = [];
    foreach (Finder::create()->files()->in(resource_path('js'))->name('*.vue') as $file) {
        preg_match('/<template>(.*)<\/template>/s', $file->getContents(), $template);
        $html = $template[1] ?? '';
        preg_match_all('/\b(?:label|aria-label|title|placeholder|hint)="([^"]*)"/', $html, $labels);
        // What is bound is code; the sentences between the tags are shown.
        $shown = implode("\n", $labels[1])."\n".preg_replace(['/<(?:"[^"]*"|[^>"])*>/s', '/\{\{(?:(?!\}\}).)*\}\}/s'], ' ', $html);
        preg_match_all('/\\{\\{((?:(?!\\}\\}).)*)\\}\\}/s', $html, $said);
        preg_match_all("/'([^']*)'|`([^`]*)`/", implode("\n", $said[1]), $quoted);
        $words = (string) preg_replace('/\$\{[^}]*\}/', ' ', implode(' . ', [...$quoted[1], ...$quoted[2]]));
        array_push($found, ...notShownIn((string) preg_replace('/\s+/', ' ', "{$shown} {$words}"), $file->getRelativePathname()));
    }
    expect($found)->toBe([]);
});
