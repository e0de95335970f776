<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsSetting;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Mechanics\Setting;

/**
 * One prescribed exercise of a block.
 *
 * @property int $id
 * @property int $position
 * @property string $exercise
 * @property Setting $setting
 * @property string|null $words The setting in words, where a rung of the shelf was chosen.
 * @property int $sets
 * @property int $reps Repetitions, or seconds of a hold.
 * @property int $reserve
 * @property int $rest_seconds
 * @property array{exercise: string, setting: array<string, mixed>, words: string|null, reps: int, reserve: int, rest_seconds?: int, why: string}|null $written What stood here before a swap.
 * @property array{lower: int, pause: int, lift: int, top: int}|null $tempo Null for the exercise's usual one.
 * @property float|null $range_ratio What the load comes to over the part of the range that is used; null for the whole.
 * @property string|null $left_out Why it is left out; null where it is done.
 * @property bool $one_set True where the swap is for one set and goes when it is logged.
 * @property-read Block $block
 * @property-read Collection<int, SetLog> $setLogs
 */
final class Item extends Model
{
    protected $fillable = ['position', 'exercise', 'setting', 'words', 'sets', 'reps', 'reserve', 'rest_seconds', 'written', 'tempo', 'range_ratio', 'left_out', 'one_set'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['setting' => AsSetting::class, 'written' => 'array', 'tempo' => 'array', 'range_ratio' => 'float', 'one_set' => 'boolean', 'sets' => 'integer', 'reps' => 'integer', 'reserve' => 'integer', 'rest_seconds' => 'integer'];
    }

    /** @return BelongsTo<Block, $this> */
    public function block(): BelongsTo
    {
        return $this->belongsTo(Block::class);
    }

    /** @return HasMany<SetLog, $this> */
    public function setLogs(): HasMany
    {
        $inOrder = $this->hasMany(SetLog::class);
        $inOrder->orderBy('set_number')->orderBy('id');

        return $inOrder;
    }

    public function newestSwap(): ?Swap
    {
        /** @var Swap|null $newest */
        $newest = Swap::query()->where('item_id', $this->id)->whereNull('undone_at')->orderByDesc('id')->first();

        return $newest;
    }

    public function client(): Client
    {
        return $this->block->session->programme->client;
    }

    /** What the programme wrote, whether or not it has been swapped since. */
    public function prescription(): Prescription
    {
        $written = $this->written;

        return Prescription::of(
            exercise: $written['exercise'] ?? $this->exercise,
            setting: $written === null ? $this->setting : Setting::fromArray($written['setting']),
            sets: $this->sets,
            reps: $written['reps'] ?? $this->reps,
            reserve: $written['reserve'] ?? $this->reserve,
            goal: $this->client()->goal,
        );
    }
}
