<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoment;
use App\Casts\AsSetting;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Strength\FitnessTest;

/**
 * What a trainer knows of a client without having logged it: "rows 12 kg for ten".
 *
 * @property int $id
 * @property int $client_id
 * @property string $line As it was typed.
 * @property string $exercise
 * @property FitnessTest|null $test Where it is a test with norms of its own.
 * @property Setting $setting
 * @property string $words
 * @property int $count Repetitions, or seconds where it is timed.
 * @property bool $is_timed
 * @property int|null $reserve Null where nobody said: at least so much.
 * @property string $pattern
 * @property float $whole_kg Whole load in kilograms of the pattern's reference lift, body included, that day.
 * @property float $sd_kg
 * @property CarbonImmutable $told_at
 * @property string $zone
 * @property-read Client $client
 */
final class ToldResult extends Model
{
    use SoftDeletes;

    protected $fillable = [
        'line', 'exercise', 'test', 'setting', 'words', 'count', 'is_timed', 'reserve', 'pattern', 'whole_kg', 'sd_kg', 'told_at', 'zone',
    ];

    protected $casts = [
        'setting' => AsSetting::class, 'test' => FitnessTest::class, 'count' => 'integer', 'is_timed' => 'boolean', 'reserve' => 'integer',
        'whole_kg' => 'float', 'sd_kg' => 'float', 'told_at' => AsMoment::class,
    ];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }
}
