<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use NimbleShelf\Core\Planning\Tempo;

/**
 * Keeps a tempo as JSON; null for the exercise's usual one.
 *
 * @implements CastsAttributes<Tempo|null, Tempo|null>
 */
final class AsTempo implements CastsAttributes
{
    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?Tempo
    {
        $data = is_string($value) ? json_decode($value, true, flags: JSON_THROW_ON_ERROR) : null;

        return is_array($data) ? Tempo::fromArray($data) : null;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value instanceof Tempo ? json_encode($value->toArray(), JSON_THROW_ON_ERROR) : null;
    }
}
