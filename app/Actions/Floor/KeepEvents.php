<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\AssessHealth;
use App\Actions\Programme\FollowLogs;
use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Models\Client;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Tempo;
use Throwable;

/**
 * The inbox of the Floor: keeps what a device says happened, once however often it is sent, in whatever order it comes.
 *
 * A set says what was really in the hand; nothing about it is looked up in the plan when it arrives.
 */
final readonly class KeepEvents
{
    public function __construct(
        private Catalogue $catalogue,
        private ReckonLoad $reckon,
        private AssessHealth $assess,
        private FollowLogs $follow,
    ) {
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return array{accepted: list<string>, refused: list<array{key: string, field: string, message: string}>}
     */
    public function handle(User $trainer, array $events): array
    {
        $accepted = $refused = [];
        foreach ($events as $event) {
            $key = is_string($event['key'] ?? null) ? $event['key'] : '';
            try {
                DB::transaction(fn () => $this->keep($trainer, $event));
                $accepted[] = $key;
            } catch (Throwable $wrong) {
                [$field, $message] = match (true) {
                    $wrong instanceof ValidationException => [
                        (string) array_key_first($wrong->errors()),
                        (string) Arr::first(Arr::flatten($wrong->errors())),
                    ],
                    $wrong instanceof CoreException => [$wrong->field(), $wrong->getMessage()],
                    default => throw $wrong,
                };
                $refused[] = ['key' => $key, 'field' => $field, 'message' => $message];
            }
        }

        $this->followed($accepted);

        return ['accepted' => $accepted, 'refused' => $refused];
    }

    /**
     * Sessions that are done by now rewrite what comes. What was logged is kept whatever becomes of that.
     *
     * @param  list<string>  $keys
     */
    private function followed(array $keys): void
    {
        /** @var Collection<int, TrainingSession> $done */
        $done = TrainingSession::query()
            ->whereHas('events', static fn (Builder $events) => $events->whereIn('key', $keys))
            ->whereNotNull('ended_at')
            ->whereNotNull('planned_session_id')
            ->get();
        foreach ($done as $session) {
            rescue(fn () => $this->follow->handle($session));
        }
    }

    /**
     * @param  array<string, mixed>  $event
     *
     * @throws ValidationException If it is not this trainer's, says nothing that can be kept, or something locks the session.
     * @throws CoreException If what was in the hand is no such thing.
     */
    private function keep(User $trainer, array $event): void
    {
        /** @var array<string, mixed> $said */
        $said = Validator::make($event, self::rules($event), self::messages())->validate();
        $kind = FloorEventKind::from((string) $said['kind']);
        $client = $trainer->clients()->find($said['clientId'])
            ?? throw ValidationException::withMessages(['clientId' => 'This client is not one of yours.']);
        $at = CarbonImmutable::parse((string) $said['at']);
        // Session and exercise may have been taken off the plan since; what was done is kept all the same.
        $session = TrainingSession::query()->where('client_id', $client->id)->find($said['sessionId']);
        $item = $session === null
            ? null
            : Item::query()->whereRelation('block', 'training_session_id', $session->id)->find($said['itemId'] ?? 0);
        $facts = Arr::except($said, ['key', 'kind', 'clientId', 'at', 'zone', 'targetKey']);

        $known = FloorEvent::query()->where('key', $said['key'])->first();
        if ($known !== null) {
            $isTheSame = $known->kind === $kind && $known->client_id === $client->id && $known->said == $facts;
            throw_unless(
                $isTheSame,
                ValidationException::withMessages([
                    'key' => 'This key already stands for something else that happened; nothing was changed.',
                ]),
            );

            return;
        }
        if ($session?->started_at === null
            && in_array($kind, [FloorEventKind::Started, FloorEventKind::SetDone], true)
            && ! $this->wasBeforeTheLock($client, $at)) {
            $this->assess->refuseIfLocked($client, 'lock');
        }
        if ($kind === FloorEventKind::SetDone) {
            $this->set($client, $session, $item, $said, $at);
        }
        FloorEvent::query()->create([
            'key' => $said['key'], 'client_id' => $client->id, 'training_session_id' => $session?->id,
            'item_id' => $item?->id, 'kind' => $kind,
            'target_key' => $said['targetKey'] ?? null, 'zone' => $said['zone'], 'at' => $at, 'said' => $facts,
        ]);
        if ($kind === FloorEventKind::SetVoided) {
            SetLog::query()->where('client_id', $client->id)
                ->where('key', $said['targetKey'])
                ->whereNull('voided_at')
                ->update(['voided_at' => AsMoment::stored($at)]);
        }
        if ($session !== null) {
            $this->settle($session, $kind, $at);
        }
    }

    /** @param  array<string, mixed>  $said */
    private function set(Client $client, ?TrainingSession $session, ?Item $item, array $said, CarbonImmutable $at): void
    {
        if (SetLog::query()->where('key', $said['key'])->exists()) {
            throw ValidationException::withMessages(['key' => 'A set with this key is already kept; nothing was changed.']);
        }
        $exercise = $this->catalogue->exercise((string) $said['exercise']);
        $setting = Setting::fromArray((array) $said['setting']);
        $ratio = isset($said['rangeRatio']) ? (float) $said['rangeRatio'] : null;
        $measure = $this->reckon->measureOn($client, $at);
        $load = $this->reckon->handle($measure, $exercise, $setting, Certainty::tryFrom((string) ($said['certainty'] ?? '')), $ratio);
        $voided = FloorEvent::query()->where('client_id', $client->id)
            ->where('kind', FloorEventKind::SetVoided)
            ->where('target_key', $said['key'])
            ->first();
        SetLog::query()->create([
            'key' => $said['key'],
            'client_id' => $client->id,
            'training_session_id' => $session?->id,
            'item_id' => $item?->id,
            'exercise' => $exercise->id,
            'setting' => $setting,
            'words' => $said['words'] ?? SettingInWords::of($exercise, $setting),
            'tempo' => isset($said['tempo']) ? Tempo::fromArray((array) $said['tempo']) : null,
            'range_ratio' => $ratio,
            'set_number' => $said['setNumber'],
            'side' => $said['side'] ?? null,
            'reps' => $said['reps'],
            'reserve' => $said['reserve'],
            'pain' => $said['pain'],
            'pain_note' => $said['painNote'] ?? '',
            'pattern' => $exercise->pattern,
            'whole_kg' => $load->wholeKg(),
            'sd_kg' => $load->sdKg,
            'own_kg' => $load->ownKg,
            'load_words' => $load->inWords(),
            'body_mass_kg' => $measure->body_mass_kg,
            'zone' => $said['zone'],
            'logged_at' => $at,
            'voided_at' => $voided?->at,
        ]);
    }

    /** When the session began and ended, by the device's clock and whatever the order of arrival. */
    private function settle(TrainingSession $session, FloorEventKind $kind, CarbonImmutable $at): void
    {
        if (in_array($kind, [FloorEventKind::Started, FloorEventKind::SetDone, FloorEventKind::Ended], true)
            && ($session->started_at === null || $at->lessThan($session->started_at))) {
            $session->started_at = $at;
        }
        if ($kind === FloorEventKind::Ended || $kind === FloorEventKind::Resumed) {
            $last = $session->events->whereIn('kind', [FloorEventKind::Ended, FloorEventKind::Resumed])->last();
            $session->ended_at = $last?->kind === FloorEventKind::Ended ? $last->at : null;
        }
        $session->save();
    }

    /** A set done before the answer that locks was given is a fact, however late it comes. */
    private function wasBeforeTheLock(Client $client, CarbonImmutable $at): bool
    {
        return $client->screenings()->count() > 1 && $client->screening?->created_at?->greaterThan($at) === true;
    }

    /**
     * @param  array<string, mixed>  $event
     * @return array<string, mixed>
     */
    private static function rules(array $event): array
    {
        $kind = FloorEventKind::tryFrom(is_string($event['kind'] ?? null) ? $event['kind'] : '');
        $isSet = $kind === FloorEventKind::SetDone;
        $ofOne = $isSet || in_array($kind, [FloorEventKind::Skipped, FloorEventKind::Pain], true);

        return [
            'key' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(FloorEventKind::class)],
            'clientId' => ['required', 'integer'],
            'sessionId' => ['required', 'integer'],
            'itemId' => [$ofOne ? 'required' : 'nullable', 'integer'],
            'at' => ['required', 'date_format:Y-m-d\TH:i:sP,Y-m-d\TH:i:s.vP'],
            'zone' => ['required', 'timezone'],
            'targetKey' => [$kind?->takesBack() === true ? 'required' : 'nullable', 'uuid'],
            'seconds' => ['nullable', 'integer', 'between:0,3600'],
            'note' => ['nullable', 'string', 'max:500'],
            'setNumber' => [$ofOne ? 'required' : 'nullable', 'integer', 'between:1,40'],
            'side' => ['nullable', 'in:left,right'],
        ] + ($isSet ? [
            'exercise' => ['required', 'string', 'max:100'],
            'setting' => ['required', 'array'],
            'words' => ['nullable', 'string', 'max:500'],
            'tempo' => ['nullable', 'array'],
            'rangeRatio' => ['nullable', 'numeric', 'between:0.1,2'],
            'certainty' => ['nullable', Rule::enum(Certainty::class)],
            'reps' => ['required', 'integer', 'between:0,300'],
            'reserve' => ['required', 'numeric', 'between:0,10'],
            'pain' => ['required', 'boolean'],
            'painNote' => ['nullable', 'string', 'max:200'],
        ] : []);
    }

    /** @return array<string, string> */
    private static function messages(): array
    {
        return [
            'reps.required' => 'How many repetitions were done?',
            'reps.between' => 'Between 0 and 300.',
            'reserve.required' => 'How many more would have been clean?',
            'at.date_format' => 'The time needs its offset, as in 2026-11-26T08:30:00+01:00.',
            'zone.timezone' => 'The zone is a name such as Europe/Berlin.',
        ];
    }
}
