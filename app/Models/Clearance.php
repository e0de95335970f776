<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * What a clinician allowed, when and who, encrypted at rest.
 *
 * @property int $id
 * @property Carbon $given_on
 * @property Carbon|null $expires_on
 * @property string $given_by
 * @property string $allows
 * @property list<string> $questions Health questions it covers.
 * @property list<string> $lifts Limits it lifts.
 * @property-read Client $client
 */
final class Clearance extends Model
{
    protected $fillable = ['given_on', 'expires_on', 'given_by', 'allows', 'questions', 'lifts'];

    protected $casts = [
        'given_on' => 'date',
        'expires_on' => 'date',
        'given_by' => 'encrypted',
        'allows' => 'encrypted',
        'questions' => 'encrypted:array',
        'lifts' => 'encrypted:array',
    ];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
