<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Dated answers to the health questions, encrypted at rest.
 *
 * @property int $id
 * @property Carbon $answered_on
 * @property string $occasion `first`, `due`, `illness`, `injury` or `birth`.
 * @property array<string, bool> $answers By question.
 * @property array{systolic: int, diastolic: int}|null $pressure Millimetres of mercury.
 * @property list<array{joint: string, side: string, replaced: int|null}>|null $joints Those that hurt; the year one was replaced in.
 * @property string $note
 * @property Carbon|null $created_at
 * @property-read Client $client
 */
final class Screening extends Model
{
    protected $fillable = ['answered_on', 'occasion', 'answers', 'pressure', 'note', 'joints'];

    protected $casts = [
        'answered_on' => 'date',
        'answers' => 'encrypted:array',
        'pressure' => 'encrypted:array',
        'note' => 'encrypted',
        'joints' => 'encrypted:array',
    ];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
