<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Equivalence;

/** Keeps what sums about one body come to, so that a screen that asks again and again does not wait for them. */
interface SumStore
{
    /**
     * @param  string  $body  Key of the body they are about.
     * @param  string  $exercise  Id of the exercise they are about.
     * @param  string  $key  Tells all sums of an exercise apart.
     * @return list<float>|null What was kept; null where nothing was.
     */
    public function find(string $body, string $exercise, string $key): ?array;

    /** @param  list<float>  $sums */
    public function keep(string $body, string $exercise, string $key, array $sums): void;
}
