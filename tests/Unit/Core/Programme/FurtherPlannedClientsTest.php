<?php

declare(strict_types=1);

use Tests\Support\PlanJudge;

it('breaks no limit, kit, time or recovery for clients, shelves and rooms of every kind', function (int $from): void {
    $read = PlanJudge::clients($from, 30);
    expect($read['broken'])->toBe([])->and($read['slots'])->toBeGreaterThan(400);
})->with([[1150], [1180], [1210], [1240], [1270]]);
