<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Exception;

use NimbleShelf\Core\Text\Plain;

/** A number outside the range that has a meaning. */
final class InvalidQuantity extends \InvalidArgumentException implements CoreException
{
    private function __construct(private readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function notBetween(string $field, float $value, float $low, float $high, string $unit): self
    {
        return new self(
            $field,
            sprintf(
                '%s must be between %s and %s %s; got %s.',
                $field,
                Plain::number($low, 3),
                Plain::number($high, 3),
                $unit,
                Plain::number($value, 3),
            ),
        );
    }

    /** @throws self If the value is not a number from low to high, naming the field. */
    public static function unlessBetween(string $field, float $value, float $low, float $high, string $unit): void
    {
        if (! is_finite($value) || $value < $low || $value > $high) {
            throw self::notBetween($field, $value, $low, $high, $unit);
        }
    }

    public static function because(string $field, string $reason): self
    {
        return new self($field, $reason);
    }

    /**
     * Does some work; a refusal from inside names its field from where the caller stands, as in `setting.band.a_n`.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     *
     * @throws self With the longer name of the field.
     */
    public static function under(string $place, callable $work): mixed
    {
        try {
            return $work();
        } catch (InvalidQuantity $refused) {
            $field = $refused->field;
            throw str_starts_with($field, "{$place}.")
                ? $refused
                : new self("{$place}.{$field}", str_replace($field, "{$place}.{$field}", $refused->getMessage()));
        }
    }

    public function field(): string
    {
        return $this->field;
    }
}
