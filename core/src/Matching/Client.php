<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\RestingLimbs;

/** The person who trains, as far as the sums need to know. */
final readonly class Client
{
    public Preferences $preferences;

    /**
     * @param  list<Limit>  $limits
     * @param  array<string, Capacity>  $capacities  By pattern.
     */
    public function __construct(
        public Body $body,
        public array $limits = [],
        public array $capacities = [],
        ?Preferences $preferences = null,
    ) {
        $this->preferences = $preferences ?? Preferences::none();
    }

    /** What is known of a pattern from what was done in it; null where there is only what people like this usually can. */
    public function onRecord(string $pattern): ?Capacity
    {
        $capacity = $this->capacities[$pattern] ?? null;

        return $capacity?->isOnRecord() === true ? $capacity : null;
    }

    /** The same of an exercise: its own where it was done, its pattern's where only others were. */
    public function onRecordFor(Exercise $exercise): ?Capacity
    {
        $capacity = $this->capacityFor($exercise);

        return $capacity?->isOnRecord() === true ? $capacity : null;
    }

    /** What is thought of an exercise: of itself where it was done, of its pattern where it was not. */
    public function capacityFor(Exercise $exercise): ?Capacity
    {
        return $this->capacities[Capacity::key($exercise->pattern, $exercise->id)] ?? $this->capacities[$exercise->pattern] ?? null;
    }

    /**
     * The same client with other capacities.
     *
     * @param  array<string, Capacity>  $capacities  By pattern.
     */
    public function knowing(array $capacities): self
    {
        return new self($this->body, $this->limits, $capacities, $this->preferences);
    }

    public function has(Limit $limit): bool
    {
        return in_array($limit, $this->limits, true);
    }

    /** True where getting down to the floor and up again takes longer. */
    public function isSlowOnFeet(): bool
    {
        return $this->has(Limit::BalanceSupport) || $this->has(Limit::LowBoneDensity);
    }

    public function resting(): RestingLimbs
    {
        return RestingLimbs::under(array_map(static fn (Limit $limit): string => $limit->value, $this->limits));
    }

    public function with(Limit ...$limits): self
    {
        return new self($this->body, array_values([...$this->limits, ...$limits]), $this->capacities, $this->preferences);
    }
}
