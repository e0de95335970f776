<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Models\Client;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Tempo;

/** Keeps a set as it was said, with what it weighed for the body of that day; nothing is looked up in the plan. */
final readonly class KeepSet
{
    public function __construct(private Catalogue $catalogue, private ReckonLoad $reckon)
    {
    }

    /**
     * @param  array<string, mixed>  $said
     *
     * @throws ValidationException If a set with its key is kept already.
     * @throws CoreException If what was in the hand is no such thing.
     */
    public function handle(Client $client, ?TrainingSession $session, ?Item $item, array $said, CarbonImmutable $at): void
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
            'reps' => $said['reps'] ?? null,
            'seconds' => $said['seconds'] ?? null,
            'reserve' => $this->reserveSaid($client, (string) $said['key']) ?? $said['reserve'] ?? null,
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

    public function takeBack(Client $client, string $key, CarbonImmutable $at): void
    {
        SetLog::query()->where('client_id', $client->id)->where('key', $key)->whereNull('voided_at')
            ->update(['voided_at' => AsMoment::stored($at)]);
    }

    /** Takes over what was said last of how hard a set was, whichever came first, the set or that. */
    public function rate(Client $client, string $key): void
    {
        $reserve = $this->reserveSaid($client, $key);
        SetLog::query()->where('client_id', $client->id)->where('key', $key)->first()?->update(['reserve' => $reserve]);
    }

    private function reserveSaid(Client $client, string $key): ?float
    {
        $newest = FloorEvent::query()->where('client_id', $client->id)
            ->where('kind', FloorEventKind::SetRated)
            ->where('target_key', $key)
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->first();
        $reserve = $newest?->said['reserve'] ?? null;

        return is_numeric($reserve) ? (float) $reserve : null;
    }
}
