<?php

declare(strict_types=1);

namespace App\Records\Whole;

use App\Models\Card;
use App\Models\Make;
use App\Models\Pattern;
use App\Models\Reading;
use App\Models\User;
use App\Models\Wearer;
use App\Records\FileName;
use Generator;
use stdClass;

/**
 * All records of an account, one a line and each by its place among its kind: what `BringBack` reads in again. Numbers of
 * the database stand nowhere in it. Drawings stand in files of their own, beside it.
 */
final class RecordsFile
{
    public const FORMAT = 'underbolt/everything';

    public const VERSION = 2;

    public const NAME = 'records.jsonl';

    private const AT_ONCE = 100;

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
        $text = '';
        foreach ((new self($user))->lines() as $line) {
            $text .= json_encode($line, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR)."\n";
        }

        return $text;
    }

    /** The file of a drawing, beside the records. */
    public static function nestFile(int $place, string $pattern, string $piece): string
    {
        return 'nests/'.self::named($place + 1, $pattern)."-{$piece}.json";
    }

    public static function named(int $number, string $name): string
    {
        return trim("{$number}-".FileName::of($name), '-');
    }

    /** @return Generator<array<string, mixed>> the head, then each record under its kind */
    private function lines(): Generator
    {
        yield ['format' => self::FORMAT, 'version' => self::VERSION];
        yield ['account' => $this->user->settings()];
        foreach ($this->user->hands as $name => $points) {
            yield ['hand' => ['name' => "{$name}", 'points' => $points]];
        }
        foreach ($this->user->houses()->lazyById(self::AT_ONCE) as $house) {
            yield ['house' => $house->kept()];
        }
        foreach ($this->user->wearers()->with('cards.readings')->lazyById(self::AT_ONCE) as $wearer) {
            yield ['wearer' => $this->wearer($wearer)];
        }
        foreach ($this->user->patterns()->lazyById(self::AT_ONCE) as $pattern) {
            yield ['pattern' => $this->pattern($pattern)];
        }
        foreach ($this->user->makes()->lazyById(self::AT_ONCE) as $make) {
            yield ['make' => $this->make($make)];
        }
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
        $place = $this->patterns[$pattern->id] = count($this->patterns);
        /** @var list<string> $pieces */
        $pieces = $pattern->nests()->orderBy('id')->pluck('piece')->all();
        $nests = array_map(static fn (string $piece): string => self::nestFile($place, $pattern->name, $piece), $pieces);

        return [...$pattern->kept(), 'company' => self::renumbered($pattern->company, $this->wearers), 'nests' => $nests];
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
