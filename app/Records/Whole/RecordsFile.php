<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\Card;
use App\Models\House;
use App\Models\Make;
use App\Models\Nest;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use stdClass;

/**
 * All records of an account as one document, each by its place in its list: what `BringBack` reads in again. Numbers of
 * the database stand nowhere in it.
 */
final class RecordsFile
{
    public const FORMAT = 'underbolt/everything';

    public const VERSION = 1;

    /** @var array<int, int> the place of a wearer by its number */
    private array $wearers = [];

    /** @var array<int, array{int, int}> wearer and card by a card's number */
    private array $cards = [];

    /** @var array<int, int> */
    private array $patterns = [];

    private function __construct(private readonly User $user)
    {
    }

    public static function of(User $user): string
    {
        return json_encode((new self($user))->document(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n";
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return [
            'format' => self::FORMAT, 'version' => self::VERSION,
            'hands' => (object) $this->user->hands,
            'houses' => array_values(array_map(static fn (House $house): array => $house->kept(), $this->user->houses()->get()->sortBy('id')->all())),
            'wearers' => array_values(array_map($this->wearer(...), $this->user->wearers()->with('cards.readings')->get()->sortBy('id')->all())),
            'patterns' => array_values(array_map($this->pattern(...), $this->user->patterns()->with('nests')->get()->sortBy('id')->all())),
            'makes' => array_values(array_map($this->make(...), $this->user->makes()->get()->sortBy('id')->all())),
        ];
    }

    /** @return array<string, mixed> */
    private function wearer(Wearer $wearer): array
    {
        $place = $this->wearers[$wearer->id] = count($this->wearers);
        $cards = [];
        foreach ($wearer->cards->sortBy('id')->values() as $at => $card) {
            $this->cards[$card->id] = [$place, $at];
            $cards[] = self::card($card);
        }

        return [...$wearer->kept(), 'cards' => $cards];
    }

    /** @return array<string, mixed> */
    private static function card(Card $card): array
    {
        return [...$card->kept(), 'readings' => array_values($card->readings->sortBy('id')->map(static fn (Reading $reading): array => $reading->kept())->all())];
    }

    /** @return array<string, mixed> */
    private function pattern(Pattern $pattern): array
    {
        $this->patterns[$pattern->id] = count($this->patterns);
        $nests = $pattern->nests->sortBy('id')->map(static fn (Nest $nest): array => ['drawing' => $nest->lines()] + $nest->kept());

        return [...$pattern->kept(), 'company' => self::renumbered($pattern->company, $this->wearers), 'nests' => array_values($nests->all())];
    }

    /** @return array<string, mixed> */
    private function make(Make $make): array
    {
        [$wearer, $card] = $this->cards[$make->card_id];

        return ['wearer' => $wearer, 'card' => $card, 'pattern' => $this->patterns[$make->pattern_id], 'begun' => $make->created_at->toIso8601String(), ...$make->kept()];
    }

    /**
     * A company sheet with its wearers called otherwise; who is not known is left out.
     *
     * @param  array<int, int>  $numbers  what each is called now
     */
    public static function renumbered(stdClass $company, array $numbers): stdClass
    {
        $changed = clone $company;
        if (is_array($company->wearers ?? null)) {
            $changed->wearers = array_values(array_filter(array_map(static fn (mixed $one): ?int => is_int($one) ? $numbers[$one] ?? null : null, $company->wearers), is_int(...)));
        }
        if (($company->exceptions ?? null) instanceof stdClass) {
            $exceptions = [];
            foreach (get_object_vars($company->exceptions) as $one => $choices) {
                if (isset($numbers[(int) $one])) {
                    $exceptions[(string) $numbers[(int) $one]] = $choices;
                }
            }
            $changed->exceptions = (object) $exceptions;
        }

        return $changed;
    }
}
