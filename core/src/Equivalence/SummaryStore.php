<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Equivalence;

use NimbleShelf\Core\Mechanics\CurveSummary;

/** Keeps what curves come to, so that a screen that asks again and again does not wait for them. */
interface SummaryStore
{
    public function find(string $key): ?CurveSummary;

    public function keep(string $key, CurveSummary $summary): void;
}
