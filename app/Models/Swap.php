<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change of a prescribed exercise: swapped, shortened or left out, with the reason it was given.
 *
 * @property int $id
 * @property int $client_id
 * @property int|null $item_id
 * @property string $batch Changes made at one go share it, and are taken back together.
 * @property string $occasion `Swap desk`, `From here on`, or what happened: `Lost: red tube`.
 * @property string $why
 * @property string $from_words
 * @property string $to_words
 * @property array<string, mixed> $before The item's columns as they stood.
 * @property Carbon|null $undone_at
 * @property Carbon $created_at
 * @property-read Item|null $item
 */
final class Swap extends Model
{
    protected $fillable = ['client_id', 'batch', 'occasion', 'why', 'from_words', 'to_words', 'before', 'undone_at'];

    protected $casts = ['before' => 'array', 'undone_at' => 'datetime'];

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }
}
