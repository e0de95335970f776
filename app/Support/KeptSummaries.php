<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Contracts\Cache\Repository;
use NimbleShelf\Core\Equivalence\SummaryStore;
use NimbleShelf\Core\Mechanics\CurveSummary;

/** Curve summaries kept in the application's cache, all that were ever asked for under one name; read once, written once. */
final class KeptSummaries implements SummaryStore
{
    /** More are let go together: a few clients' programmes have some hundred each. */
    private const MOST = 2000;

    private const SECONDS = 30 * 86400;

    /** @var array<string, array{float, float, float|null, float}>|null */
    private ?array $known = null;

    private bool $isNew = false;

    /** @param  string  $name  Changes with whatever the sums depend on beside their key: catalogue and mechanics. */
    public function __construct(private readonly Repository $cache, private readonly string $name)
    {
    }

    public function find(string $key): ?CurveSummary
    {
        $found = $this->known()[$key] ?? null;

        return $found === null ? null : new CurveSummary(...$found);
    }

    public function keep(string $key, CurveSummary $summary): void
    {
        $known = $this->known();
        $this->known = count($known) >= self::MOST ? [] : $known;
        $this->known[$key] = [$summary->mean(), $summary->slackFraction, $summary->longestStretch, $summary->highestPointM];
        $this->isNew = true;
    }

    /** Writes what is new. */
    public function save(): void
    {
        if ($this->isNew) {
            $this->cache->put($this->name, $this->known, self::SECONDS);
            $this->isNew = false;
        }
    }

    /** @return array<string, array{float, float, float|null, float}> */
    private function known(): array
    {
        if ($this->known === null) {
            $kept = $this->cache->get($this->name);
            /** @var array<string, array{float, float, float|null, float}> $kept */
            $kept = is_array($kept) ? $kept : [];
            $this->known = $kept;
        }

        return $this->known;
    }
}
