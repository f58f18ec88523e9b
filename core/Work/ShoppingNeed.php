<?php

declare(strict_types=1);

namespace Underbolt\Work;

use Underbolt\Measure\Length;
use Underbolt\Measure\Point;
use Underbolt\Pattern\Cloth\FabricNeed;
use Underbolt\Pattern\Cloth\Notion;
use Underbolt\Planning\Plan;

/** What has to be bought for the largest size used. */
final readonly class ShoppingNeed
{
    /**
     * @param  ?Length  $width  of the cloth; null for a notion
     * @param  ?Length  $amount  of the cloth; null for a notion, or where it isn't printed
     * @param  ?string  $text  what the table says of a notion, and of cloth as it was typed where that names its unit
     */
    private function __construct(
        public string $name,
        public ?string $view,
        public ?Length $width,
        public ?Length $amount,
        public ?string $text,
    ) {
    }

    /** What it is ticked by as at hand: in whatever width it is bought. */
    public function key(): string
    {
        return trim(($this->name === '' ? 'main cloth' : $this->name)." {$this->view}");
    }

    /**
     * Of the make's view, or of every view where none is chosen; for the largest size that is cut.
     *
     * @return list<self>
     */
    public static function of(Plan $plan): array
    {
        $make = $plan->make;
        $sizes = $plan->cutSizes();
        if ($sizes === []) {
            return [];
        }
        $largest = max($sizes);
        $ours = static fn (
            FabricNeed|Notion $need,
        ): bool => $need->view === null || $make->choices->view === null || $need->view === $make->choices->view;
        $cloth = array_map(
            static fn (FabricNeed $need): self => new self(
                $need->cloth,
                $need->view,
                $need->width,
                $need->amounts[$largest] ?? null,
                $need->typed[$largest] ?? null,
            ),
            array_filter($make->pattern->notes->cloth, $ours),
        );
        $notions = array_map(
            static fn (Notion $notion): self => new self($notion->name, $notion->view, null, null, $notion->isUnprinted() ? self::roundTheWaist($notion, $plan) : $notion->bySize[$largest] ?? ''),
            array_filter($make->pattern->notes->notions, $ours),
        );

        return array_values(
            array_filter([...$cloth, ...$notions], static fn (self $need): bool => $need->amount !== null || ($need->text ?? '') !== ''),
        );
    }

    /** What lies round the waist is as long as the waist and its overlap, where the pattern prints no length of it. */
    private static function roundTheWaist(Notion $notion, Plan $plan): string
    {
        $waist = $plan->make->body->at(Point::Waist);
        $overlap = $notion->overlap();
        if ($waist === null || $overlap === null) {
            return '';
        }
        $say = $plan->make->say(...);

        return "{$say($waist->plus($overlap))} (the waist and {$say($overlap)} to overlap)";
    }
}
