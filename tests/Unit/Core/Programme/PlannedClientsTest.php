<?php

declare(strict_types=1);

use Tests\Support\PlanJudge;

it('breaks no limit, kit, time or recovery for clients, shelves and rooms of every kind', function (int $from): void {
    $read = PlanJudge::clients($from, 30);
    expect($read['broken'])->toBe([])->and($read['slots'])->toBeGreaterThan(400);
})->with([[1000], [1030], [1060], [1090], [1120]]);
