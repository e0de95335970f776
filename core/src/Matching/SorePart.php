<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;

/**
 * A part of the body that is sore today, and which exercises would load it.
 *
 * By the share of work its muscles do and by what a movement asks of the joint; when in doubt it is out. This spares a
 * part for a day. It says nothing about why it is sore: that is for a clinician.
 */
enum SorePart: string
{
    case Shoulder = 'shoulder';
    case Elbow = 'elbow';
    case Wrist = 'wrist';
    case LowBack = 'low-back';
    case Hip = 'hip';
    case Knee = 'knee';
    case Ankle = 'ankle';

    public function label(): string
    {
        return match ($this) {
            self::Shoulder => 'Sore shoulder',
            self::Elbow => 'Sore elbow',
            self::Wrist => 'Sore wrist or hand',
            self::LowBack => 'Sore low back',
            self::Hip => 'Sore hip',
            self::Knee => 'Sore knee',
            self::Ankle => 'Sore ankle or foot',
        };
    }

    /** Why an exercise is out while this part is sore; null where it may be done. */
    public function against(Exercise $exercise): ?string
    {
        [$muscles, $most, $traits] = $this->loads();
        $share = array_sum(array_intersect_key($exercise->muscles(), array_flip($muscles)));
        if ($share >= $most) {
            return sprintf('%s: %d %% of the work is done there.', $this->label(), round(100 * $share));
        }
        foreach ($traits as $trait => $why) {
            if ($exercise->has($trait)) {
                return "{$this->label()}: {$why}.";
            }
        }

        return null;
    }

    /**
     * Muscles about the part, the share of work from which they count as loaded, and traits that load the joint itself.
     * The shares are our judgement: as much as helps visibly, and less where a joint is easily irritated.
     *
     * @return array{list<string>, float, array<string, string>}
     */
    private function loads(): array
    {
        $onHands = ['hands-and-feet' => 'the arms carry the body'];
        $jumps = ['jump' => 'it lands hard', 'ballistic' => 'it jerks'];

        return match ($this) {
            self::Shoulder => [
                ['front-shoulder', 'side-shoulder', 'rear-shoulder', 'rotator-cuff'],
                0.12,
                [
                    'overhead' => 'the arms go overhead',
                    'reaches-up' => 'the arms reach up',
                    'deep-shoulder' => 'the shoulder goes deep',
                    'ballistic' => 'it jerks',
                ] + $onHands,
            ],
            self::Elbow => [['biceps', 'triceps', 'forearms'], 0.30, $onHands],
            self::Wrist => [['forearms'], 0.15, ['firm-grip' => 'it wants a firm grip', 'sure-grip' => 'it wants a sure grip'] + $onHands],
            self::LowBack => [
                ['spinal-erectors'],
                0.10,
                [
                    'hinge-load' => 'the hinge is loaded',
                    'spine-load' => 'the spine is loaded',
                    'spine-bend' => 'the spine bends',
                    'spine-twist' => 'the spine twists',
                    'spine-arch' => 'the spine arches',
                    'spine-side' => 'the spine bends sideways',
                    'overhead' => 'a load goes overhead',
                    'belly-wall' => 'the trunk is held against its own weight',
                ] + $jumps,
            ],
            self::Hip => [['gluteals', 'adductors', 'hip-flexors', 'abductors'], 0.25, $jumps],
            self::Knee => [['quadriceps'], 0.15, ['kneeling' => 'the knees carry weight'] + $jumps],
            self::Ankle => [['calves', 'shins'], 0.15, ['balance' => 'it wants steady feet'] + $jumps],
        };
    }
}
