<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoment;
use App\Enums\AppointmentKind;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A visit without a session, or time that is not free.
 *
 * @property int $id
 * @property int $user_id
 * @property int|null $client_id Null where nobody is visited.
 * @property string|null $series Those that were made together: again and again on the same weekday.
 * @property AppointmentKind $kind
 * @property string|null $words Kept encrypted.
 * @property CarbonImmutable $starts_at In its own zone.
 * @property string $zone
 * @property int $minutes
 * @property-read Client|null $client
 */
final class Appointment extends Model
{
    use SoftDeletes;

    protected $fillable = ['user_id', 'client_id', 'series', 'kind', 'words', 'zone', 'starts_at', 'minutes'];

    protected $casts = [
        'kind' => AppointmentKind::class,
        'words' => 'encrypted',
        'starts_at' => AsMoment::class,
        'minutes' => 'integer',
    ];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    public function endsAt(): CarbonImmutable
    {
        return $this->starts_at->addMinutes($this->minutes);
    }
}
