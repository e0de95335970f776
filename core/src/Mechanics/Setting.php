<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** What is used for a movement and how it is set up. */
final readonly class Setting
{
    private const KEYS = ['implement', 'mass_kg', 'per_hand', 'band', 'support_height_cm', 'foot_height_cm', 'limbs'];

    private const BAND_KEYS = [
        'rest_length_cm',
        'a_n',
        'b_n',
        'layout',
        'stance_cm',
        'grip_cm',
        'folded',
        'anchor_height_cm',
        'anchor_distance_cm',
        'limit_ratio',
        'loop',
        'handle_cm',
    ];

    /**
     * @param  string  $implement  `dumbbell`, `kettlebell`, `rucksack`, `object`, `tube`, …, or `body-weight`.
     * @param  float  $massKg  In each hand where `perHand`, else in all; 0 to 300 kg.
     * @param  int|null  $limbs  1 or 2 where the movement leaves the choice; null for its usual number.
     */
    private function __construct(
        public string $implement,
        public float $massKg,
        public bool $perHand,
        public ?BandSetup $band,
        public float $supportHeightM,
        public float $footHeightM,
        public ?int $limbs,
    ) {
    }

    /** @throws InvalidQuantity If a number has no meaning. */
    public static function of(
        string $implement,
        float $massKg = 0.0,
        bool $perHand = false,
        ?BandSetup $band = null,
        float $supportHeightM = 0.0,
        float $footHeightM = 0.0,
        ?int $limbs = null,
    ): self {
        if ($massKg < 0 || $massKg > 300) {
            throw InvalidQuantity::notBetween('setting.mass_kg', $massKg, 0, 300, 'kg');
        }
        if ($supportHeightM < 0 || $supportHeightM > 2.0) {
            throw InvalidQuantity::notBetween('setting.support_height_cm', $supportHeightM * 100, 0, 200, 'cm');
        }
        if ($footHeightM < 0 || $footHeightM > 1.2) {
            throw InvalidQuantity::notBetween('setting.foot_height_cm', $footHeightM * 100, 0, 120, 'cm');
        }
        if ($limbs !== null && $limbs !== 1 && $limbs !== 2) {
            throw InvalidQuantity::notBetween('setting.limbs', $limbs, 1, 2, 'limbs');
        }

        return new self($implement, $massKg, $perHand, $band, $supportHeightM, $footHeightM, $limbs);
    }

    /**
     * Reads the outside shape `{implement, mass_kg?, per_hand?, band?, support_height_cm?, foot_height_cm?, limbs?}`.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If a value is missing or out of range, naming it.
     */
    public static function fromArray(array $data): self
    {
        self::refuseUnknown($data, self::KEYS, 'setting');
        $implement = $data['implement'] ?? null;
        if (! is_string($implement) || $implement === '') {
            throw InvalidQuantity::because(
                'setting.implement',
                'setting.implement must name what is used, such as dumbbell or body-weight.',
            );
        }
        $band = $data['band'] ?? null;
        if ($band !== null && (! is_array($band) || $band === [] || array_is_list($band))) {
            throw InvalidQuantity::because('setting.band', 'setting.band must be an object.');
        }
        $limbs = $data['limbs'] ?? null;
        if (! in_array($limbs, [null, 1, 2], true)) {
            throw InvalidQuantity::because('setting.limbs', 'setting.limbs must be 1 or 2.');
        }

        return self::of(
            implement: $implement,
            massKg: self::number($data, 'mass_kg', 'setting.mass_kg', 0, 300, 'kg') ?? 0.0,
            perHand: self::yesOrNo($data, 'per_hand', 'setting.per_hand'),
            band: $band === null ? null : self::bandFromArray($band, isLoop: self::isLoop($implement)),
            supportHeightM: (self::number($data, 'support_height_cm', 'setting.support_height_cm', 0, 200, 'cm') ?? 0.0) / 100,
            footHeightM: (self::number($data, 'foot_height_cm', 'setting.foot_height_cm', 0, 120, 'cm') ?? 0.0) / 100,
            limbs: $limbs,
        );
    }

    /** @param  array<array-key, mixed>  $data */
    private static function bandFromArray(array $data, bool $isLoop): BandSetup
    {
        self::refuseUnknown($data, self::BAND_KEYS, 'setting.band');
        $layout = is_string($data['layout'] ?? null) ? BandLayout::tryFrom($data['layout']) : null;
        if ($layout === null) {
            throw InvalidQuantity::because(
                'setting.band.layout',
                'setting.band.layout must be one of '.implode(', ', array_column(BandLayout::cases(), 'value')).'.',
            );
        }
        $of = static fn (string $key, float $low, float $high, string $unit): ?float => self::number(
            $data,
            $key,
            "setting.band.{$key}",
            $low,
            $high,
            $unit,
        );
        $needed = static fn (string $key, float $low, float $high, string $unit): float => $of($key, $low, $high, $unit)
            ?? throw InvalidQuantity::because("setting.band.{$key}", "setting.band.{$key} is missing.");
        $stanceCm = $of('stance_cm', 0, 200, 'cm');

        return InvalidQuantity::under('setting', static fn (): BandSetup => new BandSetup(
            band: Band::of(
                restLengthM: $needed('rest_length_cm', 2, 500, 'cm') / 100,
                aN: $needed('a_n', 0, 2000, 'N'),
                bN: $needed('b_n', 0, 2000, 'N'),
            ),
            layout: $layout,
            stanceM: $stanceCm === null ? null : $stanceCm / 100,
            gripM: ($of('grip_cm', 0, 200, 'cm') ?? 0.0) / 100,
            folded: self::yesOrNo($data, 'folded', 'setting.band.folded'),
            loop: $isLoop || self::yesOrNo($data, 'loop', 'setting.band.loop'),
            anchorHeightM: ($of('anchor_height_cm', 0, 300, 'cm') ?? 100.0) / 100,
            anchorDistanceM: ($of('anchor_distance_cm', 0, 500, 'cm') ?? 60.0) / 100,
            limitRatio: $of('limit_ratio', 1.1, 3.0, 'times its length') ?? Band::DEFAULT_LIMIT,
            handleM: ($of('handle_cm', 0, 50, 'cm') ?? 0.0) / 100,
        ));
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<string>  $known
     */
    private static function refuseUnknown(array $data, array $known, string $under): void
    {
        foreach (array_keys($data) as $key) {
            if (! in_array($key, $known, true)) {
                throw InvalidQuantity::because(
                    "{$under}.{$key}",
                    sprintf('%s.%s is not known; a setting may hold %s.', $under, $key, implode(', ', $known)),
                );
            }
        }
    }

    /** @param  array<array-key, mixed>  $data */
    private static function yesOrNo(array $data, string $key, string $field): bool
    {
        $value = $data[$key] ?? false;

        return is_bool($value) ? $value : throw InvalidQuantity::because($field, "{$field} must be true or false.");
    }

    /**
     * Writes the outside shape that `fromArray()` reads; what has its usual value is left out.
     *
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        $band = $this->band === null ? null : array_filter([
            'rest_length_cm' => round($this->band->band->restLengthM * 100, 3),
            'a_n' => $this->band->band->aN,
            'b_n' => $this->band->band->bN,
            'layout' => $this->band->layout->value,
            'stance_cm' => $this->band->stanceM === null ? null : round($this->band->stanceM * 100, 3),
            'grip_cm' => round($this->band->gripM * 100, 3),
            'folded' => $this->band->folded,
            'anchor_height_cm' => $this->band->layout->needsAnchor() ? round($this->band->anchorHeightM * 100, 3) : null,
            'anchor_distance_cm' => $this->band->layout->needsAnchor() ? round($this->band->anchorDistanceM * 100, 3) : null,
            'limit_ratio' => $this->band->limitRatio,
            'handle_cm' => $this->band->handleM > 0 ? round($this->band->handleM * 100, 3) : null,
            // The implement says it, unless a weight is used with the loop.
            'loop' => $this->band->loop && ! self::isLoop($this->implement) ? true : null,
        ], static fn (mixed $value): bool => $value !== null);

        return array_filter([
            'implement' => $this->implement,
            'mass_kg' => $this->massKg > 0 ? $this->massKg : null,
            'per_hand' => $this->perHand ? true : null,
            'band' => $band,
            'support_height_cm' => $this->supportHeightM > 0 ? round($this->supportHeightM * 100, 3) : null,
            'foot_height_cm' => $this->footHeightM > 0 ? round($this->footHeightM * 100, 3) : null,
            'limbs' => $this->limbs,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** True for rubber without ends. */
    public static function isLoop(string $implement): bool
    {
        return $implement === 'long-loop' || $implement === 'mini-loop';
    }

    public static function bodyWeight(float $supportHeightM = 0.0, float $footHeightM = 0.0): self
    {
        return self::of('body-weight', supportHeightM: $supportHeightM, footHeightM: $footHeightM);
    }

    public function withMassKg(float $massKg): self
    {
        return new self($this->implement, $massKg, $this->perHand, $this->band, $this->supportHeightM, $this->footHeightM, $this->limbs);
    }

    public function withBand(BandSetup $band): self
    {
        return new self($this->implement, $this->massKg, $this->perHand, $band, $this->supportHeightM, $this->footHeightM, $this->limbs);
    }

    public function withHeights(float $supportHeightM, float $footHeightM): self
    {
        return new self($this->implement, $this->massKg, $this->perHand, $this->band, $supportHeightM, $footHeightM, $this->limbs);
    }

    /** Distinguishes two settings in a cache; what holds the load does not matter to it. */
    public function key(): string
    {
        $key = "{$this->massKg}|{$this->perHand}|{$this->limbs}";
        if ($this->supportHeightM !== 0.0 || $this->footHeightM !== 0.0) {
            $key .= "|{$this->supportHeightM}|{$this->footHeightM}";
        }

        return $this->band === null ? $key : "{$key}|{$this->band->key()}";
    }

    /** True where the same things are used the same way; loads agree to 10 g, heights and lengths to a centimetre. */
    public function sameAs(self $other): bool
    {
        $near = static fn (float $one, float $two): bool => abs($one - $two) < 0.0101;
        if ($this->implement !== $other->implement
            || ! $near($this->massKg, $other->massKg)
            || ($this->massKg > 0 && $this->perHand !== $other->perHand)
            || ! $near($this->supportHeightM, $other->supportHeightM)
            || ! $near($this->footHeightM, $other->footHeightM)
            || ($this->limbs ?? 2) !== ($other->limbs ?? 2)) {
            return false;
        }
        if ($this->band === null || $other->band === null) {
            return $this->band === $other->band;
        }

        $sameAnchor = $near($this->band->anchorHeightM, $other->band->anchorHeightM)
            && $near($this->band->anchorDistanceM, $other->band->anchorDistanceM);

        return $this->band->layout->isLike($other->band->layout)
            && $this->band->folded === $other->band->folded
            && $near($this->band->band->restLengthM, $other->band->band->restLengthM)
            && $near($this->band->stanceM ?? 0.0, $other->band->stanceM ?? 0.0)
            && (! $this->band->layout->needsAnchor() || ! $other->band->layout->needsAnchor() || $sameAnchor)
            && $near($this->band->handleM, $other->band->handleM)
            && $near($this->band->gripM, $other->band->gripM);
    }

    public function placement(): Placement
    {
        return new Placement($this->supportHeightM, $this->footHeightM, $this->limbs === 1);
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If the value is there and is not a number, or out of range.
     */
    private static function number(
        array $data,
        string $key,
        string $field,
        float $low = 0.0,
        float $high = 1000.0,
        string $unit = '',
    ): ?float {
        $value = $data[$key] ?? null;
        if ($value === null) {
            return null;
        }
        if (! is_int($value) && ! is_float($value)) {
            throw InvalidQuantity::because($field, sprintf('%s must be a number.', $field));
        }
        if ($value < $low || $value > $high) {
            throw InvalidQuantity::notBetween($field, (float) $value, $low, $high, $unit);
        }

        return (float) $value;
    }
}
