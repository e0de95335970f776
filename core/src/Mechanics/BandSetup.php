<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** A band as it is rigged for one movement. */
final readonly class BandSetup
{
    public function __construct(
        public Band $band,
        public BandLayout $layout,
        public ?float $stanceM = null,
        public float $gripM = 0.0,
        public bool $folded = false,
        public bool $loop = false,
        public float $anchorHeightM = 1.0,
        public float $anchorDistanceM = 0.6,
        public float $limitRatio = Band::DEFAULT_LIMIT,
    ) {
    }

    public function with(float $gripM, ?float $stanceM, float $anchorDistanceM): self
    {
        return new self(
            $this->band,
            $this->layout,
            $stanceM,
            $gripM,
            $this->folded,
            $this->loop,
            $this->anchorHeightM,
            $anchorDistanceM,
            $this->limitRatio,
        );
    }

    /**
     * Returns the piece of band between one hand and what holds it, at rest.
     *
     * Lengths in use follow from the layout: half the band less what the hand has taken up, less half the stance
     * where the band runs below both feet; the whole band from an anchor at one end. A closed loop is two strands
     * of its flat length; folded is two strands of half the length, which doubles the force.
     *
     * @param  float  $restStanceM  Distance between the feet where the setup names none, metres.
     * @param  float  $shoulderWidthM  What a band behind the back spends between the shoulders, metres.
     * @param  float  $longerByM  Error of the free length for the spread, metres; may be negative.
     *
     * @throws InvalidQuantity If grip and stance leave less than 8 cm of band.
     */
    public function strand(float $restStanceM, float $shoulderWidthM, float $longerByM = 0.0): Band
    {
        $whole = $this->band->restLengthM;
        $freeM = $longerByM - $this->gripM + match ($this->layout) {
            BandLayout::OneFoot, BandLayout::AnchoredMiddle, BandLayout::RoundFeet => $whole / 2,
            BandLayout::TwoFeet, BandLayout::Crossed => ($whole - ($this->stanceM ?? $restStanceM)) / 2,
            BandLayout::AnchoredEnd => $whole,
            BandLayout::BehindBack => ($whole - $shoulderWidthM) / 2,
        };
        $strands = 1;
        if ($this->loop) {
            // A loop's flat length already is one strand from foot to hand.
            $freeM = $longerByM - $this->gripM + match (true) {
                $this->layout->usesStance() => $whole - ($this->stanceM ?? $restStanceM) / 2,
                // From limb to limb, or round an anchor: the middle of the loop holds still.
                $this->layout === BandLayout::AnchoredMiddle => $whole / 2,
                default => $whole,
            };
            $strands = 2;
        }
        if ($this->folded) {
            $freeM /= 2;
            $strands *= 2;
        }
        if ($freeM < 0.08) {
            throw InvalidQuantity::because(
                'band.grip_cm',
                sprintf('Stance and grip leave %.0f cm of band between hand and foot; at least 8 cm are needed.', $freeM * 100),
            );
        }

        return $this->band->withRestLength($freeM)->withForceMultipliedBy($strands);
    }
}
