<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** One change of what a slot asks for: something else instead, another number of sets, or nothing at all. */
final readonly class Change
{
    /** @param  int|null  $onlySet  The one set it is for; null for all. */
    private function __construct(public ?Assignment $instead, public ?int $sets, public ?string $leftOut, public ?int $onlySet)
    {
    }

    /** The number of sets stays what it is. */
    public static function swapFor(Assignment $instead, ?int $onlySet = null): self
    {
        return new self($instead, null, null, $onlySet);
    }

    /** @throws InvalidQuantity If it is not 1 to 20. */
    public static function toSets(int $sets): self
    {
        InvalidQuantity::unlessBetween('sets', $sets, 1, 20, 'sets');

        return new self(null, $sets, null, null);
    }

    /** @param  string  $why  Not empty. */
    public static function leaveOut(string $why): self
    {
        return new self(null, null, $why, null);
    }

    /**
     * Reads what `toArray()` writes.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If it changes nothing.
     */
    public static function fromArray(array $data): self
    {
        $onlySet = is_int($data['only_set'] ?? null) ? $data['only_set'] : null;

        return match (true) {
            is_array($data['instead'] ?? null) => self::swapFor(Assignment::fromArray($data['instead']), $onlySet),
            is_int($data['sets'] ?? null) => self::toSets($data['sets']),
            is_string($data['left_out'] ?? null) => self::leaveOut($data['left_out']),
            default => throw InvalidQuantity::because('change', 'A change puts something else in, sets a number of sets, or leaves out.'),
        };
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return array_filter([
            'instead' => $this->instead?->toArray(),
            'sets' => $this->sets,
            'left_out' => $this->leftOut,
            'only_set' => $this->onlySet,
        ], static fn (mixed $value): bool => $value !== null);
    }
}
