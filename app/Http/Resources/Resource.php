<?php

declare(strict_types=1);

namespace App\Http\Resources;

/**
 * What the API answers with: typed fields, sent as they stand, from which the page's types are generated.
 *
 * Kilograms, centimetres and seconds end the names; sums are rounded here and nowhere before.
 */
abstract readonly class Resource implements \JsonSerializable
{
    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return get_object_vars($this);
    }
}
