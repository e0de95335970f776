<?php

declare(strict_types=1);

use Database\Seeders\DemoBody;

/** @return int Repetitions that were in them: done and left. */
function couldDo(DemoBody $body, float $kg, int $set = 1, int $day = 0, ?string $side = null): int
{
    return array_sum($body->does('squat', 74, $kg, 5, $set, $day, $side));
}

it('can about what people like them can, more where it is strong, and does no more than was asked', function (): void {
    [$done, $left] = (new DemoBody('Nobody'))->does('squat', 74, 60, 8, 1, 0, null);
    expect($done)->toBeGreaterThanOrEqual(4)->toBeLessThanOrEqual(8)->and($done + $left)->toBeLessThanOrEqual(13);
    $middle = array_sum((new DemoBody('Nobody'))->does('squat', 74, 66, 5, 1, 0, null));
    $strong = array_sum((new DemoBody('Nobody', strong: 1.2))->does('squat', 74, 66, 5, 1, 0, null));
    expect($strong)->toBeGreaterThan($middle);
});

it('does less with more, in later sets and with the weaker side, and more with the weeks', function (): void {
    $body = new DemoBody('Nobody', growth: 0.02, left: 0.9);
    foreach ([50, 60, 66, 70, 75] as $i => $kg) {
        expect(couldDo($body, $kg))->toBeLessThanOrEqual(couldDo($body, max(50, $kg - 5)))
            ->and(couldDo($body, $kg, set: 5))->toBeLessThanOrEqual(couldDo($body, $kg))
            ->and(couldDo($body, $kg, side: 'left'))->toBeLessThanOrEqual(couldDo($body, $kg, side: 'right'));
    }
    expect(couldDo($body, 66, day: 70))->toBeGreaterThan(couldDo($body, 66, day: 0))
        ->and(couldDo($body, 70, side: 'left'))->toBeLessThan(couldDo($body, 56, side: 'left'));
});

it('does the same on the same day, and has good and bad days', function (): void {
    $run = static function (): array {
        $body = new DemoBody('Nobody', growth: 0.0);

        return array_map(static fn (int $day): array => $body->does('squat', 74, 60, 5, 1, $day, null), range(0, 40));
    };
    expect($run())->toBe($run())->and(count(array_unique(array_map('array_sum', $run()))))->toBeGreaterThan(1);
});
