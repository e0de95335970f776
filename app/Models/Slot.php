<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsAssignment;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Standing;

/**
 * One place for one exercise in a planned session.
 *
 * @property int $id
 * @property string $thread The same slot through the weeks.
 * @property int $position
 * @property Assignment $written What the plan wrote.
 * @property Assignment $assignment The same with the changes made "from here on".
 * @property-read PlannedBlock $plannedBlock
 * @property-read Collection<int, Change> $madeChanges
 */
final class Slot extends Model
{
    protected $fillable = ['thread', 'position', 'written', 'assignment'];

    protected $casts = ['written' => AsAssignment::class, 'assignment' => AsAssignment::class, 'position' => 'integer'];

    /** @return BelongsTo<PlannedBlock, $this> */
    public function plannedBlock(): BelongsTo
    {
        return $this->belongsTo(PlannedBlock::class);
    }

    /** @return HasMany<Change, $this> */
    public function madeChanges(): HasMany
    {
        $inOrder = $this->hasMany(Change::class);
        $inOrder->orderBy('id');

        return $inOrder;
    }

    /** Keeps what it comes to with the changes in force. */
    public function settle(): void
    {
        $this->update(['assignment' => Standing::after($this->written, Change::inForce($this->madeChanges()->get()))->assignment]);
    }
}
