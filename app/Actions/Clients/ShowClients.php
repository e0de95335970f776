<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Casts\AsMoment;
use App\Http\Resources\Clients\ClientSummaryResource;
use App\Http\Resources\Shared\LimitResource;
use App\Models\Client;
use App\Models\User;
use Illuminate\Support\Collection;

/** A trainer's clients, by name. */
final readonly class ShowClients
{
    public function __construct(private DescribeClient $describe)
    {
    }

    /** @return list<ClientSummaryResource> */
    public function handle(User $trainer): array
    {
        /** @var Collection<int, Client> $clients */
        $clients = $trainer->clients()->withCount('shelfItems')->orderBy('name')->get();

        return array_values($clients->map(function (Client $client): ClientSummaryResource {
            $next = $client->trainingSessions()
                ->whereNull('ended_at')
                ->whereNull('cancelled_at')
                ->where('starts_at', '>=', AsMoment::stored($client->trainer->now()->startOfDay()))
                ->orderBy('starts_at')
                ->first();

            return new ClientSummaryResource(
                id: $client->id,
                name: $client->name,
                trade: $client->trade,
                goal: $client->goal->label(),
                limits: LimitResource::allOf($this->describe->limits($client)),
                shelfCount: (int) $client->getAttribute('shelf_items_count'),
                nextVisit: $next?->starts_at->toIso8601String(),
                isArchived: $client->archived_at !== null,
                isDemo: $client->is_demo,
            );
        })->all());
    }
}
