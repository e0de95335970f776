<?php

declare(strict_types=1);

namespace App\Models;

use App\Enums\Scale;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Kit\Thing;

/**
 * One thing on a client's shelf.
 *
 * @property int $id
 * @property int $client_id
 * @property int|null $owner_id Whose it is, where it is lent; null where it is at home.
 * @property string $kind
 * @property string $name
 * @property int $count
 * @property array<string, mixed> $measures Whatever its kind needs, with units in the keys.
 * @property string|null $out_of_service
 * @property Carbon|null $inspected_on
 * @property Carbon|null $created_at
 * @property Carbon|null $updated_at
 * @property string $condition `sound`, `nicked`, `whitened`, `loose` or `cracked`.
 * @property-read Collection<int, BandTest> $bandTests Newest first.
 * @property-read Client $client
 * @property-read Client|null $owner
 */
final class ShelfItem extends Model
{
    use SoftDeletes;

    protected $fillable = ['kind', 'name', 'count', 'measures', 'out_of_service', 'inspected_on', 'condition'];

    protected $casts = ['measures' => 'array', 'count' => 'integer', 'inspected_on' => 'date'];

    protected $attributes = ['condition' => 'sound'];

    /** @return BelongsTo<Client, $this> */
    public function client(): BelongsTo
    {
        return $this->belongsTo(Client::class);
    }

    /** @return BelongsTo<Client, $this> */
    public function owner(): BelongsTo
    {
        return $this->belongsTo(Client::class, 'owner_id');
    }

    /** @return HasMany<BandTest, $this> */
    public function bandTests(): HasMany
    {
        $newestFirst = $this->hasMany(BandTest::class);
        $newestFirst->orderByDesc('tested_on')->orderByDesc('id');

        return $newestFirst;
    }

    /** @return Collection<int, BandTest> Those that are believed, newest first: of somebody real, none that was made up. */
    public function believedTests(): Collection
    {
        return $this->client->isMadeUp()
            ? $this->bandTests
            : $this->bandTests->reject(static fn (BandTest $test): bool => $test->scale === Scale::Simulated)->values();
    }

    /** The thing as the core knows it; a row that makes no sense any more is there all the same, and serves nothing. */
    public function toThing(): Thing
    {
        try {
            return $this->described();
        } catch (CoreException $broken) {
            return Thing::unreadable((string) $this->id, $this->name, $broken->getMessage());
        }
    }

    /** @throws CoreException If its measures make no sense. */
    public function described(): Thing
    {
        return Thing::fromArray([
            ...$this->measures,
            'id' => (string) $this->id,
            'kind' => $this->kind,
            'name' => $this->name,
            'count' => $this->count,
            'out_of_service' => $this->out_of_service,
        ]);
    }
}
