<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Models\Item;
use App\Models\Swap;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\SettingInWords;

/** Changes a prescribed exercise and writes down what was changed and why, so that it can be taken back. */
final readonly class ChangeItem
{
    /** What a change may touch, and what taking it back restores. */
    private const COLUMNS = ['exercise', 'setting', 'words', 'sets', 'reps', 'reserve', 'rest_seconds', 'written', 'tempo', 'range_ratio', 'left_out', 'one_set'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * @param  array<string, mixed>  $columns
     * @param  string  $batch  Changes made at one go share it.
     */
    public function handle(Item $item, array $columns, string $occasion, string $why, string $batch): void
    {
        DB::transaction(function () use ($item, $columns, $occasion, $why, $batch): void {
            $before = array_intersect_key($item->getAttributes(), array_flip(self::COLUMNS));
            $from = $this->inWords($item);
            $item->update($columns);
            $swap = new Swap(['client_id' => $item->client()->id, 'batch' => $batch, 'occasion' => $occasion, 'why' => $why, 'from_words' => $from, 'to_words' => $this->inWords($item), 'before' => $before]);
            $swap->item()->associate($item)->save();
        });
    }

    /** Takes every change of one item back, to what the programme wrote. */
    public function takeBack(Item $item): void
    {
        /** @var Collection<int, Swap> $swaps */
        $swaps = Swap::query()->where('item_id', $item->id)->whereNull('undone_at')->get();
        $this->undo($swaps);
        $item->refresh();
    }

    /** After the one set it was made for, a swap goes; the history keeps it. */
    public function endOneSet(Item $item): void
    {
        $swap = $item->newestSwap();
        if ($item->one_set && $swap !== null) {
            $item->setRawAttributes([...$item->getAttributes(), ...$swap->before])->save();
        }
    }

    /**
     * Takes back what was changed at one go.
     *
     * @return int How many items stand as before.
     */
    public function takeBackBatch(string $batch, int $clientId): int
    {
        /** @var Collection<int, Swap> $swaps */
        $swaps = Swap::query()->where('batch', $batch)->where('client_id', $clientId)->whereNull('undone_at')->get();
        $this->undo($swaps);

        return count($swaps);
    }

    /** What an item asks for, in words: "Floor press, 10 kg in each hand, 3 × 10". */
    public function inWords(Item $item): string
    {
        if ($item->left_out !== null) {
            return 'left out';
        }
        $exercise = $this->catalogue->exercise($item->exercise);

        return sprintf('%s, %s, %d × %d%s', $exercise->name, $item->words ?? SettingInWords::of($exercise, $item->setting), $item->sets, $item->reps, $exercise->isHold ? ' s' : '');
    }

    /** @param  Collection<int, Swap>  $swaps */
    private function undo(Collection $swaps): void
    {
        // The newest first, so that the oldest state is what stays.
        $swaps = $swaps->sortByDesc('id');
        DB::transaction(static function () use ($swaps): void {
            foreach ($swaps as $swap) {
                $item = $swap->item;
                if ($item !== null) {
                    $item->refresh();
                    $item->setRawAttributes([...$item->getAttributes(), ...$swap->before])->save();
                }
                $swap->update(['undone_at' => CarbonImmutable::now()]);
            }
        });
    }
}
