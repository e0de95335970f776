<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** How an exercise takes a band: which joint pulls it, and where its anchor lies. */
final readonly class BandAttachment
{
    private const ENDS = ['hands' => 'grip', 'ankles' => 'ankle', 'knees' => 'knee', 'hips' => 'hip', 'shoulders' => 'shoulder'];

    /** Where an anchor lies from the hips, along the picture and out of it. */
    private const SIDES = ['front' => [1.0, 0.0], 'behind' => [-1.0, 0.0], 'side' => [0.0, 1.0], 'between' => [0.0, 0.0]];

    /** Distinguishes two attachments in a cache. */
    public string $key;

    /**
     * @param  string  $joint  Joint that pulls, without its side.
     * @param  float  $along  1 with the anchor ahead, -1 behind, 0 to the side.
     * @param  float  $across  1 with the anchor to the side, out of the picture's plane.
     * @param  bool  $isBetweenLimbs  True where the band runs from one limb to the other and its middle holds still.
     * @param  float  $heightShare  Usual height of the anchor as a share of body height; the setting may say otherwise.
     * @param  float  $distanceM  Usual distance, metres.
     */
    private function __construct(
        public string $joint,
        public float $along,
        public float $across,
        public bool $isBetweenLimbs,
        public float $heightShare,
        public float $distanceM,
    ) {
        $this->key = implode('|', [$joint, $along, $across, $isBetweenLimbs ? 'between' : '', $heightShare, $distanceM]);
    }

    /**
     * @param  array{end?: string, anchor?: string, anchor_height?: float|int, anchor_distance_m?: float|int}  $data
     */
    public static function fromArray(array $data): self
    {
        [$along, $across] = self::SIDES[$data['anchor'] ?? 'front'] ?? self::SIDES['front'];

        return new self(
            joint: self::ENDS[$data['end'] ?? 'hands'] ?? 'grip',
            along: $along,
            across: $across,
            isBetweenLimbs: ($data['anchor'] ?? '') === 'between',
            heightShare: (float) ($data['anchor_height'] ?? 0.6),
            distanceM: (float) ($data['anchor_distance_m'] ?? 0.6),
        );
    }

    /** The joint of one side, by its full name; the hips and shoulders pull as one. */
    public function jointOn(string $side): string
    {
        return "{$side}_{$this->joint}";
    }
}
