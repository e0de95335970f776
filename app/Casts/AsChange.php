<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use NimbleShelf\Core\Planning\Change;

/**
 * Keeps a change as JSON of its outside shape.
 *
 * @implements CastsAttributes<Change, Change>
 */
final class AsChange implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): Change
    {
        /** @var array<string, mixed> $data */
        $data = json_decode(is_string($value) ? $value : '{}', true, flags: JSON_THROW_ON_ERROR);

        return Change::fromArray($data);
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        assert($value instanceof Change);

        return json_encode($value->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }
}
