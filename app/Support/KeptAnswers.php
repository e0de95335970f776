<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Contracts\Cache\Repository;

/**
 * What follows from a client, a shelf and a room alone, kept for as long as none of them changes: looking again costs nothing.
 */
final readonly class KeptAnswers
{
    private const SECONDS = 7 * 86400;

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @template T
     *
     * @param  string  $what  Names the question.
     * @param  mixed  $on  Everything it follows from: a situation, and what is asked of it.
     * @param  Closure(): T  $reckon
     * @param  int|null  $place  Where only the newest answer is of use: it takes the place of the one before, and no more is kept.
     * @return T
     */
    public function of(string $what, mixed $on, Closure $reckon, ?int $place = null): mixed
    {
        $sum = hash('sha256', serialize($on).self::sums());
        $key = sprintf('%s.%s', $what, $place ?? $sum);
        /** @var array{0: T, 1?: string}|null $kept What an earlier release kept has no sum, and is reckoned anew. */
        $kept = $this->cache->get($key);
        if ($kept !== null && ($kept[1] ?? '') === $sum) {
            return $kept[0];
        }
        $answer = $reckon();
        $this->cache->put($key, [$answer, $sum], self::SECONDS);

        return $answer;
    }

    /** Changes with the sums and the shipped exercises. */
    public static function sums(): string
    {
        return CatalogueFiles::stamp(base_path('catalogue'), ...glob(base_path('core/src').'/*', GLOB_ONLYDIR) ?: []);
    }
}
