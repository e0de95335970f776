<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Actions\Clients\AssessHealth;
use App\Enums\SwapScope;
use App\Models\Item;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Mechanics\Setting;

/** Puts a ranked candidate in the place of a prescribed exercise, and takes it back. */
final readonly class ChooseSwap
{
    public function __construct(private RankSwaps $rankSwaps, private Catalogue $catalogue, private ChangeItem $change, private AssessHealth $assess)
    {
    }

    /**
     * The same swap for this item and for every later one of the programme that asks for the same thing.
     *
     * @return int How many later ones were changed; one that the shelf cannot serve this way stays as it is.
     */
    public function fromHereOn(Item $item, string $key): int
    {
        $later = $this->later($item);

        return DB::transaction(function () use ($item, $key, $later): int {
            $batch = Str::uuid()->toString();
            $this->handle($item, $key, SwapScope::Programme, $batch);
            $changed = 0;
            foreach ($later as $one) {
                try {
                    $this->handle($one, $key, SwapScope::Programme, $batch);
                    $changed++;
                } catch (ValidationException) {
                    // Another count of repetitions may rank another way; the trainer sees it when the day comes.
                }
            }

            return $changed;
        });
    }

    /** Takes the swap back here and in every later session that has not begun. */
    public function undoFromHereOn(Item $item): Item
    {
        $later = $this->later($item);
        DB::transaction(function () use ($later): void {
            foreach ($later as $one) {
                $this->undo($one);
            }
        });

        return $this->undo($item);
    }

    /** @return list<Item> Items of later sessions of the programme, not begun, for which the programme wrote the same. */
    public function later(Item $item): array
    {
        $session = $item->block->session;
        $asked = $item->prescription();
        $later = [];
        foreach ($session->programme->sessions()->where('starts_at', '>', $session->starts_at)->whereNull('started_at')->get() as $other) {
            foreach ($other->blocks->flatMap->items as $one) {
                /** @var Item $one */
                $theirs = $one->prescription();
                if ($theirs->exercise === $asked->exercise && $theirs->setting->sameAs($asked->setting)) {
                    $later[] = $one;
                }
            }
        }

        return $later;
    }

    public function handle(Item $item, string $key, SwapScope $scope = SwapScope::Today, ?string $batch = null): Item
    {
        foreach ($this->rankSwaps->handle($item)->candidates as $candidate) {
            if (RankSwaps::keyOf($candidate) !== $key) {
                continue;
            }

            return $this->put($item, $candidate, $scope, batch: $batch);
        }

        throw ValidationException::withMessages(['key' => 'That swap is no longer on offer: the shelf has changed. Look at the list again.']);
    }

    /**
     * Puts a candidate in the place of what is written, whatever list it came from.
     *
     * @param  string|null  $occasion  What asked for it, where that was not the desk.
     * @param  string|null  $batch  Changes made at one go share it; null for one alone.
     *
     * @throws ValidationException If a health answer locks the programme.
     */
    public function put(Item $item, Candidate $candidate, SwapScope $scope = SwapScope::Today, ?string $occasion = null, ?string $batch = null): Item
    {
        $locks = $this->assess->locks($item->client());
        if ($locks !== []) {
            throw ValidationException::withMessages(['lock' => array_map(static fn (array $lock): string => "{$lock['why']} {$lock['do']}", $locks)]);
        }
        $written = $item->written ?? [
            'exercise' => $item->exercise,
            'setting' => $item->setting->toArray(),
            'words' => $item->words,
            'reps' => $item->reps,
            'reserve' => $item->reserve,
            'rest_seconds' => $item->rest_seconds,
            'why' => '',
        ];
        $why = $written['why'] = implode(' ', [...$candidate->reasons, ...$candidate->changes]);
        $this->change->handle($item, [
            'exercise' => $candidate->rung->exercise->id,
            'setting' => $candidate->rung->setting,
            'words' => $candidate->rung->words.($candidate->range === null ? '' : "; {$candidate->range}"),
            'reps' => $candidate->reps,
            'reserve' => $candidate->reserve,
            'rest_seconds' => $candidate->restAfter($written['rest_seconds'] ?? $item->rest_seconds),
            'tempo' => $candidate->tempo?->toArray(),
            'range_ratio' => $candidate->range === null ? null : $candidate->rangeRatio,
            'written' => $written,
            'left_out' => null,
            'one_set' => $scope === SwapScope::Set,
        ], $occasion ?? $scope->occasion(), $why, $batch ?? Str::uuid()->toString());

        return $item;
    }

    public function undo(Item $item): Item
    {
        $this->change->takeBack($item);

        return $item;
    }

    /** What the programme wrote, in words, or null where nothing was swapped. */
    public function writtenInWords(Item $item): ?string
    {
        if ($item->written === null) {
            return null;
        }
        $exercise = $this->catalogue->exercise($item->written['exercise']);

        return $exercise->name.', '.($item->written['words'] ?? SettingInWords::of($exercise, Setting::fromArray($item->written['setting'])));
    }
}
