<?php

declare(strict_types=1);

namespace App\Console\Input;

use NimbleShelf\Core\Exception\InvalidQuantity;

/** Reads named fields of a JSON object and says which one is wrong. */
final readonly class Fields
{
    /** @param  array<array-key, mixed>  $data */
    public function __construct(private array $data, private string $under = '')
    {
    }

    /** @throws InvalidQuantity If the field is missing, not a number or out of range. */
    public function number(string $name, float $low, float $high, string $unit): float
    {
        $value = $this->data[$name] ?? null;
        $field = $this->under.$name;
        if ($value === null) {
            throw InvalidQuantity::because($field, "{$field} is missing.");
        }
        if (! is_int($value) && ! is_float($value)) {
            throw InvalidQuantity::because($field, "{$field} must be a number.");
        }
        if ($value < $low || $value > $high) {
            throw InvalidQuantity::notBetween($field, (float) $value, $low, $high, $unit);
        }

        return (float) $value;
    }

    /** @throws InvalidQuantity If the field is missing, not a whole number or out of range. */
    public function whole(string $name, int $low, int $high, string $unit): int
    {
        $value = $this->number($name, $low, $high, $unit);
        if ($value !== floor($value)) {
            throw InvalidQuantity::because($this->under.$name, "{$this->under}{$name} must be a whole number.");
        }

        return (int) $value;
    }

    /** @throws InvalidQuantity If the field is missing or not a text. */
    public function text(string $name): string
    {
        $value = $this->data[$name] ?? null;
        if (! is_string($value) || $value === '') {
            throw InvalidQuantity::because(
                $this->under.$name,
                $value === null ? "{$this->under}{$name} is missing." : "{$this->under}{$name} must be a text.",
            );
        }

        return $value;
    }

    /** @return list<string> The names of the fields given. */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->data));
    }

    public function has(string $name): bool
    {
        return isset($this->data[$name]);
    }

    /** @throws InvalidQuantity If the field is missing or not an object. */
    public function object(string $name): self
    {
        return new self($this->map($name), "{$this->under}{$name}.");
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws InvalidQuantity If the field is missing or not an object.
     */
    public function map(string $name): array
    {
        $value = $this->data[$name] ?? null;
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw InvalidQuantity::because(
                $this->under.$name,
                $value === null ? "{$this->under}{$name} is missing." : "{$this->under}{$name} must be an object.",
            );
        }

        return $value;
    }

    /**
     * @return list<self>
     *
     * @throws InvalidQuantity If the field is missing or not a list of objects.
     */
    public function objects(string $name): array
    {
        $value = $this->data[$name] ?? null;
        if (! is_array($value) || ! array_is_list($value)) {
            throw InvalidQuantity::because(
                $this->under.$name,
                $value === null ? "{$this->under}{$name} is missing." : "{$this->under}{$name} must be a list.",
            );
        }
        $objects = [];
        foreach ($value as $i => $item) {
            if (! is_array($item)) {
                throw InvalidQuantity::because("{$this->under}{$name}.{$i}", "{$this->under}{$name}.{$i} must be an object.");
            }
            $objects[] = new self($item, "{$this->under}{$name}.{$i}.");
        }

        return $objects;
    }

    /**
     * @param  list<string>  $allowed
     *
     * @throws InvalidQuantity If the field is none of the allowed texts.
     */
    public function oneOf(string $name, array $allowed, ?string $default = null): string
    {
        if (! $this->has($name) && $default !== null) {
            return $default;
        }
        $value = $this->text($name);
        if (! in_array($value, $allowed, true)) {
            throw InvalidQuantity::because(
                $this->under.$name,
                sprintf('%s must be one of %s; got "%s".', $this->under.$name, implode(', ', $allowed), $value),
            );
        }

        return $value;
    }

    /** @throws InvalidQuantity If the field is not true or false. */
    public function flag(string $name): bool
    {
        $value = $this->data[$name] ?? null;

        return is_bool($value)
            ? $value
            : throw InvalidQuantity::because($this->under.$name, "{$this->under}{$name} must be true or false.");
    }

    /**
     * @return list<string>
     *
     * @throws InvalidQuantity If the field is not a list of texts.
     */
    public function texts(string $name): array
    {
        $value = $this->data[$name] ?? null;
        if (! is_array($value) || ! array_is_list($value)) {
            throw InvalidQuantity::because($this->under.$name, "{$this->under}{$name} must be a list.");
        }
        $texts = [];
        foreach ($value as $i => $text) {
            $texts[] = is_string($text)
                ? $text
                : throw InvalidQuantity::because("{$this->under}{$name}.{$i}", "{$this->under}{$name}.{$i} must be a text.");
        }

        return $texts;
    }

    /** @return array<string, mixed> Everything, by field. */
    public function all(): array
    {
        $all = [];
        foreach ($this->data as $name => $value) {
            $all[(string) $name] = $value;
        }

        return $all;
    }
}
