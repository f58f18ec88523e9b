<?php

declare(strict_types=1);

namespace App\Records;

use App\Models\Make;
use App\Models\Wearer;
use Illuminate\Database\Eloquent\Collection;
use Underbolt\File\ChoicesReader;
use Underbolt\File\Typed\FaultLog;
use Underbolt\File\Typed\Node;
use Underbolt\Measure\Length;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Paper\Garment;
use Underbolt\Refusal;
use Underbolt\Wearing\CameBack;
use Underbolt\Wearing\Fitting;
use Underbolt\Wearing\Learned;
use Underbolt\Wearing\OwnGarment;
use Underbolt\Wearing\PastEase;
use Underbolt\Wearing\Wear;

/** The other makes of a wearer that are like one: of the same kind of garment, in the same kind of cloth. */
final readonly class MakeHistory
{
    /**
     * @param  list<Make>  $makes  the newest first
     * @param  list<Make>  $ofPattern  all of the same pattern, likewise
     * @param  Wearer  $wearer  of all of them
     */
    private function __construct(public ?Garment $garment, public FabricKind $cloth, private array $makes, public array $ofPattern, private Wearer $wearer)
    {
    }

    public static function before(Make $make): self
    {
        $wearer = $make->card->wearer;
        [$garment, $cloth] = self::kind($make);
        $others = self::all($wearer->id)->reject(static fn (Make $other): bool => $other->id === $make->id);
        $alike = $others->filter(static fn (Make $other): bool => self::kind($other) === [$garment, $cloth]);
        $ofPattern = $others->filter(static fn (Make $other): bool => $other->pattern_id === $make->pattern_id);

        return new self($garment, $cloth, array_values($alike->all()), array_values($ofPattern->all()), $wearer);
    }

    /**
     * Of a wearer, for a pattern that nothing is made from yet.
     *
     * @param  Collection<int, Make>  $makes  all of the wearer, the newest first
     */
    public static function like(Wearer $wearer, Collection $makes, ?Garment $garment, FabricKind $cloth): self
    {
        $alike = $makes->filter(static fn (Make $other): bool => self::kind($other) === [$garment, $cloth]);

        return new self($garment, $cloth, array_values($alike->all()), [], $wearer);
    }

    /** @return Collection<int, Make> of a wearer, the newest first */
    public static function all(int $wearer): Collection
    {
        $makes = Make::query()->with('card.readings', 'card.wearer', 'pattern')->whereRelation('card', 'wearer_id', $wearer)->get();

        return $makes->sortBy([['created_at', 'desc'], ['id', 'desc']])->values();
    }

    /** @return array<string, Learned> by level */
    public function learned(): array
    {
        $learned = [];
        foreach (Level::cases() as $level) {
            $learned[$level->value] = Learned::from($this->pastAt($level));
        }

        return array_filter($learned);
    }

    /** @return list<CameBack> */
    public function cameBack(Fitting $present): array
    {
        return CameBack::of(
            array_values(array_filter(array_map(self::tried(...), $this->makes))),
            array_values(array_filter(array_map(self::tried(...), $this->ofPattern)))[0] ?? null,
            $present,
        );
    }

    /** Null where it was never tried on, or can't be read. */
    private static function tried(Make $make): ?Fitting
    {
        try {
            $fitting = $make->fitted();
        } catch (Refusal) {
            return null;
        }

        return $fitting->tried > 0 ? $fitting : null;
    }

    /** @return array{?Garment, FabricKind} */
    private static function kind(Make $make): array
    {
        $pattern = $make->pattern->toCore(new FaultLog);
        $cloth = $make->cloth->kind ?? null;

        return [$pattern?->garment, (is_string($cloth) ? FabricKind::tryFrom($cloth) : null) ?? $pattern->fabric->kind ?? FabricKind::Woven];
    }

    /**
     * What the verdicts say there, and garments that fit, laid flat and measured: each of them once, for however many makes it was measured.
     *
     * @return list<PastEase>
     */
    private function pastAt(Level $level): array
    {
        [$past, $laid] = $this->ofWardrobe($level);
        foreach ($this->makes as $make) {
            try {
                $said = $make->worn()->eases()[$level->value] ?? null;
            } catch (Refusal) {
                // A verdict that can't be read teaches nothing.
                $said = null;
            }
            $flat = self::flatWidth($make, $level);
            $body = $level->girthOf($make->card->toBody());
            $garment = $flat === null || $body === null || isset($laid[$flat->nanometres]) ? null : new PastEase(Wear::Right, $flat->plus($flat)->minus($body));
            $laid[$flat->nanometres ?? 0] = true;
            array_push($past, ...array_filter([$said, $garment]));
        }

        return $past;
    }

    /** @return array{list<PastEase>, array<int, true>} what the wearer's own garments of the kind say there, and how wide they are */
    private function ofWardrobe(Level $level): array
    {
        $alike = array_filter($this->wearer->garments(), fn (OwnGarment $one): bool => [$one->garment, $one->cloth] === [$this->garment, $this->cloth]);
        $body = $alike === [] ? null : $this->wearer->body();
        [$past, $laid] = [[], []];
        foreach ($alike as $garment) {
            $ease = $body === null ? null : $garment->easeAt($level, $body);
            $flat = $garment->flatAt($level)?->nanometres;
            if ($ease !== null && $flat !== null && ! isset($laid[$flat])) {
                $past[] = new PastEase(Wear::Right, $ease);
                $laid[$flat] = true;
            }
        }

        return [$past, $laid];
    }

    private static function flatWidth(Make $make, Level $level): ?Length
    {
        // Most makes have none: their pattern and choices need not be read for it.
        if (! isset($make->choices->own_garment)) {
            return null;
        }
        $log = new FaultLog;
        $pattern = $make->pattern->toCore($log);
        $choices = ChoicesReader::read(Node::root($make->choices, 'choices', $make->unit, $log), $make->unit, $pattern, $make->unit);

        return $choices?->flatWidth($level);
    }
}
