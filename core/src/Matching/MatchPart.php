<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

/** One part of a match's score: what was compared, how well it agrees (0 to 1) and how much that counts. */
final readonly class MatchPart
{
    public function __construct(public string $name, public float $score, public float $weight)
    {
    }
}
