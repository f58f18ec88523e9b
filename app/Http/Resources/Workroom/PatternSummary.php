<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Pattern;
use App\Models\User;
use App\Records\Tellings;
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

    /** @return list<self> of a user, by name */
    public static function all(User $user): array
    {
        // As they lie in the database: what was told of most is kept, and reading a document takes longer than that.
        $rows = $user->patterns()->toBase()->orderBy('name')->orderBy('id')->get(['id', 'name', 'house', 'unit', 'document'])->keyBy('id');
        $houses = $user->houses()->toBase()->get(['name', 'unit', 'habits'])->keyBy('name');
        /** @var array<int, array{id: int, name: string, house: string, unit: string, document: string}> $patterns */
        $patterns = $rows->map(static fn (object $row): array => (array) $row)->all();
        $stamps = array_map(static fn (array $pattern): string => Tellings::stamp($pattern['unit'], $pattern['document'], $houses[$pattern['house']] ?? null), $patterns);
        $told = (new Tellings('pattern'))->of($stamps, static fn (int $id): array => self::told(Pattern::query()->findOrFail($id)));

        return array_values(array_map(static function (array $pattern) use ($told): self {
            /** @var array{sizes: list<string>, garment: ?value-of<Garment>, faults: int} $of */
            $of = $told[$pattern['id']];

            return new self($pattern['id'], $pattern['name'], $pattern['house'], $of['sizes'], $of['garment'], $of['faults']);
        }, $patterns));
    }

    /** @return array{sizes: list<string>, garment: ?string, faults: int} */
    private static function told(Pattern $pattern): array
    {
        $log = new FaultLog;
        $core = $pattern->toCore($log);
        $unrising = $core === null ? [] : ChartCheck::all($core);

        return ['sizes' => $core->sizes ?? [], 'garment' => $core?->garment?->value, 'faults' => count($log->faults()) + count($unrising)];
    }
}
