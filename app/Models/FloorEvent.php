<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that happened on the Floor, as the device said it; never changed, never deleted.
 *
 * @property int $id
 * @property string $key Made by the device, so that what is sent twice is kept once.
 * @property int $client_id
 * @property int|null $training_session_id
 * @property int|null $item_id
 * @property FloorEventKind $kind
 * @property string|null $target_key Of the event it takes back.
 * @property CarbonImmutable $at By the device's clock.
 * @property string $zone The device's.
 * @property array<string, mixed> $said
 * @property-read Client $client
 */
final class FloorEvent extends Model
{
    protected $fillable = ['key', 'client_id', 'training_session_id', 'item_id', 'kind', 'target_key', 'zone', 'at', 'said'];

    protected $casts = ['kind' => FloorEventKind::class, 'at' => AsMoment::class, 'said' => 'array'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /**
     * Those that no other takes back, in whatever order they came.
     *
     * @param  Collection<int, self>  $events
     * @return Collection<int, self>
     */
    public static function inForce(Collection $events): Collection
    {
        $takenBack = $events->filter(static fn (self $event): bool => $event->kind->takesBack())->pluck('target_key')->all();

        return $events->reject(static fn (self $event): bool => in_array($event->key, $takenBack, true))->values();
    }
}
