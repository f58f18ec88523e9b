<?php

declare(strict_types=1);

namespace App\Http\Resources\Workroom;

use App\Models\Make;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;

/** Which makes of a workroom are asked for: they come by the page. */
final readonly class MakesAsked
{
    public const A_PAGE = 50;

    private const MOST_PAGES = 40;

    private int $most;

    /**
     * @param  string  $find  part of what a make, its wearer or its pattern is called; empty for all
     * @param  int  $pages  so many pages, 1 to 40
     */
    public function __construct(private string $find = '', int $pages = 1)
    {
        $this->most = self::A_PAGE * max(1, min(self::MOST_PAGES, $pages));
    }

    /** @return array{list<Make>, int} those touched last, the worn ones after all others, in the order they were begun in; and how many are found in all */
    public function of(User $user): array
    {
        $found = $user->makes()->getQuery();
        if ($this->find !== '') {
            $called = function (Builder $query): void {
                $query->whereRaw("name like ? escape '\\'", ['%'.addcslashes($this->find, '%_\\').'%']);
            };
            $found->where(static function (Builder $query) use ($called): void {
                $query->where($called)->orWhereHas('pattern', $called)->orWhereHas('card.wearer', $called);
            });
        }
        $all = $found->count();
        $found->orderByRaw("json_extract(done, '$.worn') is not null")->orderByDesc('updated_at')->orderByDesc('id')->limit($this->most);
        $makes = $found->with(['pattern', 'card.wearer', 'card.readings'])->get();

        return [array_values($makes->sortBy('id')->all()), $all];
    }
}
