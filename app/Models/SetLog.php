<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsSetting;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use NimbleShelf\Core\Mechanics\Setting;

/**
 * One set as it was done.
 *
 * @property int $id
 * @property string $key Made by the screen, so that a set sent twice is kept once.
 * @property int $item_id
 * @property int $client_id
 * @property string $exercise
 * @property Setting $setting
 * @property string $words
 * @property array{lower: int, pause: int, lift: int, top: int}|null $tempo Null for the usual one.
 * @property int $set_number
 * @property string|null $side
 * @property int $reps
 * @property float $reserve
 * @property bool $pain
 * @property string $pain_note
 * @property string $pattern
 * @property float $whole_kg Whole load in kilograms of the pattern's reference lift, body included.
 * @property float $sd_kg
 * @property Carbon $logged_at
 * @property-read Client $client
 * @property-read Item $item
 */
final class SetLog extends Model
{
    protected $fillable = ['key', 'client_id', 'exercise', 'setting', 'words', 'tempo', 'set_number', 'side', 'reps', 'reserve', 'pain', 'pain_note', 'pattern', 'whole_kg', 'sd_kg', 'logged_at'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['setting' => AsSetting::class, 'tempo' => 'array', 'reps' => 'integer', 'set_number' => 'integer', 'reserve' => 'float', 'pain' => 'boolean', 'whole_kg' => 'float', 'sd_kg' => 'float', 'logged_at' => 'datetime'];
    }

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
