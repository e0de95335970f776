<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Casts\AsMoment;
use App\Models\BodyMeasure;
use App\Models\Client;
use App\Support\KeptCapacities;
use Carbon\CarbonImmutable;
use Closure;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client as CoreClient;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Preferences;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;

/** Turns a client's rows into what the core reckons with. */
final readonly class DescribeClient
{
    /** What was done within these days counts as known. */
    private const RECENT_DAYS = 56;

    /** The wall that every home has unless told otherwise; it stands on no shelf. */
    public const WALL = 'wall-of-the-home';

    public function __construct(
        private Catalogue $catalogue,
        private AssessHealth $health,
        private KeptCapacities $kept,
        private StrengthPrior $prior,
    ) {
    }

    public function person(Client $client): CoreClient
    {
        $capacities = [];
        foreach ($this->kept->of($client, fn (): array => $this->nowKnown($client)) as $pattern => [$kg, $logSd, $from]) {
            $capacities[$pattern] = Capacity::expected($kg, $logSd, $from);
        }

        return new CoreClient(
            $this->body($client),
            $this->limits($client),
            $capacities,
            Preferences::of($client->likes, $client->dislikes, $this->done($client)),
        );
    }

    /** @return array<string, array{float, float, string}> By pattern: kilograms, spread of their logarithm, and where it is known from. */
    private function nowKnown(Client $client): array
    {
        [$strength, $last] = $this->logged($client, static function (): void {
        });
        // In whole days: what is known of somebody does not fade by the second, and answers that follow from it can be kept.
        $days = $last === null ? 0.0 : (float) max(0, intdiv(CarbonImmutable::now()->getTimestamp() - $last->getTimestamp(), 86400));

        return array_map(
            static fn (Capacity $capacity): array => [$capacity->kg, $capacity->logSd(), $capacity->from],
            $strength->after($days, wasTrained: true)->capacities(),
        );
    }

    /** What people like this client usually can, before anything of theirs is on record. */
    public function expected(Client $client): Strength
    {
        return $this->prior->of(Person::of(
            $this->body($client),
            $client->sex === '' ? null : $client->sex,
            $client->born_on === null ? null : max(5.0, min(110.0, $client->born_on->diffInYears(CarbonImmutable::now()))),
            self::experience($client),
        ));
    }

    /** A visit of theirs outside any programme: what their goal asks of them. */
    public function brief(Client $client, Situation $situation, int $minutes): Brief
    {
        return Brief::of($situation, $client->goal, self::experience($client), TrainingDay::spread(1, $minutes), 1);
    }

    private static function experience(Client $client): Experience
    {
        return match ($client->experience) {
            'years' => Experience::Years,
            'some' => Experience::Some,
            default => Experience::None,
        };
    }

    /** Who trains, with what and where. */
    public function situation(Client $client): Situation
    {
        return (new Situation($this->person($client), $this->shelf($client), $this->home($client)))->withASeat();
    }

    /** The same without capacities, for questions that none answers. */
    public function plainSituation(Client $client): Situation
    {
        return (new Situation($this->withoutCapacities($client), $this->shelf($client), $this->home($client)))->withASeat();
    }

    /** The client with body and limits alone, for questions that no capacity answers. */
    public function withoutCapacities(Client $client): CoreClient
    {
        return new CoreClient($this->body($client), $this->limits($client));
    }

    /** @return array<string, int> Sets logged without pain over the last weeks, by exercise. */
    private function done(Client $client): array
    {
        /** @var array<string, int> $done */
        $done = $client->setLogs()
            ->where('pain', false)
            ->where('logged_at', '>=', AsMoment::stored(CarbonImmutable::now()->subDays(self::RECENT_DAYS)))
            ->selectRaw('exercise, count(*) as sets')->groupBy('exercise')->pluck('sets', 'exercise')->all();

        return $done;
    }

    /** @return list<Limit> Every limit in force, whoever or whatever set it. */
    public function limits(Client $client): array
    {
        return array_column($this->health->limits($client), 'limit');
    }

    public function body(Client $client): Body
    {
        return self::bodyOf($client->bodyMeasure);
    }

    public static function bodyOf(BodyMeasure $measure): Body
    {
        return Body::of(
            heightM: $measure->height_cm / 100,
            massKg: $measure->body_mass_kg,
            limbsM: array_map(static fn (float|int $cm): float => $cm / 100, $measure->limbs),
        );
    }

    public function home(Client $client): Home
    {
        $home = $client->home;

        return Home::of(
            ceilingM: $home->ceiling_cm === null ? null : $home->ceiling_cm / 100,
            floor: $home->floor,
            quiet: $home->quiet,
            anchors: array_map(static fn (array $anchor): array => [
                'id' => $anchor['id'],
                'heightM' => $anchor['height_cm'] / 100,
                'kind' => $anchor['kind'],
            ], $home->anchors),
            lengthM: $home->length_m,
        );
    }

    /** @return list<Thing> What there is to train with, the wall of the home with it. */
    public function shelf(Client $client): array
    {
        $things = [];
        // Two people of a household may share one kit.
        foreach ([...$client->shelfItems, ...$client->kitFrom->shelfItems ?? []] as $item) {
            $things[] = $item->toThing();
        }
        if ($client->home->has_wall && ! in_array('wall', array_column($things, 'kind'), true)) {
            $things[] = Thing::fromArray(['id' => self::WALL, 'kind' => 'wall', 'name' => 'clear wall']);
        }

        return $things;
    }

    /**
     * The filter run over every logged set, one state for each day with logs of a pattern.
     *
     * @return array<string, non-empty-list<array{day: CarbonImmutable, capacity: Capacity, ownKg: float}>> By pattern; holds are left out.
     */
    public function capacityHistory(Client $client): array
    {
        $history = [];
        $this->logged($client, static function (
            string $pattern,
            CarbonImmutable $day,
            Strength $strength,
            float $ownKg,
        ) use (&$history): void {
            $days = $history[$pattern] ?? [];
            $state = ['day' => $day, 'capacity' => $strength->capacity($pattern), 'ownKg' => $ownKg];
            $last = count($days) - 1;
            $days[$last >= 0 && $days[$last]['day']->isSameDay($day) ? $last : $last + 1] = $state;
            $history[$pattern] = $days;
        });

        return $history;
    }

    /**
     * @param  Closure(string, CarbonImmutable, Strength, float): void  $told  After each set: pattern, when, what is known, the
     *     body's own part.
     * @return array{Strength, CarbonImmutable|null} What is known after the last set, and when that was.
     */
    private function logged(Client $client, Closure $told): array
    {
        $strength = $this->expected($client);
        $before = null;
        // Rows as they are: a trainer's client has hundreds, and a screen waits for them.
        $sets = $client->setLogs()->toBase()->orderBy('logged_at')->orderBy('id')->get(
            ['exercise', 'pattern', 'tempo', 'reps', 'reserve', 'whole_kg', 'sd_kg', 'own_kg', 'logged_at', 'zone'],
        );
        foreach ($sets as $row) {
            /** @var object{exercise: string, pattern: string, tempo: string|null, reps: int|null, reserve: float|int|null,
             *     whole_kg: float|int, sd_kg: float|int, own_kg: float|int, logged_at: string, zone: string} $row */
            // What nobody counted, or said nothing of, says nothing of what somebody can do.
            if ($row->reps === null || $row->reps < 1 || $row->reserve === null || $row->whole_kg <= 0
                || ! $strength->knows($row->pattern) || $this->catalogue->exercise($row->exercise)->isHold) {
                continue;
            }
            // Slow repetitions count for more: what they would have been at the usual tempo.
            $tempo = $row->tempo === null ? null : json_decode($row->tempo, true, flags: JSON_THROW_ON_ERROR);
            $atUsualTempo = is_array($tempo)
                ? Tempo::fromArray($tempo)->repetitionsAtUsual(
                    $row->reps,
                    (float) $row->reserve,
                    Tempo::of(...$this->catalogue->exercise($row->exercise)->tempo),
                )
                : (float) $row->reps;
            $day = CarbonImmutable::parse($row->logged_at, 'UTC')->setTimezone($row->zone);
            $strength = $strength
                ->after($before === null ? 0.0 : ($day->getTimestamp() - $before->getTimestamp()) / 86400, wasTrained: true)
                ->afterSet($row->pattern, (float) $row->whole_kg, (float) $row->sd_kg, $atUsualTempo, (float) $row->reserve);
            $before = $day;
            $told($row->pattern, $day, $strength, (float) $row->own_kg);
        }

        return [$strength, $before];
    }
}
