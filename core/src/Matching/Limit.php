<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

/** What changes the list of exercises for one person. */
enum Limit: string
{
    case SeatedOnly = 'seated-only';
    case NoFloor = 'no-floor';
    case NoKneeling = 'no-kneeling';
    case NoJumps = 'no-jumps';
    case NoOverhead = 'no-overhead';
    case WeakGrip = 'weak-grip';
    case LaxJoints = 'lax-joints';
    case BalanceSupport = 'balance-support';
    case LowBoneDensity = 'low-bone-density';
    case Postnatal = 'postnatal';
    case Pregnant = 'pregnant';
    case Youth = 'youth';
    case HighBloodPressure = 'high-blood-pressure';
    case BackPain = 'back-pain';
    case LeftLegOut = 'left-leg-out';
    case RightLegOut = 'right-leg-out';
    case LeftArmOut = 'left-arm-out';
    case RightArmOut = 'right-arm-out';
    case LatexAllergy = 'latex-allergy';
    case KneeTo60 = 'knee-bend-60';
    case KneeTo90 = 'knee-bend-90';
    case HipReplaced = 'hip-replaced';
    case WristStraight = 'wrist-straight';
    case NoArmBehind = 'no-arm-behind';
    case Neck = 'neck-spared';
    case HeadUp = 'head-up';
    case NoHeldBreath = 'no-held-breath';
    case PelvicFloor = 'pelvic-floor';

    public function label(): string
    {
        return match ($this) {
            self::SeatedOnly => 'Seated only',
            self::NoFloor => 'No floor work',
            self::NoKneeling => 'No kneeling',
            self::NoJumps => 'No jumping',
            self::NoOverhead => 'Nothing overhead',
            self::WeakGrip => 'Grip tires early',
            self::LaxJoints => 'Lax joints',
            self::BalanceSupport => 'Needs a support to hold',
            self::LowBoneDensity => 'Low bone density',
            self::Postnatal => 'First year after birth',
            self::Pregnant => 'Pregnant',
            self::Youth => 'Under 18',
            self::HighBloodPressure => 'High blood pressure',
            self::BackPain => 'Back pain',
            self::LeftLegOut => 'Left leg rests',
            self::RightLegOut => 'Right leg rests',
            self::LeftArmOut => 'Left arm rests',
            self::RightArmOut => 'Right arm rests',
            self::LatexAllergy => 'Latex allergy',
            self::KneeTo60 => 'Knee bends to 60° at most',
            self::KneeTo90 => 'Knee bends to 90° at most',
            self::HipReplaced => 'Replaced hip',
            self::WristStraight => 'Wrist stays straight',
            self::NoArmBehind => 'No arm behind the body',
            self::Neck => 'Neck spared',
            self::HeadUp => 'Head above the heart',
            self::NoHeldBreath => 'No held breath',
            self::PelvicFloor => 'Pelvic floor spared',
        };
    }
}
