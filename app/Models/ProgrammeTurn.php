<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\ProgrammeTurnKind;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A programme was started, stopped, paused or went on: what it changed, so that it can be taken back whole.
 *
 * @phpstan-type Pause array{from: string, weeks: int}
 * @phpstan-type Standing array{id: int, state: string, starts_on: string, ends_on: string|null, pauses: list<Pause>}
 *
 * @property int $id
 * @property int $client_id
 * @property int $programme_id
 * @property ProgrammeTurnKind $kind
 * @property list<Standing> $before Every programme it touched, as it was.
 * @property list<int> $gone Visits it took off the Round.
 * @property list<int> $made Visits it put there.
 * @property CarbonImmutable|null $undone_at
 * @property-read Programme $programme
 */
final class ProgrammeTurn extends Model
{
    protected $fillable = ['client_id', 'programme_id', 'kind', 'before', 'gone', 'made', 'undone_at'];

    protected $casts = [
        'kind' => ProgrammeTurnKind::class,
        'before' => 'array',
        'gone' => 'array',
        'made' => 'array',
        'undone_at' => 'immutable_datetime',
    ];

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }
}
