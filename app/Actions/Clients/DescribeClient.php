<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Casts\AsMoment;
use App\Models\BodyMeasure;
use App\Models\Client;
use App\Support\KeptCapacities;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client as CoreClient;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Preferences;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\TrainingDay;

/** Turns a client's rows into what the core reckons with. */
final readonly class DescribeClient
{
    /** What was done within these days counts as known. */
    private const RECENT_DAYS = 56;

    /** The wall that every home has unless told otherwise; it stands on no shelf. */
    public const WALL = 'wall-of-the-home';

    public function __construct(
        private AssessHealth $health,
        private KeptCapacities $kept,
        private ReckonStrength $strength,
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
        return array_map(
            static fn (Capacity $capacity): array => [$capacity->kg, $capacity->logSd(), $capacity->from],
            $this->strength->at($client)->capacities(),
        );
    }

    /** A visit of theirs outside any programme: what their goal asks of them. */
    public function brief(Client $client, Situation $situation, int $minutes): Brief
    {
        return Brief::of($situation, $client->goal, ReckonStrength::experience($client), TrainingDay::spread(1, $minutes), 1);
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
}
