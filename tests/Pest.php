<?php

declare(strict_types=1);

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

require_once __DIR__.'/Support/commands.php';

// The clock stands in every test that boots the application, at a usual morning unless told otherwise: bin/test-days runs
// them at the ends of months and where the clock changes.
uses(TestCase::class, RefreshDatabase::class)
    ->beforeEach(function (): void {
        $this->travelTo(CarbonImmutable::parse(getenv('NIMBLE_TEST_CLOCK') ?: '2026-11-25 09:00', 'UTC'));
    })
    ->in('Feature');

// Core tests boot no framework; the clock and the data come in as arguments.
expect()->extend('toBeWithin', function (float $delta, float $expected) {
    return $this->toEqualWithDelta($expected, $delta);
});
