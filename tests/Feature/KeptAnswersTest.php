<?php

declare(strict_types=1);

use App\Support\KeptAnswers;

beforeEach(function (): void {
    $this->asked = 0;
    $this->of = fn (mixed $on, ?int $place = null): string => resolve(KeptAnswers::class)->of(
        'weather',
        $on,
        function () use ($on): string {
            $this->asked++;

            return 'of '.json_encode($on);
        },
        $place,
    );
});

it('reckons once for the same, and anew for anything else', function (): void {
    expect(($this->of)([1]))->toBe('of [1]')->and(($this->of)([1]))->toBe('of [1]')->and($this->asked)->toBe(1)
        ->and(($this->of)([2]))->toBe('of [2]')->and(($this->of)([1]))->toBe('of [1]')->and($this->asked)->toBe(2);
});

it('keeps only the newest of a place, and never gives it for something else', function (): void {
    expect(($this->of)([1], 7))->toBe('of [1]')->and(($this->of)([1], 7))->toBe('of [1]')->and($this->asked)->toBe(1)
        ->and(($this->of)([2], 7))->toBe('of [2]')->and($this->asked)->toBe(2)
        // The one before has made way for it.
        ->and(($this->of)([1], 7))->toBe('of [1]')->and($this->asked)->toBe(3)
        ->and(($this->of)([1], 8))->toBe('of [1]')->and($this->asked)->toBe(4);
});
