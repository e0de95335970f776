<?php

declare(strict_types=1);

namespace App\Actions;

use App\Http\Resources\LiveSwapResource;
use App\Models\Item;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\LiveRung;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungFinder;

/** A candidate whose setting is moved by hand, reckoned as it moves. */
final readonly class MoveSwap
{
    public function __construct(private RankSwaps $rankSwaps, private DescribeClient $describe, private Catalogue $catalogue, private ShowSwaps $showSwaps)
    {
    }

    /**
     * @param  string  $key  Of the candidate whose setting is moved.
     * @param  array<string, float>  $moved
     */
    public function handle(Item $item, string $exercise, string $key, array $moved): LiveSwapResource
    {
        $candidate = $this->candidate($item, $exercise, $key, $moved);

        return new LiveSwapResource(
            problem: is_string($candidate) ? $candidate : null,
            candidate: is_string($candidate) ? null : $this->showSwaps->candidate($candidate, $this->describe->body($item->client())),
        );
    }

    /**
     * @param  array<string, float>  $moved
     * @return Candidate|string The candidate there, or why it cannot be used.
     *
     * @throws ValidationException If there is no such candidate any more.
     * @throws InvalidQuantity If a control is moved too far.
     */
    public function candidate(Item $item, string $exercise, string $key, array $moved): Candidate|string
    {
        $client = $item->client();
        $person = $this->describe->person($client);
        $home = $this->describe->home($client);
        $rung = LiveRung::moved($this->base($item, $exercise, $key), $moved);
        try {
            return $this->rankSwaps->deskOf($client)->candidateFor($item->prescription(), $rung, $person, $home);
        } catch (InvalidQuantity $usedUp) {
            return $usedUp->getMessage();
        }
    }

    private function base(Item $item, string $exercise, string $key): Rung
    {
        $known = $this->catalogue->exercises[$exercise] ?? null;
        if ($known !== null) {
            $client = $item->client();
            foreach ((new RungFinder)->rungs($known, $this->describe->withoutCapacities($client), $this->describe->home($client), $this->describe->shelf($client))['rungs'] as $rung) {
                if (RankSwaps::keyOfRung($rung) === $key) {
                    return $rung;
                }
            }
        }

        throw ValidationException::withMessages(['key' => 'That swap is no longer on offer: the shelf has changed. Look at the list again.']);
    }
}
