<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\ProgrammeState;
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
 * @property list<array{weekday: int, time: string, minutes: int}> $days
 * @property array<string, mixed> $style Order school and structures liked.
 * @property int $version Counts its changes; a change made on an earlier one is refused.
 * @property-read Client|null $client
 * @property-read Collection<int, Week> $weeks
 */
final class Programme extends Model
{
    use SoftDeletes;

    protected $fillable = ['user_id', 'name', 'goal', 'state', 'starts_on', 'days', 'style', 'version'];

    protected $attributes = ['days' => '[]', 'style' => '{}', 'state' => 'draft', 'version' => 1];

    protected $casts = [
        'starts_on' => 'date',
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

    /** The week that is being done, or the first where it does not run. */
    public function currentWeek(): int
    {
        $today = $this->client?->trainer->today();
        if ($today === null || $this->state !== ProgrammeState::Running) {
            return 1;
        }
        $days = (int) $this->starts_on->toImmutable()->startOfDay()->diffInDays($today, false);

        return max(1, min((int) $this->weeks()->max('number'), intdiv(max(0, $days), 7) + 1));
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
