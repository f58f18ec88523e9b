<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Cloth\RecommendedCloths;
use Underbolt\Pattern\Cups\CupMeasure;
use Underbolt\Pattern\Listed;
use Underbolt\Pattern\Pieces\Piece;
use Underbolt\Pattern\Pieces\PieceSide;
use Underbolt\Planning\Plan;

/** A figure that is missed, and what it would give. */
final readonly class Missing
{
    private function __construct(public string $field, public string $whatFor)
    {
    }

    /** @return list<self> lengths of the pattern without which no station can be told, or none below a level */
    public static function forStations(Plan $plan): array
    {
        $seam = $plan->seam;
        $hasBust = array_key_exists(Level::Bust->value, $plan->levels);
        $lacks = [];
        if ($hasBust && $seam->underarmToWaist === null) {
            $lacks[] = new self('pattern.seam.underarm_to_waist', 'marks all the way down');
        }
        if ($seam->waistToHip === null) {
            $lacks[] = new self('pattern.seam.waist_to_hip', 'marks all the way down');
        }

        return $lacks;
    }

    /** @return list<self> */
    public static function of(Plan $plan): array
    {
        $seam = $plan->seam;
        $hem = $seam->hipToHem === null && $seam->waistToHemEdge === null ? [new self('pattern.seam.hip_to_hem', 'marks down to the hem')] : [];

        return [...self::forStations($plan), ...$hem, ...self::cup($plan), ...self::sleeve($plan), ...self::stretch($plan)];
    }

    /** @return list<self> the measure that tells the cup, where pieces are drawn for some cups alone and nobody knows which is cut */
    public static function cup(Plan $plan): array
    {
        $pieces = $plan->cup !== null ? [] : array_values(array_filter(
            $plan->make->pattern->notes->pieces,
            static fn (Piece $piece): bool => $piece->cups !== [] && array_filter($piece->cups, static fn (string $cup): bool => $piece->serves($cup, $plan->make->choices->view, $plan->make->choices->fit)) !== [],
        ));
        $halves = $plan->make->pattern->cups->ruleFor($plan->make->pattern->ranges[0]->name ?? '')?->measure === CupMeasure::FrontHalfDifference;
        $wanted = $halves ? [Point::HalfFullBust, Point::HalfUnderbust] : [Point::HighBust, Point::FullBust];
        $lacks = array_values(array_filter($wanted, static fn (Point $point): bool => $plan->make->body->at($point) === null));

        return $pieces === [] || $lacks === [] ? [] : [new self("body.{$lacks[0]->value}", 'which is cut of '.Listed::of(array_map(static fn (Piece $piece): string => $piece->name, $pieces)))];
    }

    /** @return list<self> how far the knit of the make stretches, where the pattern says how far it has to */
    private static function stretch(Plan $plan): array
    {
        $said = RecommendedCloths::of($plan->make->pattern->notes->cloths);
        $isAsked = $plan->make->pattern->fabric->kind === FabricKind::Knit && ($said->leastPercent !== null || $said->mostPercent !== null);

        return $isAsked && $plan->make->cloth?->stretchPercent() === null ? [new self('cloth.stretch_to', 'whether this knit is the one that the pattern recommends')] : [];
    }

    /** @return list<self> one sleeve laid flat, where the arm is measured and nothing printed tells whether it goes round */
    private static function sleeve(Plan $plan): array
    {
        $isUnknown = $plan->sleeve?->need === null && $plan->make->body->at(Point::Bicep) !== null;
        $has = array_filter($plan->make->pattern->notes->pieces, static fn (Piece $piece): bool => $piece->side === PieceSide::Sleeve && $piece->layer->isCloth()) !== [];

        return $isUnknown && $has ? [new self('pattern.flat_checks.bicep', 'room round the upper arm')] : [];
    }

    /** Such as `underarm to waist`. */
    public function words(): string
    {
        return str_replace('_', ' ', (string) preg_replace('/^.*\./', '', $this->field));
    }

    /** What is asked for, as it is called where it is typed. */
    public function asked(): string
    {
        return match ($this->field) {
            'pattern.flat_checks.bicep' => 'The sleeve laid flat at its underarm',
            'body.high_bust', 'body.full_bust', 'body.half_full_bust', 'body.half_underbust' => "The {$this->words()}",
            'cloth.stretch_to' => 'How far the cloth stretches',
            default => "The pattern’s {$this->words()}",
        };
    }
}
