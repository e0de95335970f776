<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Client;
use App\Models\User;
use Carbon\CarbonImmutable;
use Closure;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;

/** Who lives in Saltmarrow, with what they own, where they live and what their health allows, as first met. */
final readonly class DemoPeople
{
    /** Sex and telephone of each, by name; the numbers are of an exchange that there is not. */
    private const REACHED = [
        'Ottoline Fenwright' => ['female', '0555 0110'],
        'Rosalind Stroud' => ['female', '0555 0111'],
        'Orrin Kestlewick' => ['male', '0555 0112'],
        'Marisol Tangwynne' => ['female', '0555 0113'],
        'Hollis Varnham' => ['male', '0555 0114'],
        'Anselm Coppergate' => ['male', '0555 0115'],
        'Philippa Roe' => ['female', '0555 0116'],
        'Tamsin Aldercott' => ['female', '0555 0117'],
        'Leonie Marchbank' => ['female', '0555 0118'],
        'Gideon Stroud' => ['male', '0555 0119'],
    ];

    public function __construct(private Screening $screening)
    {
    }

    /** @return array<string, Closure(User): Client> By trade; each makes one of them. */
    public function all(): array
    {
        return [
            'lock-keeper' => $this->lockKeeper(...),
            'night baker' => $this->nightBaker(...),
            'ferry pilot' => $this->ferryPilot(...),
            'luthier' => $this->luthier(...),
            'ceramicist' => $this->ceramicist(...),
            'coxswain' => $this->coxswain(...),
            'botanist' => $this->botanist(...),
            'bell-founder' => $this->bellFounder(...),
        ];
    }

    public function sailMender(User $trainer): Client
    {
        return $this->client(
            $trainer,
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

    /** Shares what there is at Foundry House, and trains at the same time. */
    public function chandler(User $trainer, Client $household): Client
    {
        $client = $this->client(
            $trainer,
            'Rosalind Stroud',
            'ship chandler',
            'health',
            [],
            [171, 70],
            ['ceiling_cm' => 290, 'floor' => 'carpet'],
            [],
            'Foundry House',
            'Trains beside Gideon, with the same bands.',
        );
        $client->home->update(['anchors' => $household->home->anchors]);
        $client->update(['kit_from_id' => $household->id, 'experience' => 'some']);

        return $client->refresh();
    }

    private function lockKeeper(User $trainer): Client
    {
        return $this->client($trainer, 'Orrin Kestlewick', 'lock-keeper', 'muscle', [], [178, 84], [
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
    }

    private function nightBaker(User $trainer): Client
    {
        return $this->client($trainer, 'Marisol Tangwynne', 'night baker', 'muscle', ['no-jumps'], [164, 68], [
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
    }

    private function ferryPilot(User $trainer): Client
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
        $client->update([
            'emergency_contact' => 'Niece next door, 0555 0124',
            'doctor' => 'The Quay practice, 0555 0125',
            'born_on' => CarbonImmutable::today()->subYearsNoOverflow(71)->subMonthsNoOverflow(1),
        ]);

        return $client->refresh();
    }

    private function luthier(User $trainer): Client
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
            'born_on' => CarbonImmutable::today()->subYearsNoOverflow(47),
        ]);

        return $client->refresh();
    }

    private function ceramicist(User $trainer): Client
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

        return $client->refresh();
    }

    private function coxswain(User $trainer): Client
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
            'born_on' => CarbonImmutable::today()->subYearsNoOverflow(15)->subMonthsNoOverflow(2),
            'guardian' => 'Ines Aldercott',
            'guardian_on' => CarbonImmutable::today(),
            'days_per_week' => 2,
            'minutes' => 25,
            'likes' => 'games, beating last week',
            'dislikes' => 'counting aloud',
        ]);

        return $client->refresh();
    }

    private function botanist(User $trainer): Client
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
            'given_on' => CarbonImmutable::today(),
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
            'born_on' => CarbonImmutable::today()->subYearsNoOverflow(34),
        ]);

        return $client->refresh();
    }

    private function bellFounder(User $trainer): Client
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

        return $client->refresh();
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
        [$sex, $telephone] = self::REACHED[$name];
        $client = $trainer->clients()->create(compact('name', 'trade', 'goal', 'limits', 'place', 'note', 'sex', 'telephone'));
        $client->bodyMeasures()->create([
            'measured_on' => CarbonImmutable::today(),
            'height_cm' => $body[0],
            'body_mass_kg' => $body[1],
            'limbs' => [],
        ]);
        $client->home()->create($home + ['anchors' => [], 'note' => '']);
        $client->screenings()->create([
            'answered_on' => CarbonImmutable::today(),
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
