<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Actions\Floor\DayPlan;
use App\Actions\Programme\PlanProgramme;
use App\Actions\Programme\RunProgramme;
use App\Actions\Programme\Wish;
use App\Actions\Shelf\LendShelfItem;
use App\Models\Client;
use App\Models\Programme;
use App\Models\ShelfItem;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Health\Question;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;

/**
 * Somebody to try things on in an empty account: a shelf, a programme that runs, a visit today of which one thing is not
 * there, so that there is something to swap. Nobody real, and gone without a trace when it is taken away.
 */
final readonly class TryDemoClient
{
    private const WEEKS = 4;

    private const MINUTES = 45;

    /** A visit begins no later, hours on the clock on the wall. */
    private const LATEST_HOUR = 21;

    private const SHELF = [
        ['dumbbell', '6 kg dumbbell', 2, ['mass_kg' => 6]],
        ['kettlebell', '12 kg kettlebell', 1, ['mass_kg' => 12]],
        ['kettlebell', '16 kg kettlebell', 1, ['mass_kg' => 16]],
        ['object', 'flour sack', 2, ['mass_kg' => 10, 'grip' => 'bag', 'sealed' => true]],
        ['rucksack', 'hiking rucksack', 1, ['tare_kg' => 1.2, 'max_kg' => 24]],
        ['tube', 'green tube', 1, ['rest_length_cm' => 130, 'a_n' => 30, 'b_n' => 26, 'source' => 'rated']],
        ['table', 'kitchen table', 1, ['height_cm' => 75, 'mass_kg' => 24]],
        ['chair', 'kitchen chair', 1, ['height_cm' => 45, 'mass_kg' => 5]],
        ['wall', 'hall wall', 1, []],
        ['mat', 'mat', 1, []],
    ];

    /** Things of which a session can be done without. */
    private const LENDABLE = ['dumbbell', 'kettlebell', 'object', 'rucksack', 'tube'];

    public function __construct(
        private PlanProgramme $plan,
        private RunProgramme $run,
        private DayPlan $dayPlan,
        private DescribeClient $describe,
        private Screening $screening,
        private LendShelfItem $lend,
    ) {
    }

    /** The one there is, or a new one. */
    public function handle(User $trainer): Client
    {
        /** @var Client|null $there */
        $there = $trainer->clients()->where('is_demo', true)->first();

        return $there ?? DB::transaction(function () use ($trainer): Client {
            $client = $this->client($trainer);
            $programme = $this->plan->keep($client, $this->wish($trainer));
            $this->run->start($client, $programme, null);
            $this->lendOne($client, $programme);

            return $client->refresh();
        });
    }

    /** What somebody else lent them goes back to whose it is; all else of theirs goes with them. */
    public function takeAway(User $trainer): void
    {
        DB::transaction(function () use ($trainer): void {
            foreach ($trainer->clients()->where('is_demo', true)->get() as $client) {
                /** @var Collection<int, ShelfItem> $lent */
                $lent = ShelfItem::query()->where('client_id', $client->id)->whereNotNull('owner_id')->get();
                $lent->each($this->lend->giveBack(...));
                ShelfItem::query()->where('owner_id', $client->id)->delete();
                $client->delete();
            }
        });
    }

    private function client(User $trainer): Client
    {
        /** @var Client $client */
        $client = $trainer->clients()->make([
            'name' => 'Marisol Tangwynne',
            'trade' => 'night baker',
            'goal' => Goal::Muscle->value,
            'experience' => Experience::Some->value,
            'limits' => ['no-jumps'],
            'place' => 'Tidegate Row, third floor',
            'note' => 'Nobody real: a client to try things on.',
        ]);
        $client->forceFill(['is_demo' => true])->save();
        $today = $trainer->today();
        $client->bodyMeasures()->create(['measured_on' => $today, 'height_cm' => 164, 'body_mass_kg' => 68, 'limbs' => []]);
        $client->home()->create(['ceiling_cm' => 245, 'floor' => 'smooth', 'quiet' => true, 'anchors' => [], 'note' => '']);
        $client->screenings()->create([
            'answered_on' => $today,
            'occasion' => 'first',
            'answers' => array_fill_keys(
                array_map(static fn (Question $question): string => $question->id, $this->screening->questions),
                false,
            ),
            'pressure' => ['systolic' => 124, 'diastolic' => 78],
            'note' => '',
        ]);
        foreach (self::SHELF as [$kind, $name, $count, $measures]) {
            $client->shelfItems()->create(compact('kind', 'name', 'count', 'measures'));
        }

        return $client->refresh();
    }

    /** Today and two days on, from the next full hour. */
    private function wish(User $trainer): Wish
    {
        $now = $trainer->now();
        $weekdays = [$now->dayOfWeekIso, $now->addDays(2)->dayOfWeekIso];
        sort($weekdays);
        $time = sprintf('%02d:00', min(self::LATEST_HOUR, $now->hour + 1));

        return new Wish(
            goal: Goal::Muscle,
            experience: Experience::Some,
            days: array_map(static fn (int $weekday): TrainingDay => TrainingDay::of($weekday, self::MINUTES), $weekdays),
            times: array_fill_keys($weekdays, $time),
            weeks: self::WEEKS,
            order: OrderSchool::CompoundFirst,
            structure: Structure::Straight,
            startsOn: CarbonImmutable::parse($now->toDateString()),
        );
    }

    /** What the first loaded exercise of today is done with is not there today. */
    private function lendOne(Client $client, Programme $programme): void
    {
        /** @var TrainingSession|null $today */
        $today = $programme->sessions()->orderBy('starts_at')->first();
        if ($today === null) {
            return;
        }
        foreach ($this->dayPlan->rungs($today, $this->describe->situation($client->refresh())) as $rung) {
            foreach ($rung->things ?? [] as $thing) {
                if (in_array($thing->kind, self::LENDABLE, true)) {
                    ShelfItem::query()->whereKey($thing->id)->update(['out_of_service' => 'lent to a neighbour until tomorrow']);

                    return;
                }
            }
        }
    }
}
