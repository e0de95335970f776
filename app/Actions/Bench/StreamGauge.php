<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Client;
use App\Models\User;
use Illuminate\Support\Sleep;
use NimbleShelf\Core\Bench\SteadyReading;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The scale's readings as they come, as server-sent events; the page asks again when a stream ends. */
final readonly class StreamGauge
{
    /** Readings in one stream, and the pause between two, milliseconds: half a minute. */
    public const READINGS = 200;

    private const PAUSE_MS = 150;

    public function __construct(private RunBench $bench)
    {
    }

    public function handle(User $trainer, Client $client, int $readings): StreamedResponse
    {
        return response()->stream(function () use ($trainer, $client, $readings): void {
            $last = [];
            for ($i = 0; $i < min(self::READINGS, $readings) && connection_aborted() === 0; $i++) {
                $state = $this->bench->state($trainer, $client);
                $item = $this->bench->item($state, $client);
                if ($item === null) {
                    self::send(['status' => 'nothing', 'forceN' => null, 'isSteady' => false, 'advice' => 'Nothing hangs on the scale.']);

                    return;
                }
                $reading = $this->bench->gauge($state, $item)->read();
                $last = $reading->forceN === null ? [] : array_slice([...$last, $reading->forceN], -SteadyReading::COUNT);
                self::send([
                    'status' => $reading->status->value,
                    'forceN' => $reading->forceN === null ? null : round($reading->forceN, 1),
                    'isSteady' => SteadyReading::of($last)->isSteady,
                    'advice' => $reading->status->advice(),
                ]);
                Sleep::for(self::PAUSE_MS)->milliseconds();
            }
        }, headers: ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-cache', 'X-Accel-Buffering' => 'no']);
    }

    /** @param  array<string, mixed>  $event */
    private static function send(array $event): void
    {
        echo 'data: '.json_encode($event, JSON_THROW_ON_ERROR)."\n\n";
        if (ob_get_level() > 0) {
            ob_flush();
        }
        flush();
    }
}
