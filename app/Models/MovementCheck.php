<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What was seen in the movement checks of one visit, encrypted at rest.
 *
 * @property int $id
 * @property Carbon $checked_on
 * @property array<string, int|float|string|null> $seen Named as the core names them.
 * @property-read Client $client
 */
final class MovementCheck extends Model
{
    protected $fillable = ['checked_on', 'seen'];

    protected $casts = ['checked_on' => 'date', 'seen' => 'encrypted:array'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
