<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\SessionState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * One session of a programme, which is one visit of the Round.
 *
 * @property int $id
 * @property int $programme_id
 * @property string $name
 * @property Carbon $starts_at
 * @property int $minutes
 * @property Carbon|null $started_at
 * @property Carbon|null $ended_at
 * @property-read Programme $programme
 * @property-read Collection<int, Block> $blocks
 */
final class TrainingSession extends Model
{
    protected $fillable = ['name', 'starts_at', 'minutes', 'started_at', 'ended_at'];

    protected $casts = ['starts_at' => 'datetime', 'started_at' => 'datetime', 'ended_at' => 'datetime', 'minutes' => 'integer'];

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    /** @return HasMany<Block, $this> */
    public function blocks(): HasMany
    {
        $inOrder = $this->hasMany(Block::class);
        $inOrder->orderBy('position');

        return $inOrder;
    }

    /** @return Builder<self> */
    public static function ofTrainer(User $trainer): Builder
    {
        return self::query()->whereHas('programme.client', fn (Builder $clients) => $clients->where('user_id', $trainer->id));
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
