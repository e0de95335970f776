<?php

declare(strict_types=1);

namespace App\Actions\Start;

use App\Actions\Clients\DescribeClient;
use App\Actions\Clients\ReckonStrength;
use App\Models\Block;
use App\Models\Client;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\StartFinder;
use NimbleShelf\Core\Programme\StartSession;

/** Puts a first session on the Round that finds out what a client can do. */
final readonly class PlanStart
{
    /** What a visit is reckoned by where only its goal counts. */
    private const MINUTES = 20;

    public function __construct(private DescribeClient $describe, private ReckonStrength $strength, private StartFinder $finder)
    {
    }

    public function proposed(Client $client): StartSession
    {
        $brief = $this->describe->brief($client, $this->describe->situation($client), self::MINUTES);

        return $this->finder->find($brief, $this->strength->at($client));
    }

    /**
     * One that nobody has begun is planned anew.
     *
     * @throws ValidationException If nothing can be tested.
     */
    public function handle(Client $client, CarbonImmutable $at): TrainingSession
    {
        $proposed = $this->proposed($client);
        if ($proposed->tests === []) {
            throw ValidationException::withMessages(['tests' => 'There is nothing here to test with, within the limits in force.']);
        }

        return DB::transaction(function () use ($client, $at, $proposed): TrainingSession {
            $client->trainingSessions()->where('is_start', true)->whereNull('started_at')->delete();
            $session = $client->trainingSessions()->create([
                'name' => StartSession::NAME,
                'zone' => $client->trainer->zone(),
                'starts_at' => $at,
                'minutes' => (int) ceil($proposed->mostMinutes),
                'is_added' => true,
                'is_start' => true,
            ]);
            foreach ($proposed->plan()->blocks as $position => $made) {
                /** @var Block $block */
                $block = $session->blocks()->create(['kind' => $made->kind, 'rule' => [], 'name' => $made->name, 'position' => $position]);
                foreach ($made->slots as $place => $slot) {
                    /** @var Slot $slot */
                    $block->items()->create(['thread' => $slot->thread, 'position' => $place, 'prescribed' => $slot->assignment]);
                }
            }

            return $session;
        });
    }
}
