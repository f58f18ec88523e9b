<?php

declare(strict_types=1);

namespace App\Uploads;

/** What is written in a PDF, object by object, as qpdf tells it. */
final readonly class PdfObjects
{
    public function __construct(private string $path)
    {
    }

    /** @return ?array{string, array<mixed>} the reference of the catalog, and what it says */
    public function catalog(): ?array
    {
        $trailer = $this->told(['--json-key=qpdf', '--json-object=trailer'], 'qpdf', 1, 'trailer', 'value');
        $root = is_array($trailer) ? $trailer['/Root'] ?? null : null;
        $catalog = $this->value($root);

        return is_string($root) && is_array($catalog) ? [$root, $catalog] : null;
    }

    /** @return array<mixed> what the page of a number, from 1, says of itself */
    public function page(int $number): array
    {
        $page = $this->value($this->told(['--json-key=pages'], 'pages', $number - 1, 'object'));

        return is_array($page) ? $page : [];
    }

    /** What stands at a reference; what is none stands for itself. */
    public function value(mixed $said): mixed
    {
        if (! is_string($said) || preg_match('/^\d+ \d+ R$/', $said) !== 1) {
            return $said;
        }
        $which = str_replace([' R', ' '], ['', ','], $said);

        return $this->told(['--json-key=qpdf', "--json-object={$which}"], 'qpdf', 1, "obj:{$said}", 'value');
    }

    /** @param  list<string>  $asked */
    private function told(array $asked, int|string ...$way): mixed
    {
        $told = json_decode(PdfTools::run('qpdf', ['--warning-exit-0', '--json=2', ...$asked, $this->path]), true);
        foreach ($way as $key) {
            $told = is_array($told) ? $told[$key] ?? null : null;
        }

        return $told;
    }
}
