<?php

declare(strict_types=1);

namespace Underbolt\Measure;

/** What a look over a card can ask about; the codes are stable, answers are kept by them. */
enum CardWarningCode: string
{
    case HighBustOverFullBust = 'high_bust_over_full_bust';
    case WaistAtTrousers = 'waist_at_trousers';
    case HipAtHipBone = 'hip_at_hip_bone';
    case TummyOverHip = 'tummy_over_hip';
    case ThighOverHip = 'thigh_over_hip';
    case ReadingsApart = 'readings_apart';
    case TwoPlaces = 'two_places';
    case LikelyInches = 'likely_inches';
    case LikelyCentimetres = 'likely_centimetres';
    case Unusual = 'unusual';
    case Jump = 'jump';
    case OldCard = 'old_card';
}
