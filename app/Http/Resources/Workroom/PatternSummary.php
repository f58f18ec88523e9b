<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Pattern;
use Underbolt\File\Typed\FaultLog;
use Underbolt\Pattern\ChartCheck;
use Underbolt\Pattern\Paper\Garment;

final readonly class PatternSummary
{
    /**
     * @param  list<string>  $sizes
     * @param  ?value-of<Garment>  $garment  null where it isn't said
     * @param  int  $faults  how many things in it need mending
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $house,
        public array $sizes,
        public ?string $garment,
        public int $faults,
    ) {
    }

    public static function of(Pattern $pattern): self
    {
        $log = new FaultLog;
        $core = $pattern->toCore($log);
        $unrising = $core === null ? [] : ChartCheck::all($core);

        return new self($pattern->id, $pattern->name, $pattern->house, $core->sizes ?? [], $core?->garment?->value, count($log->faults()) + count($unrising));
    }
}
