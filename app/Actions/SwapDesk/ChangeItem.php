<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Enums\SessionState;
use App\Enums\SwapScope;
use App\Models\Change;
use App\Models\Item;
use App\Models\Slot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Change as CoreChange;

/**
 * Changes what a day or the plan asks for and writes down what was changed and why.
 *
 * What was prescribed is never touched: a change is laid over it, and taking it back lifts it off again, whatever
 * happened in between.
 */
final readonly class ChangeItem
{
    public function __construct(private Catalogue $catalogue)
    {
    }

    /** @param  string  $batch  Changes made at one go share it. */
    public function handle(
        Item|Slot $target,
        int $clientId,
        CoreChange $change,
        SwapScope $scope,
        string $occasion,
        string $why,
        string $batch,
    ): void {
        DB::transaction(function () use ($target, $clientId, $change, $scope, $occasion, $why, $batch): void {
            $from = $this->standingInWords($target);
            /** @var Change $row */
            $row = $target->madeChanges()->create([
                'client_id' => $clientId,
                'batch' => $batch,
                'scope' => $scope,
                'occasion' => $occasion,
                'why' => $why,
                'from_words' => $from,
                'to_words' => '',
                'change' => $change,
            ]);
            $target->settle();
            $row->update([
                'to_words' => $change->onlySet === null
                    || $change->instead === null ? $this->standingInWords($target) : $this->inWords($change->instead),
            ]);
        });
    }

    /** Takes every change of one item back, to what was prescribed. */
    public function takeBack(Item $item): void
    {
        /** @var Collection<int, Change> $changes */
        $changes = Change::query()->where('item_id', $item->id)->whereNull('undone_at')->get();
        $this->undo($changes);
        $item->refresh();
    }

    /**
     * Takes back what was changed at one go, and nothing else. A session that is over stays as it was done.
     *
     * @return int How many stand as before.
     */
    public function takeBackBatch(string $batch, int $clientId): int
    {
        /** @var Collection<int, Change> $made */
        $made = Change::query()->where('batch', $batch)->where('client_id', $clientId)->whereNull('undone_at')->get();
        $changes = $made->reject(static fn (Change $change): bool => $change->item?->block->session->state() === SessionState::Done);
        $this->undo($changes);

        return count($changes);
    }

    /** What is asked for, in words: "Floor press, 10 kg in each hand, 3 × 10". */
    public function inWords(Assignment $asked): string
    {
        $exercise = $this->catalogue->exercise($asked->exercise);

        return sprintf(
            '%s, %s, %d × %d%s',
            $exercise->name,
            $asked->words ?? SettingInWords::of($exercise, $asked->setting),
            $asked->sets,
            $asked->dose->count(),
            $asked->dose->isTimed() ? ' s' : '',
        );
    }

    public function standingInWords(Item|Slot $target): string
    {
        return match (true) {
            $target instanceof Slot => $this->inWords($target->assignment),
            $target->left_out !== null => 'left out',
            default => $this->inWords($target->chosen),
        };
    }

    /** @param  Collection<int, Change>  $changes */
    private function undo(Collection $changes): void
    {
        DB::transaction(static function () use ($changes): void {
            foreach ($changes as $change) {
                $change->update(['undone_at' => CarbonImmutable::now()]);
            }
            foreach ($changes as $change) {
                $change->item?->settle();
                $change->slot?->settle();
            }
        });
    }
}
