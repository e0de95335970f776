<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Text\Plain;

/** What one slot asks for: an exercise in a setting, how many sets of how much, and what to leave in reserve. */
final readonly class Assignment
{
    /**
     * @param  string|null  $words  The setting by the names of this shelf; null where no rung was chosen.
     * @param  Tempo|null  $tempo  Null for the exercise's usual one.
     * @param  float|null  $rangeRatio  What the load comes to over the part of the range that is used; null for all of it.
     * @param  string  $why  Why it stands here; empty where the plan wrote it.
     * @param  list<Manner>  $manners  What makes it harder than the usual way.
     * @param  bool  $isHeld  True where it is not to grow from week to week until somebody lets it go.
     * @param  bool  $lastToFailure  True where the last set goes on until no further repetition is clean.
     */
    private function __construct(
        public string $exercise,
        public Setting $setting,
        public ?string $words,
        public int $sets,
        public Dose $dose,
        public Sides $sides,
        public int $reserve,
        public int $restSeconds,
        public ?Tempo $tempo,
        public ?float $rangeRatio,
        public string $why,
        public array $manners,
        public bool $isHeld,
        public bool $lastToFailure,
    ) {
    }

    /**
     * @param  int  $sets  1 to 20.
     * @param  int  $reserve  0 to 10 repetitions.
     * @param  int  $restSeconds  0 to 900.
     * @param  list<Manner>  $manners
     *
     * @throws InvalidQuantity If a number is out of range.
     */
    public static function of(
        string $exercise,
        Setting $setting,
        int $sets,
        Dose $dose,
        int $reserve,
        int $restSeconds,
        Sides $sides = Sides::Both,
        ?string $words = null,
        ?Tempo $tempo = null,
        ?float $rangeRatio = null,
        string $why = '',
        array $manners = [],
        bool $isHeld = false,
        bool $lastToFailure = false,
    ): self {
        InvalidQuantity::unlessBetween('sets', $sets, 1, 20, 'sets');
        InvalidQuantity::unlessBetween('reserve', $reserve, 0, 10, 'repetitions');
        InvalidQuantity::unlessBetween('rest_seconds', $restSeconds, 0, 900, 's');
        InvalidQuantity::unlessBetween('range_ratio', $rangeRatio ?? 1.0, 0.1, 2.0, 'of the load');

        return new self(
            $exercise,
            $setting,
            $words,
            $sets,
            $dose,
            $sides,
            $reserve,
            $restSeconds,
            $tempo,
            $rangeRatio,
            $why,
            $manners,
            $isHeld,
            $lastToFailure,
        );
    }

    /**
     * Reads what `toArray()` writes.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If a value is missing or out of range, naming it.
     */
    public static function fromArray(array $data): self
    {
        $setting = $data['setting'] ?? [];
        $dose = $data['dose'] ?? [];
        $tempo = $data['tempo'] ?? null;
        $ratio = $data['range_ratio'] ?? null;

        return self::of(
            exercise: is_string($data['exercise'] ?? null)
                ? $data['exercise']
                : throw InvalidQuantity::because('exercise', 'exercise is missing.'),
            setting: Setting::fromArray(is_array($setting) ? $setting : []),
            sets: self::whole($data, 'sets'),
            dose: Dose::fromArray(is_array($dose) ? $dose : []),
            reserve: self::whole($data, 'reserve'),
            restSeconds: self::whole($data, 'rest_seconds'),
            sides: Sides::tryFrom(is_string($data['sides'] ?? null) ? $data['sides'] : '') ?? Sides::Both,
            words: is_string($data['words'] ?? null) ? $data['words'] : null,
            tempo: is_array($tempo) ? Tempo::fromArray($tempo) : null,
            rangeRatio: is_int($ratio) || is_float($ratio) ? (float) $ratio : null,
            why: is_string($data['why'] ?? null) ? $data['why'] : '',
            manners: array_values(array_filter(array_map(
                static fn (mixed $manner): ?Manner => is_string($manner) ? Manner::tryFrom($manner) : null,
                is_array($data['manners'] ?? null) ? $data['manners'] : [],
            ))),
            isHeld: ($data['held'] ?? false) === true,
            lastToFailure: ($data['last_to_failure'] ?? false) === true,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'exercise' => $this->exercise,
            'setting' => $this->setting->toArray(),
            'words' => $this->words,
            'sets' => $this->sets,
            'dose' => $this->dose->toArray(),
            'sides' => $this->sides->value,
            'reserve' => $this->reserve,
            'rest_seconds' => $this->restSeconds,
            'tempo' => $this->tempo?->toArray(),
            'range_ratio' => $this->rangeRatio,
            'why' => $this->why === '' ? null : $this->why,
            'manners' => $this->manners === [] ? null : array_column($this->manners, 'value'),
            'held' => $this->isHeld ? true : null,
            'last_to_failure' => $this->lastToFailure ? true : null,
        ], static fn (mixed $value): bool => $value !== null);
    }

    public function withSets(int $sets): self
    {
        return $this->with(sets: $sets);
    }

    /**
     * The same with what is named otherwise; null leaves it as it is.
     *
     * @param  Tempo|false|null  $tempo  False for the exercise's usual one.
     *
     * @throws InvalidQuantity If a number is out of range.
     */
    public function with(
        ?Setting $setting = null,
        ?string $words = null,
        ?int $sets = null,
        ?Dose $dose = null,
        ?Sides $sides = null,
        ?int $reserve = null,
        ?int $restSeconds = null,
        Tempo|false|null $tempo = null,
        ?string $why = null,
        ?bool $isHeld = null,
        ?bool $lastToFailure = null,
    ): self {
        return self::of(
            $this->exercise,
            $setting ?? $this->setting,
            $sets ?? $this->sets,
            $dose ?? $this->dose,
            $reserve ?? $this->reserve,
            $restSeconds ?? $this->restSeconds,
            $sides ?? $this->sides,
            $words ?? $this->words,
            $tempo === false ? null : $tempo ?? $this->tempo,
            $this->rangeRatio,
            $why ?? $this->why,
            $this->manners,
            $isHeld ?? $this->isHeld,
            $lastToFailure ?? $this->lastToFailure,
        );
    }

    public function held(bool $isHeld): self
    {
        return $this->with(isHeld: $isHeld);
    }

    /** "3 × 10", "3 × 30 s", "1 × clean". */
    public function inShort(): string
    {
        return sprintf('%d × ', $this->sets).match (true) {
            $this->dose->asLongAsClean, $this->dose->asManyAsClean => 'clean',
            $this->dose->metres !== null => Plain::number($this->dose->metres).' m',
            $this->dose->isTimed() => "{$this->dose->count()} s",
            default => (string) $this->dose->count(),
        };
    }

    /** True where a set of it is meant to go on until no further repetition is clean; three days to recover from. */
    public function goesToFailure(): bool
    {
        return $this->reserve === 0 || $this->lastToFailure;
    }

    /** True where the same exercise is asked for in the same setting, however often. */
    public function asksTheSameAs(self $other): bool
    {
        return $this->exercise === $other->exercise && $this->setting->sameAs($other->setting);
    }

    /** @param  array<array-key, mixed>  $data */
    private static function whole(array $data, string $key): int
    {
        return is_int($data[$key] ?? null) ? $data[$key] : throw InvalidQuantity::because($key, "{$key} must be a whole number.");
    }
}
