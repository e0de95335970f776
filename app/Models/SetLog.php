<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoment;
use App\Casts\AsSetting;
use App\Casts\AsTempo;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Tempo;

/**
 * One set as it was done.
 *
 * @property int $id
 * @property string $key Made by the screen, so that a set sent twice is kept once.
 * @property int $client_id
 * @property int|null $training_session_id
 * @property int|null $item_id
 * @property string $exercise
 * @property Setting $setting
 * @property string $words
 * @property Tempo|null $tempo Null for the usual one.
 * @property float|null $range_ratio Null where the whole range was used.
 * @property int $set_number
 * @property string|null $side
 * @property int|null $reps Null where nobody counted.
 * @property float|null $reserve Null where nobody said.
 * @property int|null $seconds Of work, where the clock decided; null where the count did.
 * @property bool $pain
 * @property string $pain_note
 * @property string $pattern
 * @property float $whole_kg Whole load in kilograms of the pattern's reference lift, body included.
 * @property float $sd_kg
 * @property float $own_kg What the body itself added in the reference lift, that day.
 * @property string $load_words The load as it was shown.
 * @property float $body_mass_kg Of that day.
 * @property CarbonImmutable $logged_at By the device's clock, in its zone.
 * @property string $zone
 * @property CarbonImmutable|null $voided_at Taken back; the row stays.
 * @property-read Client $client
 * @property-read Item|null $item
 */
final class SetLog extends Model
{
    protected $fillable = [
        'key', 'client_id', 'training_session_id', 'item_id', 'exercise', 'setting', 'words', 'tempo', 'range_ratio',
        'set_number', 'side', 'reps', 'seconds',
        'reserve', 'pain', 'pain_note', 'pattern', 'whole_kg', 'sd_kg', 'own_kg', 'load_words', 'body_mass_kg', 'zone',
        'logged_at', 'voided_at',
    ];

    protected $casts = [
        'setting' => AsSetting::class, 'tempo' => AsTempo::class, 'reps' => 'integer', 'seconds' => 'integer', 'set_number' => 'integer',
        'reserve' => 'float', 'pain' => 'boolean',
        'whole_kg' => 'float', 'sd_kg' => 'float', 'own_kg' => 'float', 'body_mass_kg' => 'float', 'range_ratio' => 'float',
        'logged_at' => AsMoment::class, 'voided_at' => AsMoment::class,
    ];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Item, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(Item::class);
    }
}
