<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Matching\Limit;

/** A limit that changes what a client may do. */
final readonly class LimitResource extends Resource
{
    public function __construct(
        public string $id,
        public string $label,
    ) {
    }

    public static function of(Limit $limit): self
    {
        return new self(id: $limit->value, label: $limit->label());
    }

    /**
     * @param  list<Limit>  $limits
     * @return list<self>
     */
    public static function allOf(array $limits): array
    {
        return array_map(self::of(...), $limits);
    }
}
