<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\SwapDesk\LiveSwapResource;
use App\Models\Item;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Setting;

/** A candidate whose setting is moved by hand, reckoned as it moves. */
final readonly class MoveSwap
{
    public function __construct(
        private RankSwaps $rankSwaps,
        private ShelfRungs $rungs,
        private DescribeClient $describe,
        private Catalogue $catalogue,
        private ShowSwaps $showSwaps,
    ) {
    }

    /**
     * @param  Setting  $offered  Of the candidate whose setting is moved.
     * @param  array<string, float>  $moved
     */
    public function handle(Item $item, string $exercise, Setting $offered, array $moved): LiveSwapResource
    {
        $candidate = $this->candidate($item, $exercise, $offered, $moved);

        return new LiveSwapResource(
            problem: is_string($candidate) ? $candidate : null,
            candidate: is_string($candidate) ? null : $this->showSwaps->moved($item, $candidate),
        );
    }

    /**
     * @param  array<string, float>  $moved
     * @return Candidate|string The candidate there, or why it cannot be used.
     *
     * @throws ValidationException If there is no such candidate any more.
     * @throws InvalidQuantity If a control is moved too far.
     */
    public function candidate(Item $item, string $exercise, Setting $offered, array $moved): Candidate|string
    {
        $client = $item->client();
        $situation = $this->describe->situation($client);
        $base = $this->base($exercise, $offered, $situation);
        [$execution, $moved] = LiveRung::executionIn($moved, $base);
        $rung = LiveRung::moved($base, $moved);
        try {
            return $this->rankSwaps->deskOf($client)->candidateFor($item->prescription(), $rung, $situation, execution: $execution);
        } catch (InvalidQuantity $usedUp) {
            return $usedUp->getMessage();
        }
    }

    private function base(string $exercise, Setting $offered, Situation $situation): Rung
    {
        $known = $this->catalogue->exercises[$exercise] ?? null;
        $rung = $known === null ? null : $this->rungs->rungFor($known, $offered, $situation);
        if ($rung !== null) {
            return $rung;
        }

        throw ValidationException::withMessages([
            'setting' => 'That swap is no longer on offer: the shelf has changed. Look at the list again.',
        ]);
    }
}
