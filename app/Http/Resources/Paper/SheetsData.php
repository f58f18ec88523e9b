<?php

declare(strict_types=1);

namespace App\Http\Resources\Paper;

use App\Paper\MakeFiles;
use App\Paper\MakePaper;
use OpenApi\Attributes as OA;
use stdClass;
use Underbolt\Paper\PageFormat;
use Underbolt\Paper\StripLine;
use Underbolt\Refusal;

/** How many pages what is drawn at true size takes. */
final readonly class SheetsData
{
    /**
     * @param  value-of<PageFormat>  $page  of which
     * @param  ?int  $strip  null where none can be drawn
     * @param  stdClass  $pieces  by piece, those that have the line
     */
    private function __construct(
        public string $page,
        public ?int $strip,
        #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'))] public stdClass $pieces,
    ) {
    }

    public static function of(MakePaper $paper, StripLine $line, PageFormat $page): self
    {
        $pieces = [];
        foreach ($paper->nests() as $nest) {
            $pieces[$nest->piece] = self::known(static fn (): int => count($paper->tiled($nest->piece, $page)->tiles));
        }

        return new self($page->value, self::known(static fn (): int => MakeFiles::stripPages($paper, $line, $page)), (object) array_filter($pieces, static fn (?int $many): bool => $many !== null));
    }

    /** @param  callable(): int  $count */
    private static function known(callable $count): ?int
    {
        try {
            return $count();
        } catch (Refusal) {
            return null;
        }
    }
}
