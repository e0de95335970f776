<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Casts\AsMoment;
use App\Models\BodyMeasure;
use App\Models\Client;
use App\Support\KeptCapacities;
use Carbon\CarbonImmutable;
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

/** Turns a client's rows into what the core reckons with. */
final readonly class DescribeClient
{
    /** What was done within these days counts as known. */
    private const RECENT_DAYS = 56;

    /** The wall that every home has unless told otherwise; it stands on no shelf. */
    public const WALL = 'wall-of-the-home';

    public function __construct(private Catalogue $catalogue, private AssessHealth $health, private KeptCapacities $kept)
    {
    }

    public function person(Client $client): CoreClient
    {
        $capacities = [];
        $now = CarbonImmutable::now()->getTimestamp();
        foreach ($this->kept->of($client, fn (): array => $this->lastCapacities($client)) as $pattern => [$kg, $sdKg, $at]) {
            // In whole days: what is known of somebody does not fade by the second, and answers that follow from it can be kept.
            $capacities[$pattern] = Capacity::of($kg, $sdKg)->after(max(0, intdiv($now - $at, 86400)));
        }

        return new CoreClient(
            $this->body($client),
            $this->limits($client),
            $capacities,
            Preferences::of($client->likes, $client->dislikes, $this->done($client)),
        );
    }

    /** @return array<string, array{float, float, int}> By pattern: kilograms, their spread, and when. */
    private function lastCapacities(Client $client): array
    {
        return array_map(static function (array $days): array {
            $last = $days[count($days) - 1];

            return [$last['capacity']->kg, $last['capacity']->sdKg, $last['day']->getTimestamp()];
        }, $this->capacityHistory($client));
    }

    /** Who trains, with what and where. */
    public function situation(Client $client): Situation
    {
        return new Situation($this->person($client), $this->shelf($client), $this->home($client));
    }

    /** The same without capacities, for questions that none answers. */
    public function plainSituation(Client $client): Situation
    {
        return new Situation($this->withoutCapacities($client), $this->shelf($client), $this->home($client));
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
     * The capacity filter run over every logged set, one state for each day with logs.
     *
     * @return array<string, non-empty-list<array{day: CarbonImmutable, capacity: Capacity, ownKg: float}>> By pattern; holds are left out.
     */
    public function capacityHistory(Client $client): array
    {
        $history = [];
        // Rows as they are: a trainer's client has hundreds, and a screen waits for them.
        $sets = $client->setLogs()->toBase()->orderBy('logged_at')->orderBy('id')->get(
            ['exercise', 'pattern', 'tempo', 'reps', 'reserve', 'whole_kg', 'sd_kg', 'own_kg', 'logged_at', 'zone'],
        );
        foreach ($sets as $row) {
            /** @var object{exercise: string, pattern: string, tempo: string|null, reps: int|null, reserve: float|int|null,
             *     whole_kg: float|int, sd_kg: float|int, own_kg: float|int, logged_at: string, zone: string} $row */
            // What nobody counted, or said nothing of, says nothing of what somebody can do.
            if ($row->reps === null || $row->reps < 1 || $row->reserve === null || $row->whole_kg <= 0
                || $this->catalogue->exercise($row->exercise)->isHold) {
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
            $measured = Capacity::fromSet(
                wholeKg: (float) $row->whole_kg,
                loadSdKg: (float) $row->sd_kg,
                reps: (int) min(60, round($atUsualTempo)),
                reserve: (float) $row->reserve,
            );
            $day = CarbonImmutable::parse($row->logged_at, 'UTC')->setTimezone($row->zone);
            $days = $history[$row->pattern] ?? [];
            $last = $days === [] ? null : $days[count($days) - 1];
            $state = ['day' => $day, 'ownKg' => (float) $row->own_kg, 'capacity' => $last === null
                ? $measured
                : $last['capacity']->after(($day->getTimestamp() - $last['day']->getTimestamp()) / 86400)->updatedBy($measured)];
            if ($last !== null && $last['day']->isSameDay($day)) {
                $days[count($days) - 1] = $state;
            } else {
                $days[] = $state;
            }
            $history[$row->pattern] = $days;
        }

        return $history;
    }
}
