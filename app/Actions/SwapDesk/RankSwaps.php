<?php

declare(strict_types=1);

namespace App\Actions\SwapDesk;

use App\Actions\Clients\DescribeClient;
use App\Models\Client;
use App\Models\Item;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\MatchScore;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Matching\SwapResult;
use NimbleShelf\Core\Mechanics\Setting;

/** Ranks what could stand in for one prescribed exercise. */
final readonly class RankSwaps
{
    public function __construct(private DescribeClient $describe, private SwapDesk $desk)
    {
    }

    public function handle(Item $item): SwapResult
    {
        return $this->of($item->client(), $item->prescription());
    }

    public function of(Client $client, Prescription $prescription): SwapResult
    {
        return $this->deskOf($client)->rank($prescription, $this->describe->situation($client));
    }

    /** The desk with the weights of the client's trainer. */
    public function deskOf(Client $client): SwapDesk
    {
        $weights = $client->trainer->weights();

        return $weights === [] ? $this->desk : $this->desk->weighing(new MatchScore($weights));
    }

    /** Names a candidate so that the screen can choose it later; the same rung has the same key. */
    public static function keyOf(Candidate $candidate): string
    {
        return self::keyOfRung($candidate->rung);
    }

    public static function keyOfRung(Rung $rung): string
    {
        return self::keyOfSetting($rung->exercise->id, $rung->setting);
    }

    /** The same name for an exercise as it is set, whether or not the shelf serves it. */
    public static function keyOfSetting(string $exercise, Setting $setting): string
    {
        return substr(hash('sha256', $exercise.json_encode($setting->toArray(), JSON_THROW_ON_ERROR)), 0, 16);
    }
}
