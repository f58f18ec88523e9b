<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/**
 * A place on the body that the tape measures, in the order in which the tape travels down.
 *
 * The girths are those of ISO 8559-1; the codes are the make file's.
 */
enum Point: string
{
    case Height = 'height';
    case HighBust = 'high_bust';
    case FullBust = 'full_bust';
    case HalfFullBust = 'half_full_bust';
    case Underbust = 'underbust';
    case HalfUnderbust = 'half_underbust';
    case CrossFront = 'cross_front';
    case ShoulderToBustPoint = 'shoulder_to_bust_point';
    case ShoulderToWaist = 'shoulder_to_waist';
    case BackLength = 'back_length';
    case UnderarmToWaist = 'underarm_to_waist';
    case Waist = 'waist';
    case Tummy = 'tummy';
    case WaistToTummy = 'waist_to_tummy';
    case HighHip = 'high_hip';
    case Hip = 'hip';
    case WaistToHip = 'waist_to_hip';
    case ThighLevel = 'thigh_level';
    case WaistToHem = 'waist_to_hem';
    case Bicep = 'bicep';
    case SleeveLength = 'sleeve_length';
    case Inseam = 'inseam';
    case CrotchLength = 'crotch_length';

    /** What it is called in a sentence, such as `front width`. */
    public function words(): string
    {
        return $this === self::CrossFront ? 'front width' : str_replace('_', ' ', $this->value);
    }

    public function kind(): LengthKind
    {
        return match ($this) {
            self::HighBust, self::FullBust, self::Underbust, self::Waist, self::Tummy,
            self::HighHip, self::Hip, self::ThighLevel, self::Bicep => LengthKind::Girth,
            self::WaistToHem => LengthKind::Below,
            default => LengthKind::Along,
        };
    }

    /**
     * A figure as typed for this point.
     *
     * @param  Unit  $unit  meant where the text names none; the refusal speaks in it too
     *
     * @throws UnreadableLength when the text is no length
     * @throws LengthOutOfLimits when no body has it there
     */
    public function read(string $text, Unit $unit): Length
    {
        return $this->kind()->check(Length::parse($text, $unit), $unit);
    }
}
