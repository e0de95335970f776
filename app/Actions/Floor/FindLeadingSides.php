<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Models\Client;
use App\Models\SetLog;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Planning\LeadingSides;

/** What sets that were done side by side say of a client's weaker side. */
final readonly class FindLeadingSides
{
    /** As many of the newest one-sided sets: what was long ago is another body. */
    private const NEWEST = 60;

    public function __construct(private Catalogue $catalogue)
    {
    }

    public function handle(Client $client): LeadingSides
    {
        /** @var Collection<int, SetLog> $sets */
        $sets = SetLog::query()
            ->where('client_id', $client->id)
            ->whereNull('voided_at')
            ->whereNotNull(['side', 'reps', 'reserve', 'training_session_id'])
            ->where('pain', false)
            ->orderByDesc('logged_at')
            ->limit(self::NEWEST)
            ->get();
        $pairs = [];
        // The same set of the same exercise with the same thing in either hand, on one day.
        foreach ($sets->groupBy(static fn (SetLog $set): string => implode('/', [
            $set->training_session_id, $set->exercise, $set->words, $set->set_number,
        ])) as $both) {
            $left = $both->firstWhere('side', 'left');
            $right = $both->firstWhere('side', 'right');
            if ($left !== null && $right !== null && $left->reps > 0 && $right->reps > 0) {
                $limbs = $this->catalogue->exercise($left->exercise)->effort->isOfArms() ? 'arms' : 'legs';
                $pairs[$limbs][] = [$left->reps + (float) $left->reserve, $right->reps + (float) $right->reserve];
            }
        }

        return LeadingSides::from($pairs);
    }
}
