<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Actions\Clients\AssessHealth;
use App\Actions\Shelf\LookAfter;
use App\Actions\Start\ShowStart;
use App\Enums\ProgrammeState;
use App\Http\Resources\Round\DueResource;
use App\Models\Client;
use App\Models\Programme;
use App\Models\ShelfItem;
use App\Models\User;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use NimbleShelf\Core\Text\Plain;

/**
 * One list of what falls due: questions to ask again, clearances that run out, bands to look over, tests, programmes that end, and
 * what somebody can do to be found again after a long break.
 */
final readonly class ShowDue
{
    /** What falls due within so many days is shown. */
    private const AHEAD_DAYS = 21;

    /** What was last done by a programme that ended within so many days is still missed. */
    private const ENDED_DAYS = 28;

    public function __construct(private AssessHealth $assess, private LookAfter $lookAfter)
    {
    }

    /** @return list<DueResource> What is over first, then by day. */
    public function handle(User $trainer): array
    {
        /** @var Collection<int, Client> $clients */
        $clients = Client::query()
            ->with(['screening', 'clearances', 'movementCheck', 'shelfItems.bandTests'])
            ->with(['programmes' => static fn ($all) => $all->withMax('weeks', 'number')])
            ->where('user_id', $trainer->id)->whereNull('archived_at')->orderBy('name')->get();
        $due = [];
        foreach ($clients as $client) {
            // Whose they are is known without asking the database again.
            $client->setRelation('trainer', $trainer);
            $client->shelfItems->each(static fn (ShelfItem $item): ShelfItem => $item->setRelation('client', $client));
            $client->programmes->each(static fn (Programme $one): Programme => $one->setRelation('client', $client));
            array_push($due, ...$this->health($client), ...$this->shelf($client), ...$this->programme($client), ...$this->start($client));
        }
        $order = static fn (DueResource $one): array => [$one->on, $one->clientName];
        usort($due, static fn (DueResource $one, DueResource $other): int => $order($one) <=> $order($other));

        return $due;
    }

    /** @return list<DueResource> */
    private function health(Client $client): array
    {
        $asked = $this->assess->dueOn($client)?->addDay();
        $today = $client->trainer->today();
        $due = [
            $this->due($client, 'screening', $asked === null ? 'Health questions, never asked' : 'Health questions', match (true) {
                $asked === null => $today,
                $this->assess->isDue($client) => $asked->min($today),
                default => $asked,
            }, 'health'),
        ];
        foreach ($client->clearances as $clearance) {
            // One that ran out long ago and was not renewed is said by the lock.
            if ($clearance->expires_on?->toImmutable()->addDays(self::AHEAD_DAYS)->greaterThan($today) === true) {
                $due[] = $this->due($client, 'clearance', "Clearance by {$clearance->given_by}", $clearance->expires_on, 'health');
            }
        }
        if ($client->movementCheck !== null) {
            $again = $client->movementCheck->checked_on->toImmutable()->addMonthsNoOverflow(AssessHealth::REPEAT_MONTHS);
            $due[] = $this->due($client, 'checks', 'Movement checks', $again, 'health');
        }

        return array_values(array_filter($due));
    }

    /** @return list<DueResource> */
    private function shelf(Client $client): array
    {
        $due = [];
        $looks = ['band' => [], 'thing' => []];
        foreach ($client->shelfItems as $item) {
            $thing = $item->toThing();
            if ($item->out_of_service !== null) {
                continue;
            }
            $on = $this->lookAfter->dueOn($item, $thing);
            // A band is looked over at nearly every visit: only what was forgotten is told.
            if ($on !== null && $this->isNear($client, $on, $thing->isBand() ? 0 : self::AHEAD_DAYS)) {
                $looks[$thing->isBand() ? 'band' : 'thing'][] = [$item->name, $on];
            }
            // One that was never on a scale counts as its label says; who never tests is not told each day.
            if ($thing->isBand() && $item->believedTests()->isNotEmpty()
                && $this->lookAfter->isRetestDue($item, $this->lookAfter->stretches($item, $thing))) {
                $due[] = $this->due($client, 'retest', "Test the {$item->name} again", $client->trainer->today(), 'bench');
            }
        }
        foreach ($looks as $kind => $things) {
            if ($things !== []) {
                $first = min(array_column($things, 1));
                $names = array_column($things, 0);
                $more = count($names) - 2;
                $words = implode(', ', array_slice($names, 0, 2)).($more > 0 ? " and {$more} more" : '');
                $due[] = $this->due($client, $kind, "Look over: {$words}", $first, 'shelf');
            }
        }

        return array_values(array_filter($due));
    }

    /** @return list<DueResource> */
    private function programme(Client $client): array
    {
        $last = null;
        foreach ($client->programmes as $one) {
            $standing = $one->standing();
            if ($standing === ProgrammeState::Waiting) {
                return [];
            }
            if (in_array($standing, [ProgrammeState::Running, ProgrammeState::Ended], true)) {
                $ends = $this->lastDay($one);
                $last = $last === null || $ends->greaterThan($last[1]) ? [$one, $ends] : $last;
            }
        }
        if ($last === null || $last[1]->addDays(self::ENDED_DAYS)->lessThan($client->trainer->today())) {
            return [];
        }
        [$programme, $ends] = $last;
        $isOver = $ends->lessThan($client->trainer->today());
        $due = $this->due($client, 'programme', $isOver ? "{$programme->name} has ended" : "{$programme->name} ends", $ends, 'programme');

        return $due === null ? [] : [$due];
    }

    /** @return list<DueResource> Of who comes back after a long break, on the day they do. */
    private function start(Client $client): array
    {
        $back = $client->nextVisit()?->starts_at;
        $days = $back === null ? null : $client->daysAway($back);
        $isPlanned = $client->trainingSessions()->where('is_start', true)->whereNull('cancelled_at')->whereNull('ended_at')->exists();
        if ($back === null || $days === null || $days < ShowStart::LONG_BREAK_DAYS || $isPlanned) {
            return [];
        }
        $what = sprintf('Find the start anew, after %s without a set', Plain::count(intdiv($days, 7), 'week'));

        return array_filter([$this->due($client, 'start', $what, $back->setTimezone($client->trainer->zone()), 'start')]);
    }

    private function lastDay(Programme $programme): CarbonImmutable
    {
        $weeks = $programme->getAttribute('weeks_max_number');
        $last = $programme->weekStartsOn(is_numeric($weeks) ? (int) $weeks : 1)->addDays(6);

        return $programme->ends_on === null ? $last : $programme->ends_on->toImmutable()->min($last);
    }

    private function isNear(Client $client, CarbonInterface $on, int $days = self::AHEAD_DAYS): bool
    {
        return $on->toDateString() <= $client->trainer->today()->addDays($days)->toDateString();
    }

    private function due(Client $client, string $kind, string $what, CarbonInterface $on, string $place): ?DueResource
    {
        return $this->isNear($client, $on)
            ? new DueResource(
                $client->id,
                $client->name,
                $kind,
                $what,
                $on->toDateString(),
                $on->toDateString() < $client->trainer->today()->toDateString(),
                $place,
            )
            : null;
    }
}
