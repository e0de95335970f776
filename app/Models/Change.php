<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsChange;
use App\Enums\SwapScope;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NimbleShelf\Core\Planning\Change as CoreChange;

/**
 * One change of a day's item or of a slot of the plan: swapped, shortened or left out, with the reason it was given.
 *
 * @property int $id
 * @property int $client_id
 * @property int|null $item_id
 * @property int|null $slot_id
 * @property string $batch Changes made at one go share it, and are taken back together.
 * @property SwapScope $scope
 * @property string $occasion `Swap desk`, `From here on`, or what happened: `Missing: red tube`.
 * @property string $why
 * @property string $from_words
 * @property string $to_words
 * @property CoreChange $change
 * @property Carbon|null $undone_at
 * @property Carbon $created_at
 * @property-read Item|null $item
 * @property-read Slot|null $slot
 */
final class Change extends Model
{
    protected $fillable = [
        'client_id',
        'item_id',
        'slot_id',
        'batch',
        'scope',
        'occasion',
        'why',
        'from_words',
        'to_words',
        'change',
        'undone_at',
    ];

    protected $casts = ['scope' => SwapScope::class, 'change' => AsChange::class, 'undone_at' => 'datetime'];

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /**
     * @param  Collection<int, self>  $changes  The oldest first.
     * @return list<CoreChange>
     */
    public static function inForce(Collection $changes): array
    {
        return array_values($changes->whereNull('undone_at')->map(static fn (self $one): CoreChange => $one->change)->all());
    }
}
