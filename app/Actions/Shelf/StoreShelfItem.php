<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Http\Resources\Shelf\ShelfItemResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Exception\CoreException;

/** Puts a thing on a shelf, or changes one; what cannot be described is not kept. */
final readonly class StoreShelfItem
{
    public function __construct(private ShowShelf $show)
    {
    }

    /**
     * @param  array<string, mixed>  $columns
     */
    public function handle(Client $client, ?ShelfItem $item, array $columns): ShelfItemResource
    {
        return DB::transaction(function () use ($client, $item, $columns): ShelfItemResource {
            /** @var ShelfItem $kept */
            $kept = $item ?? $client->shelfItems()->make();
            $kept->fill($columns)->save();
            try {
                $kept->described();
            } catch (CoreException $wrong) {
                throw ValidationException::withMessages([$this->fieldOf($wrong->field()) => $wrong->getMessage()]);
            }

            return $this->show->item($kept, $client);
        });
    }

    /** "shelf.plates.mass_kg" is the plates of the form, "band.a_n" its pull. */
    private function fieldOf(string $field): string
    {
        $part = explode('.', $field)[1] ?? $field;

        return match ($part) {
            'a_n', 'b_n' => 'forceAtDoubleN',
            default => Str::camel($part),
        };
    }
}
