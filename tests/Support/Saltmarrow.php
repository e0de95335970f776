<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Block;
use App\Models\Client;
use App\Models\Item;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Str;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;

/** Rows for tests: a trainer, a client of theirs, a shelf and a session, each with as little as will do. */
final class Saltmarrow
{
    public static function trainer(string $email = 'isaura@saltmarrow.example'): User
    {
        return User::query()->create(['name' => 'Isaura Veldkamp', 'email' => $email, 'password' => 'cargo-bike']);
    }

    /**
     * @param  list<string>  $limits
     * @param  array<string, mixed>  $home
     */
    public static function client(User $trainer, array $limits = [], array $home = []): Client
    {
        $client = $trainer->clients()->create([
            'name' => 'Orrin Kestlewick',
            'trade' => 'lock-keeper',
            'goal' => 'muscle',
            'limits' => $limits,
            'place' => 'Lock 4',
            'note' => '',
        ]);
        $client->bodyMeasures()->create(['measured_on' => '2026-10-01', 'height_cm' => 178, 'body_mass_kg' => 84, 'limbs' => []]);
        $client->home()->create($home + ['ceiling_cm' => null, 'floor' => 'smooth', 'quiet' => false, 'anchors' => [], 'note' => '']);

        self::screening($client);

        return $client->refresh();
    }

    /** @param  list<string>  $yes  Health questions answered with yes; all others with no. */
    public static function screening(Client $client, array $yes = [], ?CarbonImmutable $on = null): void
    {
        $answers = [];
        foreach (resolve(Screening::class)->questions as $question) {
            $answers[$question->id] = in_array($question->id, $yes, true);
        }
        $client->screenings()->create([
            'answered_on' => $on ?? CarbonImmutable::today(),
            'occasion' => 'first',
            'answers' => $answers,
            'note' => '',
        ]);
        $client->unsetRelations();
    }

    /** @param  array<string, mixed>  $measures */
    public static function thing(Client $client, string $kind, string $name, int $count = 1, array $measures = []): void
    {
        $client->shelfItems()->create(['kind' => $kind, 'name' => $name, 'count' => $count, 'measures' => $measures]);
        $client->unsetRelation('shelfItems');
    }

    public static function session(Client $client, ?CarbonImmutable $at = null): TrainingSession
    {
        $programme = $client->programmes()->create(['name' => 'On board', 'starts_on' => '2026-10-01']);

        return $programme->sessions()->create([
            'name' => 'Full body',
            'starts_at' => $at ?? CarbonImmutable::today()->setTime(9, 0),
            'minutes' => 45,
        ]);
    }

    /** @param  array<string, mixed>  $setting */
    public static function item(
        TrainingSession $session,
        string $exercise,
        array $setting,
        int $sets = 3,
        int $reps = 10,
        int $reserve = 2,
    ): Item {
        /** @var Block $block */
        $block = $session->blocks()->create(['kind' => 'straight', 'name' => 'Work', 'position' => $session->blocks()->count() + 1]);

        return $block->items()->create(['position' => 1, 'prescribed' => self::asked($exercise, $setting, $sets, $reps, $reserve)]);
    }

    /** @param  array<string, mixed>  $setting */
    public static function asked(string $exercise, array $setting, int $sets = 3, int $reps = 10, int $reserve = 2): Assignment
    {
        $known = resolve(Catalogue::class)->exercise($exercise);
        $setting = Setting::fromArray($setting);
        $isEach = $known->isOneSidedIn($setting);
        $dose = $known->isHold ? Dose::seconds($reps, perSide: $isEach) : Dose::repetitions($reps, perSide: $isEach);

        return Assignment::of($exercise, $setting, $sets, $dose, $reserve, 60, $isEach ? Sides::Each : Sides::Both);
    }

    /**
     * An event as the Floor sends it.
     *
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    public static function event(TrainingSession $session, string $kind, array $with = []): array
    {
        return $with + [
            'key' => (string) Str::uuid(),
            'kind' => $kind,
            'clientId' => $session->client_id,
            'sessionId' => $session->id,
            'at' => CarbonImmutable::now()->toIso8601String(),
            'zone' => 'UTC',
        ];
    }

    /**
     * A set of an item as it stands now.
     *
     * @param  array<string, mixed>  $with
     * @return array<string, mixed>
     */
    public static function setDone(Item $item, array $with = []): array
    {
        $item = $item->fresh() ?? $item;
        $now = $item->now();

        return self::event($item->block->session, 'set-done', $with + [
            'itemId' => $item->id, 'exercise' => $now->exercise, 'setting' => $now->setting->toArray(),
            'words' => $now->words, 'tempo' => $now->tempo?->toArray(),
            'rangeRatio' => $now->rangeRatio, 'setNumber' => 1, 'side' => null, 'reps' => 11, 'reserve' => 2,
            'pain' => false, 'painNote' => null,
        ]);
    }
}
