<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Pattern;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\ChartCheck;

final readonly class PatternSummary
{
    /**
     * @param  list<string>  $sizes
     * @param  int  $faults  how many things in it need mending
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $house,
        public array $sizes,
        public int $faults,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $log = new FaultLog;
        $core = $pattern->toCore($log);
        $unrising = $core === null ? [] : ChartCheck::all($core);

        return new self($pattern->id, $pattern->name, $pattern->house, $core->sizes ?? [], count($log->faults()) + count($unrising));
    }
}
