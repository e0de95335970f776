<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\ProgrammeState;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use NimbleShelf\Core\Planning\Goal;

/**
 * What a client is to train over some weeks; without a client, a template.
 *
 * @property int $id
 * @property int $user_id
 * @property int|null $client_id
 * @property string $name
 * @property Goal $goal
 * @property ProgrammeState $state
 * @property Carbon $starts_on
 * @property Carbon|null $ends_on Its last day; null where it goes on to the end of its weeks.
 * @property list<array{from: string, weeks: int}> $pauses Weeks from a day on are done later; in the order they were made.
 * @property list<array{weekday: int, time: string, minutes: int}> $days
 * @property array<string, mixed> $style Order school and structures liked.
 * @property int $version Counts its changes; a change made on an earlier one is refused.
 * @property-read Client|null $client
 * @property-read Collection<int, Week> $weeks
 */
final class Programme extends Model
{
    use SoftDeletes;

    protected $fillable = ['user_id', 'name', 'goal', 'state', 'starts_on', 'days', 'style', 'version', 'ends_on', 'pauses'];

    protected $attributes = ['days' => '[]', 'style' => '{}', 'state' => 'draft', 'version' => 1, 'pauses' => '[]'];

    protected $casts = [
        'starts_on' => 'date',
        'ends_on' => 'date',
        'pauses' => 'array',
        'version' => 'integer',
        'days' => 'array',
        'style' => 'array',
        'state' => ProgrammeState::class,
        'goal' => Goal::class,
    ];

    protected static function booted(): void
    {
        // It belongs to the client's trainer and, unless it says otherwise, aims at what the client does.
        self::creating(static function (self $programme): void {
            $client = $programme->client;
            if ($client !== null) {
                $programme->setAttribute('user_id', $client->user_id);
                if (! isset($programme->getAttributes()['goal'])) {
                    $programme->setAttribute('goal', $client->goal);
                }
            }
        });
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** How it stands today: what the days have made true since it was written down is taken into account. */
    public function standing(): ProgrammeState
    {
        $today = $this->today();

        return match (true) {
            $today === null => $this->state,
            $this->state === ProgrammeState::Running && ($this->ends_on?->toDateString() ?? $today) < $today => ProgrammeState::Ended,
            $this->state === ProgrammeState::Waiting && $this->starts_on->toDateString() <= $today => ProgrammeState::Running,
            default => $this->state,
        };
    }

    /** It has visits: it runs, or waits for its day. */
    public function isOnTheWay(): bool
    {
        return in_array($this->standing(), [ProgrammeState::Running, ProgrammeState::Waiting], true);
    }

    /** True where something of it can be done on a day. */
    public function hasDay(CarbonInterface $day): bool
    {
        return $this->ends_on === null || $day->toDateString() <= $this->ends_on->toDateString();
    }

    /** The first day on which it could be done if it were started today. */
    public function firstDay(CarbonImmutable $today): CarbonImmutable
    {
        $starts = CarbonImmutable::parse($this->starts_on->toDateString(), $today->getTimezone());

        return $starts->max($today);
    }

    /** The first day of one of its weeks, without time or zone. */
    public function weekStartsOn(int $number): CarbonImmutable
    {
        $day = CarbonImmutable::parse($this->starts_on->toDateString())->addWeeks($number - 1);
        foreach ($this->pauses as $pause) {
            $day = $day->toDateString() >= $pause['from'] ? $day->addWeeks($pause['weeks']) : $day;
        }

        return $day;
    }

    /** @return array{from: string, weeks: int}|null The pause in which today lies. */
    public function pausedNow(): ?array
    {
        $today = $this->today();
        foreach ($this->pauses as $pause) {
            $until = CarbonImmutable::parse($pause['from'])->addWeeks($pause['weeks'])->toDateString();
            if ($today !== null && $pause['from'] <= $today && $today < $until) {
                return $pause;
            }
        }

        return null;
    }

    /** The week that is being done, or the first where it does not run. */
    public function currentWeek(): int
    {
        $today = $this->today();
        if ($today === null || $this->standing() !== ProgrammeState::Running) {
            return 1;
        }
        $week = 1;
        $weeks = (int) $this->weeks()->max('number');
        while ($week < $weeks && $this->weekStartsOn($week + 1)->toDateString() <= $today) {
            $week++;
        }

        return $week;
    }

    /** A week of it with all that it holds; null where there is no such week, or somebody has begun it. */
    public function unbegunWeek(int $number): ?Week
    {
        $isBegun = $this->sessions()->whereRelation('plannedSession.week', 'number', $number)->whereNotNull('started_at')->exists();
        /** @var Week|null $week */
        $week = $this->weeks()->with('plannedSessions.blocks.slots')->where('number', $number)->first();

        return $isBegun ? null : $week;
    }

    /** The trainer's, as 2026-12-01; null for a template. */
    private function today(): ?string
    {
        return $this->client?->trainer->today()->toDateString();
    }

    /** @return HasMany<Week, $this> */
    public function weeks(): HasMany
    {
        $inOrder = $this->hasMany(Week::class);
        $inOrder->orderBy('number');

        return $inOrder;
    }

    /** @return HasMany<ProgrammeEdit, $this> */
    public function edits(): HasMany
    {
        return $this->hasMany(ProgrammeEdit::class);
    }

    /** @return HasMany<ProgrammeTurn, $this> */
    public function turns(): HasMany
    {
        return $this->hasMany(ProgrammeTurn::class);
    }

    /** The change that would be taken back next. */
    public function lastEdit(): ?ProgrammeEdit
    {
        /** @var ProgrammeEdit|null $last */
        $last = $this->edits()->whereNull('undone_at')->orderByDesc('id')->first();

        return $last;
    }

    /** The change that would be made again next. */
    public function nextEdit(): ?ProgrammeEdit
    {
        /** @var ProgrammeEdit|null $next */
        $next = $this->edits()->whereNotNull('undone_at')->orderBy('id')->first();

        return $next;
    }

    /**
     * The days that were made from it.
     *
     * @return HasMany<TrainingSession, $this>
     */
    public function sessions(): HasMany
    {
        return $this->hasMany(TrainingSession::class);
    }
}
