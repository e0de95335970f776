<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\SwapDesk\ChangeItem;
use App\Enums\FloorEventKind;
use App\Enums\SwapScope;
use App\Models\Client;
use App\Models\FloorEvent;
use App\Models\Item;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Change;

/** Lays what was changed while the session ran over the day's exercise, and lifts it off again. The plan stays as it is. */
final readonly class ChangeOnFloor
{
    private const OCCASION = 'On the Floor';

    public function __construct(private ChangeItem $change, private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $said  A swap says what is done instead; one set more says nothing else.
     *
     * @throws CoreException If what is done instead is no such thing.
     */
    public function handle(Item $item, array $said): void
    {
        $key = (string) $said['key'];
        $change = $said['kind'] === FloorEventKind::Added->value
            ? Change::toSets($item->chosen->sets + 1)
            : Change::swapFor($this->instead($item, (array) $said['instead']));
        // It may have been taken back before it came.
        if (FloorEvent::query()->where('kind', FloorEventKind::TakenUp)->where('target_key', $key)->doesntExist()) {
            $why = is_string($said['why'] ?? null) ? $said['why'] : '';
            $this->change->handle($item, $item->client()->id, $change, SwapScope::Today, self::OCCASION, $why, $key);
        }
    }

    public function takeBack(Client $client, string $key): void
    {
        $this->change->takeBackBatch($key, $client->id);
    }

    /** @param  array<array-key, mixed>  $said */
    private function instead(Item $item, array $said): Assignment
    {
        $instead = Assignment::fromArray($said);
        $this->catalogue->exercise($instead->exercise);

        return $instead->withSets($item->chosen->sets);
    }
}
