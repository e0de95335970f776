<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use NimbleShelf\Core\Planning\BlockKind;

/**
 * Exercises of a day's session that belong together.
 *
 * @property int $id
 * @property BlockKind $kind
 * @property array<string, mixed> $rule As `BlockRule` reads it.
 * @property string $name
 * @property int $position
 * @property-read TrainingSession $session
 * @property-read Collection<int, Item> $items
 */
final class Block extends Model
{
    protected $fillable = ['kind', 'rule', 'name', 'position'];

    protected $attributes = ['rule' => '{}'];

    protected $casts = ['kind' => BlockKind::class, 'rule' => 'array', 'position' => 'integer'];

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
