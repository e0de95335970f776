<?php

declare(strict_types=1);

namespace App\Http\Resources\Shelf;

use App\Http\Resources\Resource;

/** What a shelf can train, pattern by pattern. */
final readonly class CoverageResource extends Resource
{
    /**
     * @param  list<PatternCoverageResource>  $patterns
     * @param  list<string>  $missing  Patterns it cannot train at all.
     * @param  int  $additions  So many single things can be tried, each asked for apart.
     */
    public function __construct(
        public int $clientId,
        public array $patterns,
        public array $missing,
        public int $additions,
    ) {
    }
}
