<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use NimbleShelf\Core\Planning\BlockKind;

/**
 * A block of a planned session: its kind, the kind's rule, its slots.
 *
 * @property int $id
 * @property BlockKind $kind
 * @property array<string, mixed> $rule As `BlockRule` reads it.
 * @property string $name
 * @property int $position
 * @property-read PlannedSession $plannedSession
 * @property-read Collection<int, Slot> $slots
 */
final class PlannedBlock extends Model
{
    protected $fillable = ['kind', 'rule', 'name', 'position'];

    protected $attributes = ['rule' => '{}'];

    protected $casts = ['kind' => BlockKind::class, 'rule' => 'array', 'position' => 'integer'];

    /** @return BelongsTo<PlannedSession, $this> */
    public function plannedSession(): BelongsTo
    {
        return $this->belongsTo(PlannedSession::class);
    }

    /** @return HasMany<Slot, $this> */
    public function slots(): HasMany
    {
        $inOrder = $this->hasMany(Slot::class);
        $inOrder->orderBy('position');

        return $inOrder;
    }
}
