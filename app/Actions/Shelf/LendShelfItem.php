<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Lends a thing to another client: there it serves, and where it came from it does not until it is given back. */
final readonly class LendShelfItem
{
    public function __construct(private FreeName $freeName)
    {
    }

    /** @throws ValidationException If it would be lent to whoever has it. */
    public function lend(ShelfItem $item, Client $to): void
    {
        if ($to->id === $item->client_id) {
            throw ValidationException::withMessages(['toClientId' => "{$to->name} has it already."]);
        }
        // Lent on, it still belongs to whom it belonged; lent to its owner, it is back.
        $owner = $item->owner_id ?? $item->client_id;
        $this->place($item, $to, $owner === $to->id ? null : $owner);
    }

    /** @throws ValidationException If it is nobody else's. */
    public function giveBack(ShelfItem $item): void
    {
        $owner = $item->owner ?? throw ValidationException::withMessages(['item' => "{$item->name} is not lent."]);
        $this->place($item, $owner, null);
    }

    private function place(ShelfItem $item, Client $at, ?int $ownerId): void
    {
        DB::transaction(fn () => $item->forceFill([
            'client_id' => $at->id,
            'owner_id' => $ownerId,
            'name' => $this->freeName->on($at, $item->name),
        ])->save());
    }
}
