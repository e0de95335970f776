<?php

declare(strict_types=1);

use App\Support\KeptSums;
use Illuminate\Cache\ArrayStore;
use Illuminate\Cache\Repository;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use Tests\Support\Saltmarrow;
use Tests\Support\Shipped;

beforeEach(function (): void {
    $this->store = new ArrayStore(serializesValues: true);
    $this->sums = fn (string $stamp = 'now'): KeptSums => new KeptSums(new Repository($this->store), static fn (): string => $stamp);
});

it('knows in the next request what one reckoned, and nothing that was not written', function (): void {
    $one = ($this->sums)();
    $one->keep('body', 'squat', 'a', [1.5, NAN, -0.1]);
    expect($one->find('body', 'squat', 'a')[0])->toBe(1.5)->and(($this->sums)()->find('body', 'squat', 'a'))->toBeNull();
    $one->save();
    [$first, $none, $last] = ($this->sums)()->find('body', 'squat', 'a');
    expect([$first, $last])->toBe([1.5, -0.1])->and(is_nan($none))->toBeTrue()
        ->and(($this->sums)()->find('body', 'squat', 'b'))->toBeNull()
        ->and(($this->sums)()->find('body', 'row', 'a'))->toBeNull()
        ->and(($this->sums)()->find('another body', 'squat', 'a'))->toBeNull();
});

it('forgets what other sums came to', function (): void {
    $one = ($this->sums)();
    $one->keep('body', 'squat', 'a', [1.0]);
    $one->save();
    expect(($this->sums)('later')->find('body', 'squat', 'a'))->toBeNull();
});

it('loses nothing where two requests write at once', function (): void {
    [$one, $other] = [($this->sums)(), ($this->sums)()];
    $one->find('body', 'squat', 'a');
    $other->find('body', 'squat', 'a');
    $one->keep('body', 'squat', 'a', [1.0]);
    $other->keep('body', 'squat', 'b', [2.0]);
    $one->save();
    $other->save();
    expect(($this->sums)()->find('body', 'squat', 'a'))->toBe([1.0])->and(($this->sums)()->find('body', 'squat', 'b'))->toBe([2.0]);
});

it('lets go of bodies that nobody has had for long', function (): void {
    for ($body = 0; $body < 130; $body++) {
        $sums = ($this->sums)();
        $sums->keep("body {$body}", 'squat', 'a', [(float) $body]);
        $sums->save();
    }
    expect(($this->sums)()->find('body 9', 'squat', 'a'))->toBeNull()
        ->and(($this->sums)()->find('body 10', 'squat', 'a'))->toBe([10.0])
        ->and(($this->sums)()->find('body 129', 'squat', 'a'))->toBe([129.0]);
});

it('gives every figure as it would be reckoned', function (string $exercise, array $setting, School $school): void {
    $body = Body::of(1.68, 66);
    $asked = static function (ResistanceModel $model) use ($exercise, $setting, $school, $body): array {
        $done = Shipped::catalogue()->exercise($exercise);
        $at = Setting::fromArray($setting);
        $summary = $model->summary($done, $body, $at);
        $equivalent = $model->equivalent($done, $body, $at, $school);

        return [
            $model->curve($done, $body, $at), $summary->mean(), $summary->slackFraction, $summary->longestStretch,
            $summary->highestPointM, $equivalent, $model->pullOffDegrees($done, $body, $at), $model->ownKg($done->pattern, $body),
        ];
    };
    $reckoned = $asked(new ResistanceModel(Shipped::catalogue()));
    $first = ($this->sums)();
    expect($asked(new ResistanceModel(Shipped::catalogue(), $first)))->toEqual($reckoned);
    $first->save();
    expect($asked(new ResistanceModel(Shipped::catalogue(), ($this->sums)())))->toEqual($reckoned);
})->with([
    'a bell' => ['goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 12], School::Mean],
    'the body' => ['push-up', ['implement' => 'body-weight'], School::Peak],
    'an anchored tube' => ['standing-band-row', [
        'implement' => 'tube',
        'band' => [
            'rest_length_cm' => 130, 'a_n' => 25, 'b_n' => 20,
            'layout' => 'anchored-middle', 'anchor_height_cm' => 70, 'anchor_distance_cm' => 90,
        ],
    ], School::EndOfRange],
]);

it('keeps what a page asked for when the request ends', function (): void {
    $client = Saltmarrow::client(Saltmarrow::trainer());
    Saltmarrow::thing($client, 'dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]);
    $this->actingAs($client->trainer);
    $this->getJson("/api/clients/{$client->id}/coverage")->assertOk();
    $bodies = cache()->get('sums.bodies');
    expect($bodies)->not->toBeEmpty()
        ->and(array_filter(range(0, 15), static fn (int $part): bool => cache()->has("sums.{$bodies[0]}.{$part}")))->not->toBe([]);
});
