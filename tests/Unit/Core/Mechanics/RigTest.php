<?php

declare(strict_types=1);

use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\PinAudit;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Shipped;

/*
 * A figure rests where its setting says, at the start, in the middle and at the end.
 */

it('rests at the height of what carries it', function (
    string $id,
    float $supportM,
    float $footM,
    string $joint,
    float $expectedM,
    Body $body,
): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight($supportM, $footM));
    foreach ([0.0, 0.5, 1.0] as $u) {
        expect($rig->poseAt($u)->y($joint))->toEqualWithDelta($expectedM, 1e-6, "{$id}: {$joint} at {$u}");
    }
    expect(
        PinAudit::misses($rig->figure, $body, $exercise->placementOf(Setting::bodyWeight($supportM, $footM))),
    )->each->toBeLessThan(0.035 * $body->heightM);
})->with([
    'press-up on a chair: the palms' => ['push-up', 0.5, 0.0, 'near_grip', 0.5],
    'press-up on a chair: the toes' => ['push-up', 0.5, 0.0, 'far_toe', 0.0],
    'press-up with raised feet: the toes' => ['push-up', 0.0, 0.4, 'near_toe', 0.4],
    'press-up with raised feet: the palms' => ['push-up', 0.0, 0.4, 'far_grip', 0.0],
    'dip: the palms' => ['chair-dip', 0.46, 0.0, 'near_grip', 0.46],
    'dip: the heels' => ['chair-dip', 0.46, 0.0, 'near_heel', 0.0],
    'row under a table: the hands' => ['inverted-row', 0.75, 0.0, 'near_grip', 0.75],
    'supported row: the hand that leans' => ['one-arm-row', 0.46, 0.0, 'far_grip', 0.46],
    'step-up: the working foot' => ['step-up', 0.0, 0.3, 'near_heel', 0.3],
    'bridge: the heels' => ['glute-bridge', 0.0, 0.0, 'far_heel', 0.0],
    'squat: the toes' => ['squat', 0.0, 0.0, 'near_toe', 0.0],
])->with(fn (): array => Shipped::bodies());

it('keeps every limb as long as it is, seen from the side', function (string $id, Body $body): void {
    $exercise = Shipped::catalogue()->exercise($id);
    $rig = Shipped::model()->rig($exercise, $body, Setting::bodyWeight());
    foreach ([0.0, 0.3, 0.6, 1.0] as $u) {
        $pose = $rig->poseAt($u);
        foreach (['near', 'far'] as $side) {
            expect($pose->distance("{$side}_hip", "{$side}_knee"))->toEqualWithDelta($body->lengths['thigh'], 1e-6)
                ->and($pose->distance("{$side}_knee", "{$side}_ankle"))->toEqualWithDelta($body->lengths['shank'], 1e-6)
                ->and($pose->distance("{$side}_wrist", "{$side}_fingertip"))->toEqualWithDelta($body->lengths['hand'], 1e-6)
                ->and($pose->distance("{$side}_wrist", "{$side}_grip"))->toEqualWithDelta(Body::GRIP * $body->lengths['hand'], 1e-6);
        }
        expect($pose->distance('hip', 'shoulder'))->toEqualWithDelta($body->lengths['trunk'], 1e-6)
            ->and($pose->distance('shoulder', 'head'))->toEqualWithDelta($body->lengths['head'], 1e-6);
    }
})->with(['squat', 'split-squat', 'step-up', 'glute-bridge', 'romanian-deadlift', 'biceps-curl'])->with(fn (): array => Shipped::bodies());

it('stands upright as tall as it is', function (): void {
    $body = Body::of(1.80, 80);
    $pose = Shipped::model()->rig(Shipped::catalogue()->exercise('biceps-curl'), $body, Setting::bodyWeight())->poseAt(0.0);
    // Ankle height, shank, thigh, trunk and head: 0.039 + 0.246 + 0.245 + 0.288 + 0.182 = 1.000 of height.
    expect($pose->y('head'))->toEqualWithDelta(1.80, 0.01)
        ->and($pose->y('near_hip'))->toEqualWithDelta(0.53 * 1.80, 0.01);
});

it('leaves the far arm at its start where only one works', function (): void {
    $rig = Shipped::model()->rig(Shipped::catalogue()->exercise('biceps-curl'), Body::of(1.7, 70), Setting::of('dumbbell', 8, limbs: 1));
    expect($rig->farArmRests())->toBeTrue()
        ->and($rig->poseAt(1.0)->y('far_grip'))->toEqualWithDelta($rig->poseAt(0.0)->y('far_grip'), 1e-6)
        ->and($rig->poseAt(1.0)->y('near_grip'))->toBeGreaterThan($rig->poseAt(0.0)->y('near_grip') + 0.3);
});
