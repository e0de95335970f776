<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Something that can be copied: a template of one's own, or a programme of a client. */
final readonly class TemplateResource extends Resource
{
    /** @param  string|null  $client  Whose it is; null for a template. */
    public function __construct(
        public int $id,
        public string $name,
        public ?string $client,
        public string $state,
        public int $weeks,
        public int $sessions,
    ) {
    }
}
