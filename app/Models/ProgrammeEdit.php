<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One change of a programme by hand, with what it takes to undo it.
 *
 * @property int $id
 * @property int $programme_id
 * @property int $week The one it was made in.
 * @property string $words
 * @property list<array<string, mixed>> $before Sessions it touched, as `SessionDocument` writes them.
 * @property list<array<string, mixed>> $after
 * @property list<string> $anew Threads that later weeks reckon anew.
 * @property array<int, int> $came_from By weekday: the weekday a session stood on before, where that is another.
 * @property bool $goes_on Whether the weeks after take it over.
 * @property bool $is_followed Whether the weeks after and the visits ahead have taken it over yet.
 * @property Carbon|null $undone_at
 * @property Carbon|null $created_at
 * @property-read Programme $programme
 */
final class ProgrammeEdit extends Model
{
    protected $fillable = ['week', 'words', 'before', 'after', 'anew', 'came_from', 'goes_on', 'is_followed', 'undone_at'];

    protected $casts = [
        'week' => 'integer', 'before' => 'array', 'after' => 'array', 'anew' => 'array', 'came_from' => 'array',
        'goes_on' => 'boolean', 'is_followed' => 'boolean', 'undone_at' => 'datetime',
    ];

    /** @return BelongsTo<Programme, $this> */
    public function programme(): BelongsTo
    {
        return $this->belongsTo(Programme::class);
    }
}
