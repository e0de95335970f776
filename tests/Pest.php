<?php

declare(strict_types=1);

use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

uses(TestCase::class, RefreshDatabase::class)->in('Feature');

// Core tests boot no framework; the clock and the data come in as arguments.
expect()->extend('toBeWithin', function (float $delta, float $expected) {
    return $this->toEqualWithDelta($expected, $delta);
});
