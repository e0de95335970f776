<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\WeekKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One week of a programme.
 *
 * @property int $id
 * @property int $programme_id
 * @property int $number From 1.
 * @property WeekKind $kind
 * @property-read Programme $programme
 * @property-read Collection<int, PlannedSession> $plannedSessions
 */
final class Week extends Model
{
    protected $fillable = ['number', 'kind'];

    protected $attributes = ['kind' => 'build'];

    protected $casts = ['number' => 'integer', 'kind' => WeekKind::class];

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }

    /** @return HasMany<PlannedSession, $this> */
    public function plannedSessions(): HasMany
    {
        $inOrder = $this->hasMany(PlannedSession::class);
        $inOrder->orderBy('weekday')->orderBy('time');

        return $inOrder;
    }
}
