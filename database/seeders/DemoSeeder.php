<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Client;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Database\Seeder;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Saltmarrow, a harbour town that does not exist: eight clients with their homes and shelves, weeks of history, and today's visits.
 *
 * Everything is written through the same actions the application uses, so that every number shown is computed.
 */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'isaura@saltmarrow.example';

    public const PASSWORD = 'cargo-bike';

    public const OTHER_EMAIL = 'corvin@saltmarrow.example';

    public function __construct(
        private readonly DemoDiary $diary,
        private readonly Screening $screening,
    ) {
    }

    public function run(): void
    {
        $isaura = User::query()->create(['name' => 'Isaura Veldkamp', 'email' => self::EMAIL, 'password' => self::PASSWORD]);
        $corvin = User::query()->create(['name' => 'Corvin Hale', 'email' => self::OTHER_EMAIL, 'password' => self::PASSWORD]);
        $this->lockKeeper($isaura);
        $this->nightBaker($isaura);
        $this->ferryPilot($isaura);
        $this->luthier($isaura);
        $this->ceramicist($isaura);
        $this->coxswain($isaura);
        $this->botanist($isaura);
        $this->bellFounder($isaura);
        $this->client(
            $corvin,
            'Ottoline Fenwright',
            'sail mender',
            'health',
            [],
            [168, 64],
            ['ceiling_cm' => 240],
            [['wall', 'loft wall', 1, []]],
            'Sail loft, second door',
        );
    }

    private function lockKeeper(User $trainer): void
    {
        $client = $this->client($trainer, 'Orrin Kestlewick', 'lock-keeper', 'muscle', [], [178, 84], [
            'ceiling_cm' => 188, 'floor' => 'rocking', 'note' => 'Narrowboat with 1.88 m of headroom; the floor moves when barges pass.',
        ], [
            ['dumbbell', '8 kg dumbbell', 2, ['mass_kg' => 8]],
            ['object', 'ballast jug', 2, ['mass_kg' => 10, 'grip' => 'handle', 'sealed' => true, 'certainty' => 'weighed']],
            ['tube', 'red tube', 1, ['rest_length_cm' => 165, 'a_n' => 25, 'b_n' => 22, 'source' => 'measured']],
            ['rucksack', 'canvas rucksack', 1, ['tare_kg' => 0.9, 'max_kg' => 22]],
            ['object', 'coil of rope', 1, ['mass_kg' => 6, 'grip' => 'bag', 'certainty' => 'guessed']],
            ['sofa', 'locker bench', 1, ['height_cm' => 42, 'mass_kg' => 40]],
            ['wall', 'cabin wall', 1, []],
        ], 'Lock 4, tow path side', 'Kneels on the left knee with a mat only.');
        $this->diary->history($client, 'Boat strength', 3, '08:30', [
            ['rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 12], 3, 8, 2],
            ['floor-press', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true], 3, 14, 2],
            ['bent-over-row', ['implement' => 'object', 'mass_kg' => 10, 'per_hand' => true], 3, 10, 2],
            ['biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 8, 'per_hand' => true], 2, 9, 2],
        ], painOn: 2, missing: '8 kg dumbbell');
        $this->diary->session($client, 'Full body on board', CarbonImmutable::today()->setTime(8, 30), 45, [
            ['straight', 'Legs first', [['rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 16], 3, 10, 2, 90]]],
            ['superset', 'Push and pull', [
                ['overhead-press', ['implement' => 'dumbbell', 'mass_kg' => 10, 'per_hand' => true], 3, 10, 2, 60],
                ['bent-over-row', ['implement' => 'object', 'mass_kg' => 10, 'per_hand' => true], 3, 12, 2, 75],
            ]],
            ['straight', 'Shoulders and trunk', [
                ['lateral-raise', ['implement' => 'dumbbell', 'mass_kg' => 5, 'per_hand' => true], 3, 12, 2, 60],
                ['forearm-plank', ['implement' => 'body-weight'], 2, 40, 1, 45],
            ]],
        ]);
    }

    private function nightBaker(User $trainer): void
    {
        $client = $this->client($trainer, 'Marisol Tangwynne', 'night baker', 'muscle', ['no-jumps'], [164, 68], [
            'ceiling_cm' => 245, 'floor' => 'smooth', 'quiet' => true,
            'note' => 'Third floor, neighbours asleep by day: no jumping, nothing dropped.',
        ], [
            ['dumbbell', '6 kg dumbbell', 2, ['mass_kg' => 6]],
            ['kettlebell', '12 kg kettlebell', 1, ['mass_kg' => 12]],
            ['object', 'flour sack', 2, ['mass_kg' => 10, 'grip' => 'bag', 'sealed' => true]],
            ['rucksack', 'hiking rucksack', 1, ['tare_kg' => 1.2, 'max_kg' => 24]],
            ['tube', 'green tube', 1, ['rest_length_cm' => 130, 'a_n' => 30, 'b_n' => 26, 'source' => 'rated']],
            ['table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 24]],
            ['chair', 'kitchen chair', 1, ['height_cm' => 45, 'mass_kg' => 5]],
            ['wall', 'hall wall', 1, []],
            ['mat', 'mat', 1, []],
        ], 'Tidegate Row, third floor', 'Sleeps until noon; soft voice on the stairs.');
        $this->diary->history($client, 'Between two shifts', 2, '13:00', [
            ['goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 12], 3, 9, 3],
            ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 75], 3, 9, 2],
            ['romanian-deadlift', ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true], 3, 12, 3],
            ['bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true], 3, 12, 2],
        ], minutes: 15);
        $this->diary->session($client, 'Legs, push and pull', CarbonImmutable::today()->setTime(13, 0), 40, [
            ['straight', 'Legs first', [
                ['goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 16], 3, 10, 2, 90],
                ['romanian-deadlift', ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true], 3, 14, 2, 75],
            ]],
            ['superset', 'Push and pull', [
                ['floor-press', ['implement' => 'dumbbell', 'mass_kg' => 12, 'per_hand' => true], 3, 10, 2, 60],
                ['bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 6, 'per_hand' => true], 3, 14, 2, 60],
            ]],
            ['straight', 'Finish', [
                ['split-squat', ['implement' => 'body-weight'], 2, 8, 3, 60],
                ['glute-bridge', ['implement' => 'object', 'mass_kg' => 10], 2, 15, 2, 45],
            ]],
        ]);
    }

    private function ferryPilot(User $trainer): void
    {
        $client = $this->client($trainer, 'Hollis Varnham', 'retired ferry pilot, 71', 'older', [
            'low-bone-density',
            'no-floor',
            'balance-support',
        ], [170, 66], [
            'ceiling_cm' => 232, 'floor' => 'carpet', 'note' => 'Chair with arms stands against the bookcase.',
        ], [
            ['dumbbell', '2 kg dumbbell', 2, ['mass_kg' => 2]],
            ['tube', 'yellow tube', 1, ['rest_length_cm' => 150, 'a_n' => 9, 'b_n' => 8, 'source' => 'measured']],
            ['chair', 'arm chair', 1, ['height_cm' => 46, 'mass_kg' => 12]],
            ['table', 'chart table', 1, ['height_cm' => 78, 'mass_kg' => 30]],
            ['wall', 'bookcase wall', 1, []],
        ], 'Pilot House, Quay Steps', 'Clearance for loaded training on file; gets down to the floor with difficulty.');
        $this->diary->history($client, 'Steady on the quay', 2, '16:30', [
            ['squat', ['implement' => 'body-weight'], 2, 8, 4],
            ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 127.5], 2, 8, 4],
            ['biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 2, 'per_hand' => true], 2, 8, 4],
            ['lateral-raise', ['implement' => 'body-weight'], 2, 8, 4],
        ]);
        $this->diary->session($client, 'Stand, press and pull', CarbonImmutable::today()->setTime(16, 30), 30, [
            ['straight', 'Stand up strong', [['squat', ['implement' => 'body-weight'], 3, 10, 3, 90]]],
            ['straight', 'Press and pull', [
                ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 127.5], 2, 10, 3, 75],
                ['bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 4, 'per_hand' => true], 2, 10, 3, 75],
            ]],
            ['straight', 'Arms', [
                ['biceps-curl', ['implement' => 'dumbbell', 'mass_kg' => 2, 'per_hand' => true], 2, 12, 3, 60],
                ['lateral-raise', ['implement' => 'body-weight'], 2, 12, 3, 60],
                [
                    'straight-arm-pull-down',
                    [
                        'implement' => 'tube',
                        'band' => [
                            'rest_length_cm' => 150,
                            'a_n' => 9,
                            'b_n' => 8,
                            'layout' => 'anchored-middle',
                            'anchor_height_cm' => 180,
                            'anchor_distance_cm' => 80,
                        ],
                    ],
                    2,
                    12,
                    3,
                    60,
                ],
            ]],
        ]);
    }

    private function luthier(User $trainer): void
    {
        $client = $this->client($trainer, 'Anselm Coppergate', 'luthier', 'health', ['weak-grip'], [174, 71], [
            'ceiling_cm' => 260, 'floor' => 'smooth', 'length_m' => 3.5, 'width_m' => 2.2,
            'note' => 'Workshop; clamps and gluing on the bench by the window, keep clear.',
            'anchors' => [['id' => 'ring 1', 'height_cm' => 110, 'kind' => 'ring']],
        ], [
            [
                'adjustable-dumbbell',
                'adjustable pair',
                2,
                ['handle_kg' => 1.5, 'plates' => [['mass_kg' => 1.25, 'count' => 8], ['mass_kg' => 2.5, 'count' => 4]]],
            ],
            ['rucksack', 'instrument rucksack', 1, ['tare_kg' => 1.4, 'max_kg' => 16]],
            ['object', 'toolbox', 1, ['mass_kg' => 9.2, 'grip' => 'handle', 'certainty' => 'weighed']],
            ['object', 'maple billet', 4, ['mass_kg' => 1.8, 'grip' => 'body', 'certainty' => 'weighed']],
            ['long-loop', 'long loop', 1, ['rest_length_cm' => 100, 'a_n' => 40, 'b_n' => 30, 'source' => 'rated']],
            ['stool', 'work stool', 1, ['height_cm' => 62, 'mass_kg' => 4.5]],
            ['pole', 'ash rod', 1, ['diameter_mm' => 32, 'material' => 'hardwood', 'length_cm' => 180]],
            ['wall', 'rack wall', 1, []],
        ], 'Fiddler’s Reach, ground floor', 'Thumbs tire before the muscles do; thick handles and straps.');
        $client->update([
            'experience' => 'some',
            'days_per_week' => 3,
            'minutes' => 30,
            'likes' => 'slow, exact work',
            'dislikes' => 'anything that pinches the thumbs',
            'born_on' => CarbonImmutable::today()->subYears(47),
        ]);
        $this->diary->history($client, 'Strong hands spared', 2, '18:30', [
            ['goblet-squat', ['implement' => 'dumbbell', 'mass_kg' => 9], 3, 10, 3],
            ['floor-press', ['implement' => 'dumbbell', 'mass_kg' => 9, 'per_hand' => true], 3, 9, 2],
            ['romanian-deadlift', ['implement' => 'dumbbell', 'mass_kg' => 9, 'per_hand' => true], 3, 10, 3],
            ['glute-bridge', ['implement' => 'object', 'mass_kg' => 9.2], 3, 12, 3],
        ]);
        $this->diary->session($client, 'Workshop strength', CarbonImmutable::today()->addDay()->setTime(18, 30), 30, [
            ['straight', 'Legs', [['goblet-squat', ['implement' => 'dumbbell', 'mass_kg' => 11.5], 3, 10, 2, 90]]],
            ['superset', 'Push and pull', [
                ['floor-press', ['implement' => 'dumbbell', 'mass_kg' => 9, 'per_hand' => true], 3, 10, 2, 60],
                ['bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 9, 'per_hand' => true], 3, 10, 2, 60],
            ]],
        ]);
    }

    private function ceramicist(User $trainer): void
    {
        $client = $this->client($trainer, 'Philippa Roe', 'ceramicist', 'muscle', [], [169, 66], [
            'ceiling_cm' => 310, 'floor' => 'smooth', 'length_m' => 5, 'width_m' => 3, 'pets' => true,
            'note' => 'Studio with a wheel, a kiln '
                .'and one inquisitive cat; sweep before sliding.',
        ], [
            ['object', 'clay bag', 6, ['mass_kg' => 12.5, 'grip' => 'bag', 'certainty' => 'labelled']],
            ['object', 'kiln brick', 10, ['mass_kg' => 1.9, 'grip' => 'body', 'certainty' => 'weighed']],
            ['object', 'glaze bucket', 2, ['mass_kg' => 11.4, 'grip' => 'handle', 'sealed' => true, 'certainty' => 'filled']],
            ['pourable', 'sand bin', 1, ['density_kg_per_l' => 1.6, 'max_l' => 8, 'container_kg' => 0.6]],
            ['rucksack', 'market rucksack', 1, ['tare_kg' => 1.1, 'max_kg' => 25]],
            ['table', 'wedging table', 1, ['height_cm' => 82, 'mass_kg' => 48]],
            ['chair', 'throwing chair', 1, ['height_cm' => 43, 'mass_kg' => 5.2]],
            ['towel', 'studio towel', 2, []],
            ['wall', 'north wall', 1, []],
        ], 'Kiln Yard, behind the chandlery');
        $client->update([
            'experience' => 'some',
            'days_per_week' => 2,
            'minutes' => 40,
            'likes' => 'heavy carries',
            'dislikes' => 'press-ups on wet clay',
        ]);
        $this->diary->history($client, 'From the studio floor', 2, '10:00', [
            ['rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 14], 3, 9, 2],
            ['romanian-deadlift', ['implement' => 'object', 'mass_kg' => 11.4, 'per_hand' => true], 3, 9, 2],
            ['bent-over-row', ['implement' => 'object', 'mass_kg' => 11.4, 'per_hand' => true], 3, 8, 2],
            ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 82], 3, 10, 2],
        ]);
        $this->diary->session($client, 'Buckets and bags', CarbonImmutable::today()->addDay()->setTime(10, 0), 40, [
            ['straight', 'Legs', [['rucksack-squat', ['implement' => 'rucksack', 'mass_kg' => 16], 3, 10, 2, 90]]],
            ['superset', 'Hinge and pull', [
                ['romanian-deadlift', ['implement' => 'object', 'mass_kg' => 11.4, 'per_hand' => true], 3, 10, 2, 60],
                ['bent-over-row', ['implement' => 'object', 'mass_kg' => 11.4, 'per_hand' => true], 3, 9, 2, 60],
            ]],
        ]);
    }

    private function coxswain(User $trainer): void
    {
        $client = $this->client($trainer, 'Tamsin Aldercott', 'coxswain, 15', 'youth', [], [158, 48], [
            'ceiling_cm' => 242, 'floor' => 'carpet', 'children' => true, 'note' => 'Living room; a small brother who wants to join in.',
        ], [
            ['dumbbell', '3 kg dumbbell', 2, ['mass_kg' => 3]],
            ['mini-loop', 'mini loop', 1, ['rest_length_cm' => 30, 'a_n' => 22, 'b_n' => 16, 'source' => 'rated']],
            ['rucksack', 'school rucksack', 1, ['tare_kg' => 0.8, 'max_kg' => 12]],
            ['object', 'school book', 8, ['mass_kg' => 0.7, 'grip' => 'body', 'certainty' => 'weighed']],
            ['sofa', 'sofa', 1, ['height_cm' => 44, 'mass_kg' => 50]],
            ['mat', 'mat', 1, []],
            ['wall', 'hall wall', 1, []],
        ], 'Boathouse Lane 7');
        $client->update([
            'born_on' => CarbonImmutable::today()->subYears(15)->subMonths(2),
            'guardian' => 'Ines Aldercott',
            'guardian_on' => CarbonImmutable::today()->subWeeks(DemoDiary::WEEKS_BACK),
            'days_per_week' => 2,
            'minutes' => 25,
            'likes' => 'games, beating last week',
            'dislikes' => 'counting aloud',
        ]);
        $this->diary->history($client, 'Steer and stand', 2, '15:45', [
            ['goblet-squat', ['implement' => 'dumbbell', 'mass_kg' => 3], 2, 10, 5],
            ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 44], 2, 8, 5],
            ['romanian-deadlift', ['implement' => 'dumbbell', 'mass_kg' => 3, 'per_hand' => true], 2, 10, 5],
        ]);
        $this->diary->session($client, 'Technique first', CarbonImmutable::today()->addDays(2)->setTime(15, 45), 25, [
            ['straight', 'Legs', [['goblet-squat', ['implement' => 'dumbbell', 'mass_kg' => 3], 2, 12, 5, 75]]],
            ['straight', 'Push and hinge', [
                ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 44], 2, 9, 5, 75],
                ['romanian-deadlift', ['implement' => 'dumbbell', 'mass_kg' => 3, 'per_hand' => true], 2, 12, 5, 75],
            ]],
        ]);
    }

    private function botanist(User $trainer): void
    {
        $client = $this->client($trainer, 'Leonie Marchbank', 'botanist, five months after a birth', 'beginner', [], [171, 69], [
            'ceiling_cm' => 252, 'floor' => 'smooth', 'quiet' => true, 'quiet_hours' => 'while the baby sleeps',
            'children' => true, 'note' => 'The baby sleeps next door at eleven.',
            'anchors' => [['id' => 'door 1', 'height_cm' => 195, 'kind' => 'door']],
        ], [
            ['kettlebell', '8 kg kettlebell', 1, ['mass_kg' => 8]],
            ['tube', 'moss tube', 1, ['rest_length_cm' => 120, 'a_n' => 14, 'b_n' => 12, 'source' => 'measured']],
            ['object', 'watering can', 2, ['mass_kg' => 6.1, 'grip' => 'handle', 'sealed' => false, 'certainty' => 'filled']],
            ['object', 'potting bag', 1, ['mass_kg' => 8.4, 'grip' => 'bag', 'certainty' => 'guessed']],
            ['chair', 'nursing chair', 1, ['height_cm' => 44, 'mass_kg' => 11]],
            ['table', 'potting table', 1, ['height_cm' => 84, 'mass_kg' => 36]],
            ['mat', 'mat', 1, []],
            ['wall', 'hall wall', 1, []],
        ], 'Glasshouse Cottage', 'Exhale on the effort; check for doming before any front hold.', yes: ['birth']);
        $client->clearances()->create([
            'given_on' => CarbonImmutable::today()->subWeeks(DemoDiary::WEEKS_BACK),
            'expires_on' => null,
            'given_by' => 'Midwife at the Quay practice',
            'allows' => 'Loaded training without jumps; belly wall checked, gap closing.',
            'questions' => ['birth'],
            'lifts' => [],
        ]);
        $client->update([
            'days_per_week' => 2,
            'minutes' => 20,
            'likes' => 'being outdoors',
            'dislikes' => 'being hurried',
            'born_on' => CarbonImmutable::today()->subYears(34),
        ]);
        $this->diary->history($client, 'Back to strong', 2, '11:00', [
            ['goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 8], 2, 8, 4],
            ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 84], 2, 8, 4],
            ['glute-bridge', ['implement' => 'body-weight'], 2, 12, 4],
        ]);
        $this->diary->session($client, 'Twenty quiet minutes', CarbonImmutable::today()->addDays(2)->setTime(11, 0), 20, [
            ['straight', 'Legs', [['goblet-squat', ['implement' => 'kettlebell', 'mass_kg' => 8], 2, 9, 4, 75]]],
            ['straight', 'Push and bridge', [
                ['push-up', ['implement' => 'body-weight', 'support_height_cm' => 84], 2, 9, 4, 60],
                ['glute-bridge', ['implement' => 'body-weight'], 2, 14, 4, 60],
            ]],
        ]);
    }

    private function bellFounder(User $trainer): void
    {
        $client = $this->client($trainer, 'Gideon Stroud', 'bell-founder', 'strength', [], [186, 98], [
            'ceiling_cm' => 290, 'floor' => 'carpet', 'note' => 'Nothing but bands and the stair; the loads are all at the foundry.',
            'anchors' => [['id' => 'post 1', 'height_cm' => 20, 'kind' => 'post'], ['id' => 'rail 2', 'height_cm' => 95, 'kind' => 'rail']],
        ], [
            ['tube', 'black tube', 1, ['rest_length_cm' => 130, 'a_n' => 60, 'b_n' => 45, 'source' => 'measured']],
            ['tube', 'blue tube', 1, ['rest_length_cm' => 130, 'a_n' => 38, 'b_n' => 30, 'source' => 'rated']],
            ['long-loop', 'heavy loop', 1, ['rest_length_cm' => 102, 'a_n' => 95, 'b_n' => 70, 'source' => 'rated']],
            ['step', 'stair', 1, ['height_cm' => 19, 'mass_kg' => 200]],
            ['wall', 'stair wall', 1, []],
        ], 'Foundry House', 'Strong; wants few repetitions and long rests.');
        $client->update([
            'experience' => 'years',
            'days_per_week' => 3,
            'minutes' => 45,
            'likes' => 'heavy, few, done',
            'dislikes' => 'anything called a pulse',
        ]);
        $this->diary->history($client, 'Bands that bite', 2, '06:30', [
            ['push-up', ['implement' => 'body-weight'], 3, 18, 2],
            ['split-squat', ['implement' => 'body-weight'], 3, 14, 2],
            ['glute-bridge', ['implement' => 'body-weight'], 3, 20, 2],
        ]);
        $this->diary->session($client, 'Bands and the stair', CarbonImmutable::today()->addDays(3)->setTime(6, 30), 45, [
            ['straight', 'Legs', [['split-squat', ['implement' => 'body-weight'], 3, 15, 2, 90]]],
            ['superset', 'Push and pull', [
                ['push-up', ['implement' => 'body-weight'], 3, 20, 2, 60],
                ['bent-over-row', ['implement' => 'dumbbell', 'mass_kg' => 20, 'per_hand' => true], 3, 8, 2, 90],
            ]],
        ]);
    }

    /**
     * @param  list<string>  $limits
     * @param  array{int, int}  $body  Height in centimetres, mass in kilograms.
     * @param  array<string, mixed>  $home
     * @param  list<array{string, string, int, array<string, mixed>}>  $shelf
     * @param  list<string>  $yes  Health questions answered with yes.
     */
    private function client(
        User $trainer,
        string $name,
        string $trade,
        string $goal,
        array $limits,
        array $body,
        array $home,
        array $shelf,
        string $place,
        string $note = '',
        array $yes = [],
    ): Client {
        // Said even where nothing else is: somebody waits for it.
        $command = get_object_vars($this)['command'] ?? null;
        if ($command instanceof Command) {
            $command->getOutput()->writeln("  · {$name}", OutputInterface::VERBOSITY_QUIET);
        }
        $client = $trainer->clients()->create(compact('name', 'trade', 'goal', 'limits', 'place', 'note'));
        $client->bodyMeasures()->create([
            'measured_on' => CarbonImmutable::today()->subWeeks(DemoDiary::WEEKS_BACK),
            'height_cm' => $body[0],
            'body_mass_kg' => $body[1],
            'limbs' => [],
        ]);
        $client->home()->create($home + ['anchors' => [], 'note' => '']);
        $client->screenings()->create([
            'answered_on' => CarbonImmutable::today()->subWeeks(DemoDiary::WEEKS_BACK),
            'occasion' => 'first',
            'answers' => array_replace(
                array_fill_keys(array_map(static fn (Question $question): string => $question->id, $this->screening->questions), false),
                array_fill_keys($yes, true),
            ),
            'pressure' => ['systolic' => 124, 'diastolic' => 78],
            'note' => '',
        ]);
        foreach ($shelf as [$kind, $thing, $count, $measures]) {
            $client->shelfItems()->create(['kind' => $kind, 'name' => $thing, 'count' => $count, 'measures' => $measures]);
        }

        return $client->refresh();
    }
}
