<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Catalogue\Pattern;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\NextTarget;

/** How far a shelf reaches in one movement pattern for one client. */
final readonly class PatternCoverage
{
    /**
     * @param  list<float>  $wholeKg  Loads that can be told apart, lightest first, body included.
     * @param  float  $ownKg  The client's own part of the pattern's reference lift.
     * @param  int  $exercises  How many exercises of the pattern can be done at all.
     */
    private function __construct(public Pattern $pattern, public array $wholeKg, public float $ownKg, public int $exercises)
    {
    }

    /** @param  list<float>  $wholeKg  In any order. */
    public static function of(Pattern $pattern, array $wholeKg, float $ownKg, int $exercises): self
    {
        sort($wholeKg);
        $distinct = [];
        foreach ($wholeKg as $kg) {
            if ($distinct === [] || $kg >= $distinct[count($distinct) - 1] * (1 + ShelfRungs::ALIKE)) {
                $distinct[] = $kg;
            }
        }

        return new self($pattern, $distinct, $ownKg, $exercises);
    }

    public function isTrained(): bool
    {
        return $this->exercises > 0;
    }

    /** True where there is one load and no other: no way to make it harder by load. */
    public function isBarely(): bool
    {
        return $this->isTrained() && $this->pattern->isMeasured() && count($this->wholeKg) < 2;
    }

    /** Lightest load of the reference lift, kilograms beside the body's own part; null where nothing is measured. */
    public function lowKg(): ?float
    {
        return $this->wholeKg === [] ? null : $this->wholeKg[0] - $this->ownKg;
    }

    public function highKg(): ?float
    {
        return $this->wholeKg === [] ? null : $this->wholeKg[count($this->wholeKg) - 1] - $this->ownKg;
    }

    /** @return list<array{fromKg: float, toKg: float, jump: float}> Jumps above fifteen per cent of the whole load. */
    public function gaps(): array
    {
        $gaps = [];
        for ($i = 1, $count = count($this->wholeKg); $i < $count; $i++) {
            $jump = $this->wholeKg[$i] / $this->wholeKg[$i - 1] - 1;
            if ($jump > NextTarget::BIG_JUMP) {
                $gaps[] = ['fromKg' => $this->wholeKg[$i - 1] - $this->ownKg, 'toKg' => $this->wholeKg[$i] - $this->ownKg, 'jump' => $jump];
            }
        }

        return $gaps;
    }

    /** @param  list<float>  $moreKg */
    public function with(array $moreKg, int $moreExercises): self
    {
        return self::of($this->pattern, [...$this->wholeKg, ...$moreKg], $this->ownKg, $this->exercises + $moreExercises);
    }
}
