<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** A band as it is rigged for one movement. */
final readonly class BandSetup
{
    /** What the foot on it and the stub beyond take of a band held at one end, metres: a shoe's breadth, our estimate. */
    public const UNDER_FOOT_M = 0.10;

    /**
     * @param  float  $gripM  How far below the end the hand holds; held at one end, how much farther along the foot stands. Metres.
     * @param  float  $handleM  Handle and strap at each held end, which do not stretch, metres.
     */
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
        public float $handleM = 0.0,
    ) {
    }

    /** The same with some of it changed; null leaves a thing as it is. */
    public function moved(
        ?float $gripM = null,
        ?float $stanceM = null,
        ?float $anchorDistanceM = null,
        ?bool $folded = null,
        ?BandLayout $layout = null,
    ): self {
        return new self(
            $this->band,
            $layout ?? $this->layout,
            $stanceM ?? $this->stanceM,
            $gripM ?? $this->gripM,
            $folded ?? $this->folded,
            $this->loop,
            $this->anchorHeightM,
            $anchorDistanceM ?? $this->anchorDistanceM,
            $this->limitRatio,
            $this->handleM,
        );
    }

    /** Distinguishes two setups in a cache. */
    public function key(): string
    {
        return "{$this->layout->value}|{$this->band->restLengthM}|{$this->band->aN}|{$this->band->bN}|{$this->stanceM}|{$this->gripM}|"
            ."{$this->folded}|{$this->loop}|{$this->anchorHeightM}|{$this->anchorDistanceM}|{$this->handleM}";
    }

    /** What of the way between hand and anchor is no rubber, metres: the handle, unless the hand has left it. */
    public function handleInUseM(): float
    {
        return $this->gripM > 0 && $this->layout !== BandLayout::OneEnd ? 0.0 : $this->handleM;
    }

    /** How much rubber there is between the hand and the foot near the far end, metres. */
    public function fromFootToHandM(): float
    {
        return $this->band->restLengthM - self::UNDER_FOOT_M - $this->gripM;
    }

    /**
     * Returns the piece of band between one hand and what holds it, at rest.
     *
     * Lengths in use follow from the layout: half the band less what the hand has taken up, less half the stance
     * where the band runs below both feet, or half the hips' breadth where it is sat on; the whole band from an anchor at
     * one end, all but a foot's breadth from a foot near the end. A closed loop is two strands
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
            BandLayout::OneFoot,
            BandLayout::AnchoredMiddle,
            BandLayout::RoundFeet,
            BandLayout::HandToHand,
            BandLayout::RoundKnees,
            BandLayout::UnderKnee => $whole / 2,
            BandLayout::TwoFeet, BandLayout::Crossed => ($whole - ($this->stanceM ?? $restStanceM)) / 2,
            // What is sat on is as wide as the hips.
            BandLayout::UnderSeat => ($whole - $restStanceM) / 2,
            BandLayout::AnchoredEnd => $whole,
            BandLayout::OneEnd, BandLayout::AnkleToFoot => $whole - self::UNDER_FOOT_M,
            BandLayout::BehindBack => ($whole - $shoulderWidthM) / 2,
        };
        $strands = 1;
        if ($this->loop) {
            // A loop's flat length already is one strand from foot to hand.
            $freeM = $longerByM - $this->gripM + match (true) {
                $this->layout->usesStance() => $whole - ($this->stanceM ?? $restStanceM) / 2,
                // From limb to limb, or round an anchor: the middle of the loop holds still.
                $this->layout === BandLayout::AnchoredMiddle || $this->layout->isBetweenLimbs() => $whole / 2,
                $this->layout === BandLayout::UnderSeat => $whole - $restStanceM / 2,
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
