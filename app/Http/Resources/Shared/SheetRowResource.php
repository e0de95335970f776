<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Planning\SheetRow;
use NimbleShelf\Core\Planning\Step;

/** One exercise of a session on paper. */
final readonly class SheetRowResource extends Resource
{
    /**
     * @param  string  $thread  Of the slot; the id of the exercise of a day.
     * @param  int  $restSeconds  After its first set, changes included.
     */
    public function __construct(public string $thread, public int $sets, public string $dose, public int $restSeconds)
    {
    }

    /**
     * @param  list<Step>  $steps
     * @return list<self>
     */
    public static function allOf(array $steps): array
    {
        return array_map(
            static fn (SheetRow $row): self => new self($row->slot->thread, $row->sets, $row->dose, $row->restSeconds),
            SheetRow::allOf($steps),
        );
    }
}
