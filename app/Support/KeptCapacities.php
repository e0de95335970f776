<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Client;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;

/**
 * What hundreds of logged sets say a client can do, kept for the day, until a set is logged or taken back: a screen asks for it
 * at every change.
 */
final readonly class KeptCapacities
{
    private const SECONDS = 30 * 86400;

    public function __construct(private Repository $cache)
    {
    }

    /**
     * @param  Closure(): array<string, array{float, float, string}>  $reckon
     * @return array<string, array{float, float, string}> By pattern: kilograms, spread of their logarithm, where it is known from.
     */
    public function of(Client $client, Closure $reckon): array
    {
        $key = sprintf('capacities.%s.%d', md5(DB::connection()->getDatabaseName()), $client->id);
        $stamp = $this->stamp($client);
        $kept = $this->cache->get($key);
        if (is_array($kept) && ($kept['stamp'] ?? null) === $stamp && is_array($kept['states'] ?? null)) {
            /** @var array<string, array{float, float, string}> $states */
            $states = $kept['states'];

            return $states;
        }
        $states = $reckon();
        $this->cache->put($key, ['stamp' => $stamp, 'states' => $states], self::SECONDS);

        return $states;
    }

    /** Changes with the sets that stand, what was told or checked, the trainer's own variants and the sums. */
    private function stamp(Client $client): string
    {
        $sets = $client->setLogs()->toBase()->selectRaw('count(*) as sets, max(id) as newest, max(updated_at) as changed')->first();
        $told = $client->toldResults()->toBase()->selectRaw('count(*) as results, max(id) as newest')->first();
        $checked = $client->movementChecks()->toBase()->selectRaw('count(*) as checks, max(id) as newest')->first();
        $variants = DB::table('exercise_variants')->where('user_id', $client->user_id)->max('updated_at');
        $sums = array_map(filemtime(...), glob(base_path('core/src/{Planning,Strength}').'/*.php', GLOB_BRACE) ?: []);
        // What norms say of somebody follows body, age and training; what was done fades by the day.
        $who = [
            $client->sex,
            $client->born_on,
            $client->experience,
            $client->bodyMeasure->getAttributes(),
            CarbonImmutable::now()->toDateString(),
        ];

        return (string) json_encode([$client->getRawOriginal('created_at'), $sets, $told, $checked, $variants, $sums, $who]);
    }
}
