<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What a client trains over some weeks.
 *
 * @property int $id
 * @property int $client_id
 * @property string $name
 * @property Carbon $starts_on
 * @property int $weeks
 * @property-read Client $client
 */
final class Programme extends Model
{
    protected $fillable = ['name', 'starts_on', 'weeks'];

    protected $casts = ['starts_on' => 'date', 'weeks' => 'integer'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return HasMany<TrainingSession, $this> */
    public function sessions(): HasMany
    {
        return $this->hasMany(TrainingSession::class);
    }
}
