<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoment;
use App\Enums\SessionState;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * What is done on a day, which is one visit of the Round: made from a planned session, or standing alone.
 *
 * @property int $id
 * @property int $client_id
 * @property int|null $programme_id
 * @property int|null $planned_session_id
 * @property string $name
 * @property CarbonImmutable $starts_at In its own zone.
 * @property string $zone The trainer's when it was made: "Europe/Berlin".
 * @property int $minutes
 * @property CarbonImmutable|null $started_at
 * @property CarbonImmutable|null $ended_at
 * @property CarbonImmutable|null $moved_from Where the plan had it; null where it stands there.
 * @property bool $is_added True where it was done a time more than the plan says.
 * @property bool $is_start True where it finds out what somebody can do.
 * @property CarbonImmutable|null $cancelled_at
 * @property string $why It was moved or cancelled.
 * @property-read Client $client
 * @property-read Programme|null $programme
 * @property-read PlannedSession|null $plannedSession
 * @property-read Collection<int, Block> $blocks
 * @property-read Collection<int, FloorEvent> $events
 */
final class TrainingSession extends Model
{
    use SoftDeletes;

    protected $fillable = [
        'client_id',
        'programme_id',
        'planned_session_id',
        'name',
        'zone',
        'starts_at',
        'minutes',
        'started_at',
        'ended_at',
        'moved_from',
        'is_added',
        'is_start',
        'cancelled_at',
        'why',
    ];

    protected $attributes = ['zone' => 'UTC', 'is_added' => false, 'is_start' => false, 'why' => ''];

    protected $casts = [
        'starts_at' => AsMoment::class,
        'started_at' => AsMoment::class,
        'ended_at' => AsMoment::class,
        'moved_from' => AsMoment::class,
        'cancelled_at' => AsMoment::class,
        'is_added' => 'boolean',
        'is_start' => 'boolean',
        'minutes' => 'integer',
    ];

    protected static function booted(): void
    {
        self::creating(static function (self $session): void {
            if ($session->programme?->client_id !== null && ! isset($session->getAttributes()['client_id'])) {
                $session->setAttribute('client_id', $session->programme->client_id);
            }
        });
    }

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    /** @return BelongsTo<PlannedSession, $this> */
    public function plannedSession(): BelongsTo
    {
        return $this->belongsTo(PlannedSession::class);
    }

    /** @return HasMany<Block, $this> */
    public function blocks(): HasMany
    {
        $inOrder = $this->hasMany(Block::class);
        $inOrder->orderBy('position');

        return $inOrder;
    }

    /** @return HasMany<FloorEvent, $this> */
    public function events(): HasMany
    {
        $inOrder = $this->hasMany(FloorEvent::class);
        $inOrder->orderBy('at')->orderBy('id');

        return $inOrder;
    }

    /** @return list<Item> In the order of the session. */
    public function items(): array
    {
        $items = [];
        foreach ($this->blocks as $block) {
            // Each knows where it belongs without asking the database again.
            $block->setRelation('session', $this);
            foreach ($block->items as $item) {
                $items[] = $item->setRelation('block', $block);
            }
        }

        return $items;
    }

    /** @return Builder<self> */
    public static function ofTrainer(User $trainer): Builder
    {
        return self::query()->whereHas('client', fn (Builder $clients) => $clients->where('user_id', $trainer->id));
    }

    public function state(): SessionState
    {
        return match (true) {
            $this->ended_at !== null => SessionState::Done,
            $this->started_at !== null => SessionState::Running,
            default => SessionState::Planned,
        };
    }
}
