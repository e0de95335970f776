<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Actions\Clients\AssessHealth;
use App\Actions\Clients\DescribeClient;
use App\Actions\Floor\ShowSession;
use App\Http\Resources\Round\RoundResource;
use App\Http\Resources\Round\VisitResource;
use App\Http\Resources\Round\WeekDayResource;
use App\Http\Resources\Shared\LimitResource;
use App\Models\Item;
use App\Models\SetLog;
use App\Models\TrainingSession;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Catalogue\Catalogue;

/** The visits of one day in order, with the week around it. */
final readonly class ShowRound
{
    private const PAIN_STAYS_OPEN_DAYS = 14;

    public function __construct(private ShowSession $showSession, private Catalogue $catalogue, private DescribeClient $describe, private AssessHealth $assess)
    {
    }

    public function handle(User $trainer, CarbonImmutable $day): RoundResource
    {
        /** @var Collection<int, TrainingSession> $sessions */
        $sessions = TrainingSession::ofTrainer($trainer)
            ->with(['blocks.items.setLogs', 'programme.client.shelfItems', 'programme.client.home', 'programme.client.bodyMeasure'])
            ->whereBetween('starts_at', [$day->startOfDay(), $day->endOfDay()])
            ->orderBy('starts_at')->get();
        $monday = $day->startOfWeek(CarbonImmutable::MONDAY);
        $week = [];
        for ($i = 0; $i < 7; $i++) {
            $date = $monday->addDays($i);
            $week[] = new WeekDayResource(
                date: $date->toDateString(),
                visits: TrainingSession::ofTrainer($trainer)->whereBetween('starts_at', [$date->startOfDay(), $date->endOfDay()])->count(),
                isToday: $date->isSameDay(CarbonImmutable::now()),
            );
        }
        $next = TrainingSession::ofTrainer($trainer)->where('starts_at', '>', $day->endOfDay())->orderBy('starts_at')->first();

        return new RoundResource(
            date: $day->toDateString(),
            visits: array_values($sessions->map($this->visit(...))->all()),
            week: $week,
            nextDate: $next?->starts_at->toDateString(),
        );
    }

    private function visit(TrainingSession $session): VisitResource
    {
        $client = $session->programme->client;
        $items = $session->blocks->flatMap->items;
        $toSwap = $this->showSession->itemsToSwap($session);
        $last = $client->setLogs()->where('logged_at', '<', $session->starts_at->startOfDay())->max('logged_at');
        /** @var Collection<int, SetLog> $pain */
        $pain = $client->setLogs()->where('pain', true)->where('logged_at', '>=', CarbonImmutable::now()->subDays(self::PAIN_STAYS_OPEN_DAYS))->orderByDesc('logged_at')->get();

        return new VisitResource(
            sessionId: $session->id,
            clientId: $client->id,
            clientName: $client->name,
            trade: $client->trade,
            place: $client->place,
            sessionName: $session->name,
            startsAt: $session->starts_at->toIso8601String(),
            minutes: $session->minutes,
            state: $session->state(),
            exercises: array_values($items->whereNull('left_out')->map(fn (Item $item): string => $this->catalogue->exercise($item->exercise)->name)->all()),
            swapsNeeded: count($toSwap),
            firstSwapItemId: $toSwap[0] ?? null,
            setsLogged: (int) $items->sum(fn (Item $item): int => $item->setLogs->count()),
            setsPlanned: (int) $items->whereNull('left_out')->sum('sets'),
            limits: LimitResource::allOf($this->describe->limits($client)),
            painNotes: array_values($pain->map(fn (SetLog $set): string => sprintf('%s, %s%s', $this->catalogue->exercise($set->exercise)->name, $set->logged_at->format('j M'), $set->pain_note === '' ? '' : ': '.$set->pain_note))->unique()->all()),
            locks: array_column($this->assess->locks($client), 'why'),
            daysSinceLast: is_string($last) ? (int) CarbonImmutable::parse($last)->startOfDay()->diffInDays($session->starts_at->startOfDay()) : null,
        );
    }
}
