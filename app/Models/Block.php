<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Exercises of a session that belong together.
 *
 * @property int $id
 * @property string $kind
 * @property string $name
 * @property int $position
 * @property-read TrainingSession $session
 * @property-read Collection<int, Item> $items
 */
final class Block extends Model
{
    protected $fillable = ['kind', 'name', 'position'];

    /** @return BelongsTo<TrainingSession, $this> */
    public function session(): BelongsTo
    {
        return $this->belongsTo(TrainingSession::class, 'training_session_id');
    }

    /** @return HasMany<Item, $this> */
    public function items(): HasMany
    {
        $inOrder = $this->hasMany(Item::class);
        $inOrder->orderBy('position');

        return $inOrder;
    }
}
