<?php

declare(strict_types=1);

namespace App\Support;

use Closure;
use Illuminate\Contracts\Cache\Repository;
use NimbleShelf\Core\Equivalence\SumStore;

/**
 * Sums kept in the application's cache, by body: what was once reckoned of a client's things need not be again when the next
 * page asks. Written when a request ends, a part of the exercises at a time, so that who asks for one reads little.
 */
final class KeptSums implements SumStore
{
    /** A body's sums lie in so many parts, by exercise; of a part more are let go together. */
    private const PARTS = 16;

    private const MOST = 2000;

    /**
     * Of more bodies those that were new longest ago are let go: each client has one and one with longer limbs, for the spread, and each
     * weighing makes others.
     */
    private const BODIES = 120;

    private const INDEX = 'sums.bodies';

    private const SECONDS = 30 * 86400;

    /** @var array<string, array<int, array<string, string>>> Packed sums by body, part and key. */
    private array $known = [];

    /** @var array<string, array<int, true>> Parts that hold something new, by body. */
    private array $new = [];

    private ?string $stamp = null;

    /** @param  Closure(): string  $stampOf  Changes with whatever the sums depend on beside their key: catalogue and mechanics. */
    public function __construct(private readonly Repository $cache, private readonly Closure $stampOf)
    {
    }

    public function find(string $body, string $exercise, string $key): ?array
    {
        $packed = $this->part($body, self::partOf($exercise))[self::short($exercise, $key)] ?? null;
        /** @var array<int, float>|false $found */
        $found = $packed === null ? false : unpack('d*', $packed);

        return $found === false ? null : array_values($found);
    }

    public function keep(string $body, string $exercise, string $key, array $sums): void
    {
        $part = self::partOf($exercise);
        if (count($this->part($body, $part)) >= self::MOST) {
            $this->known[$body][$part] = [];
        }
        $this->known[$body][$part][self::short($exercise, $key)] = pack('d*', ...$sums);
        $this->new[$body][$part] = true;
    }

    /** Writes what is new, beside what others wrote meanwhile. */
    public function save(): void
    {
        foreach ($this->new as $body => $parts) {
            foreach (array_keys($parts) as $part) {
                $all = $this->known[$body][$part] + $this->read($body, $part);
                $kept = count($all) > self::MOST ? $this->known[$body][$part] : $all;
                $this->cache->put(self::name($body, $part), [$this->stamp(), $kept], self::SECONDS);
            }
        }
        if ($this->new !== []) {
            $this->remember(array_map(strval(...), array_keys($this->new)));
            $this->new = [];
        }
    }

    /** @param  list<string>  $bodies */
    private function remember(array $bodies): void
    {
        $known = $this->cache->get(self::INDEX);
        /** @var list<string> $known */
        $known = is_array($known) ? $known : [];
        $all = [...array_values(array_diff($known, $bodies)), ...$bodies];
        foreach (array_slice($all, 0, max(0, count($all) - self::BODIES)) as $forgotten) {
            for ($part = 0; $part < self::PARTS; $part++) {
                $this->cache->forget(self::name($forgotten, $part));
            }
        }
        $this->cache->put(self::INDEX, array_slice($all, -self::BODIES), self::SECONDS);
    }

    /** @return array<string, string> */
    private function part(string $body, int $part): array
    {
        return $this->known[$body][$part] ??= $this->read($body, $part);
    }

    /** @return array<string, string> What earlier sums came to is nothing. */
    private function read(string $body, int $part): array
    {
        $kept = $this->cache->get(self::name($body, $part));
        /** @var array{string, array<string, string>} $kept */
        $kept = is_array($kept) ? $kept : ['', []];

        return $kept[0] === $this->stamp() ? $kept[1] : [];
    }

    private function stamp(): string
    {
        return $this->stamp ??= ($this->stampOf)();
    }

    private static function name(string $body, int $part): string
    {
        return "sums.{$body}.{$part}";
    }

    private static function partOf(string $exercise): int
    {
        return crc32($exercise) % self::PARTS;
    }

    private static function short(string $exercise, string $key): string
    {
        return hash('xxh128', "{$exercise}|{$key}");
    }
}
