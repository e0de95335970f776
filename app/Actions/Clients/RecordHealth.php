<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Http\Resources\Clients\HealthResource;
use App\Models\Client;
use App\Models\User;
use Closure;
use Illuminate\Support\Facades\DB;

/** Writes something about a client's health, and who wrote it: both or neither. */
final readonly class RecordHealth
{
    public function __construct(private ShowHealth $show)
    {
    }

    /**
     * @param  string  $what  For the log: "noted a clearance".
     * @param  Closure(): mixed  $write
     */
    public function handle(Client $client, User $trainer, string $what, Closure $write): HealthResource
    {
        DB::transaction(static function () use ($client, $trainer, $what, $write): void {
            $write();
            ShowHealth::note($client, $trainer, $what);
        });

        return $this->show->handle($client);
    }
}
