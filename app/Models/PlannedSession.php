<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One session of a programme's week as it is planned; what is done on a day is a session of its own.
 *
 * @property int $id
 * @property int $week_id
 * @property string $name
 * @property int $weekday 1 for Monday to 7.
 * @property string $time On the clock on the wall: "08:30".
 * @property int $minutes
 * @property-read Week $week
 * @property-read Collection<int, PlannedBlock> $blocks
 * @property-read Collection<int, TrainingSession> $sessions
 */
final class PlannedSession extends Model
{
    protected $fillable = ['name', 'weekday', 'time', 'minutes'];

    protected $casts = ['weekday' => 'integer', 'minutes' => 'integer'];

    /** @return BelongsTo<Week, $this> */
    public function week(): BelongsTo
    {
        return $this->belongsTo(Week::class);
    }

    /** @return HasMany<PlannedBlock, $this> */
    public function blocks(): HasMany
    {
        $inOrder = $this->hasMany(PlannedBlock::class);
        $inOrder->orderBy('position');

        return $inOrder;
    }

    /**
     * The days made from it.
     *
     * @return HasMany<TrainingSession, $this>
     */
    public function sessions(): HasMany
    {
        return $this->hasMany(TrainingSession::class);
    }

    /** When it is, in a zone: the weekday on or after the first day of its week, at that time on the wall. */
    public function startsAt(string $zone): CarbonImmutable
    {
        $programme = $this->week->programme;
        $start = CarbonImmutable::parse($programme->weekStartsOn($this->week->number)->toDateString(), $zone);

        return $start->addDays(($this->weekday - $start->dayOfWeekIso + 7) % 7)->setTimeFromTimeString($this->time);
    }
}
