<?php

declare(strict_types=1);

use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\MatchScore;
use NimbleShelf\Core\Matching\Preferences;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SorePart;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use Tests\Support\RandomBriefs;
use Tests\Support\Shipped;

/** @return list<string> */
function named(array $candidates): array
{
    return array_map(
        static fn (Candidate $one): string => "{$one->rung->exercise->id} {$one->rung->words} ".round($one->match, 9),
        $candidates,
    );
}

it('finds without asking everything the very candidates that come first when everything is asked', function (
    string $exercise,
    array $setting,
): void {
    $desk = SwapDesk::of(Shipped::catalogue(), Shipped::model());
    foreach ([3, 8, 21, 34] as $seed) {
        [$brief] = RandomBriefs::number($seed);
        $there = $brief->situation;
        foreach ([Preferences::none(), Preferences::of('lunges, bands', 'squats', ['floor-press' => 12])] as $preferences) {
            $client = new Client($there->client->body, $there->client->limits, $there->client->capacities, $preferences);
            $situation = new Situation($client, $there->shelf, $there->home);
            $asked = Prescription::of($exercise, Setting::fromArray($setting), 3, 10, 2, Goal::Muscle);
            foreach ([
                [$desk, null],
                [$desk->weighing(new MatchScore(['movement' => 0, 'set-up' => 60])), SorePart::Shoulder],
            ] as [$of, $sore]) {
                $all = $of->rank($asked, $situation, limit: 6, sore: $sore)->candidates;
                expect(named($of->best($asked, $situation, 6, $sore)))->toBe(named($all))
                    ->and(named($of->best($asked, $situation, 1, $sore)))->toBe(named(array_slice($all, 0, 1)));
            }
        }
    }
})->with([
    'a press' => ['floor-press', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true]],
    'a row' => ['bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 14]],
    'a squat' => ['goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 12]],
    'a raise' => ['lateral-raise', ['implement' => 'dumbbell', 'mass_kg' => 3, 'per_hand' => true]],
    'a hold' => ['forearm-plank', ['implement' => 'body-weight']],
    'a swing' => ['kettlebell-swing', ['implement' => 'kettlebell', 'mass_kg' => 12]],
    'a raise of the heels' => ['calf-raise', ['implement' => 'body-weight']],
]);
