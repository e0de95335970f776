<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Mechanics\ResistanceCurve;

/** Why a candidate stands where it stands, and what it does not give. */
final readonly class SwapWords
{
    /** Shapes that differ by more carry a note; engine contract, section 7. */
    private const SHAPE_NOTE = 0.35;

    /** Loads nearer than this are as heavy as each other, fraction: less than anyone feels. Our estimate, as ShelfRungs::ALIKE. */
    private const AS_HEAVY = 0.03;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * The plain difference in load: "as heavy as asked", "8 % lighter than asked"; empty where kilograms have no common measure.
     *
     * @param  bool  $byMuscles  True where the two work along different joints.
     */
    public static function difference(Equivalent $prescribed, Equivalent $equivalent, bool $byMuscles): string
    {
        if ($byMuscles || ! $prescribed->isMeasured || ! $equivalent->isMeasured || $prescribed->wholeKg() <= 0.0) {
            return '';
        }
        $more = $equivalent->wholeKg() / $prescribed->wholeKg() - 1;

        return abs($more) < self::AS_HEAVY
            ? 'as heavy as asked'
            : sprintf('%d %% %s than asked', round(100 * abs($more)), $more > 0 ? 'heavier' : 'lighter');
    }

    /** @return list<string> */
    public function reasons(
        Rung $rung,
        Exercise $wanted,
        Equivalent $prescribed,
        Equivalent $equivalent,
        Preferences $preferences,
        bool $byMuscles,
    ): array {
        $shared = round(100 * MatchScore::muscleOverlap($wanted, $rung->exercise));
        $reasons = [match (true) {
            $rung->exercise->id === $wanted->id => 'The same exercise with what is here.',
            $rung->exercise->pattern === $wanted->pattern => sprintf(
                'The same movement pattern; %d %% of the muscle work is shared.',
                $shared,
            ),
            $byMuscles => sprintf(
                'Another way of working (%s), compared by muscles: %d %% of the muscle work is shared. Loads have no common measure.',
                mb_strtolower($this->catalogue->pattern($rung->exercise->pattern)->name),
                $shared,
            ),
            default => sprintf(
                'A neighbouring pattern (%s); %d %% of the muscle work is shared.',
                mb_strtolower($this->catalogue->pattern($rung->exercise->pattern)->name),
                $shared,
            ),
        }];
        if ($equivalent->isMeasured) {
            $words = $equivalent->inWords();
            $lift = $this->catalogue->exercise($equivalent->referenceExercise)->nameInASentence();
            $reasons[] = sprintf(
                $byMuscles ? 'Feels like %s.' : 'Feels like %s; prescribed was %s.',
                // Below the bare lift the words name it already.
                str_contains($words, "the {$lift}") ? $words : "{$words} in the {$lift}",
                $prescribed->inWords(),
            );
        }
        if ($rung->setUpSeconds <= 15 && $rung->exercise->position === $wanted->position) {
            $reasons[] = 'Same position, set up in a moment.';
        }
        $liking = $preferences->reasonFor($rung);

        return $liking === null ? $reasons : [...$reasons, $liking];
    }

    /** @return list<string> */
    public function lost(Rung $rung, Exercise $wanted, Equivalent $prescribed, Equivalent $equivalent, bool $byMuscles): array
    {
        $lost = [];
        $ratio = $byMuscles ? 1.0 : $equivalent->wholeKg() / $prescribed->wholeKg();
        if ($ratio < 0.9) {
            $lost[] = sprintf('%d %% less resistance.', round(100 * (1 - $ratio)));
        }
        if ($ratio > 1.1) {
            $lost[] = sprintf('%d %% more resistance.', round(100 * ($ratio - 1)));
        }
        $shape = $equivalent->curve->shapeDifferenceFrom($prescribed->curve);
        if ($shape > self::SHAPE_NOTE && ! $byMuscles) {
            $lost[] = sprintf(
                'Loads the %s of the movement more than the prescribed lift does (shapes differ by %.2f).',
                self::moreLoaded($equivalent->curve, $prescribed->curve),
                $shape,
            );
        }
        if ($equivalent->curve->slackFraction > 0.04) {
            $lost[] = sprintf('No resistance for the first %d %% of the range.', round(100 * $equivalent->curve->slackFraction));
        }
        if (! $wanted->oneSideAtATime && $rung->isOneSided()) {
            $lost[] = 'One side at a time: twice the time, and balance works too.';
        }
        if (MatchScore::jumpsInstead($wanted, $rung->exercise)) {
            $lost[] = 'Both feet leave the floor: speed and landing instead of steady strength.';
        }
        if ($rung->exercise->position !== $wanted->position) {
            $lost[] = sprintf(
                'Another position: %s instead of %s.',
                str_replace('-', ' ', $rung->exercise->position),
                str_replace('-', ' ', $wanted->position),
            );
        }

        return $lost;
    }

    /** The third of the range in which one curve, scaled to the other's mean, lies highest above it. */
    private static function moreLoaded(ResistanceCurve $curve, ResistanceCurve $than): string
    {
        $thirds = ['start' => 0.0, 'middle' => 0.0, 'end' => 0.0];
        foreach ($curve->us as $i => $u) {
            $third = $u < 1 / 3 ? 'start' : ($u <= 2 / 3 ? 'middle' : 'end');
            $thirds[$third] += $curve->resistance[$i] / $curve->mean() - $than->resistance[$i] / $than->mean();
        }

        return (string) array_search(max($thirds), $thirds, true);
    }
}
