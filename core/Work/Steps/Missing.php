<?php

declare(strict_types=1);

namespace Underbolt\Work\Steps;

use Underbolt\Measure\Point;
use Underbolt\Pattern\Charts\Level;
use Underbolt\Pattern\Cloth\FabricKind;
use Underbolt\Pattern\Cloth\RecommendedCloths;
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

        return [...self::forStations($plan), ...$hem, ...self::sleeve($plan), ...self::stretch($plan)];
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
            'cloth.stretch_to' => 'How far the cloth stretches',
            default => "The pattern’s {$this->words()}",
        };
    }
}
