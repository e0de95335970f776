<?php

declare(strict_types=1);

namespace App\Actions\Start;

use App\Actions\Clients\DescribeClient;
use App\Actions\Floor\ReckonLoad;
use App\Models\Client;
use App\Models\ToldResult;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Programme\ResultReader;
use NimbleShelf\Core\Programme\ToldResult as Told;

/** Keeps what a trainer knows a client can do, as it was understood. */
final readonly class TellResult
{
    public function __construct(
        private DescribeClient $describe,
        private ResultReader $reader,
        private ReckonLoad $reckon,
        private FollowStart $follow,
    ) {
    }

    /** @throws CoreException On `line`, saying what is missing or not known. */
    public function read(Client $client, string $line): Told
    {
        return $this->reader->read($line, $this->describe->plainSituation($client));
    }

    /** @throws CoreException On `line`, saying what is missing or not known. */
    public function handle(Client $client, string $line): ToldResult
    {
        $told = $this->read($client, $line);
        $load = $this->reckon->handle($client->bodyMeasure, $told->exercise, $told->setting);
        $kept = $client->toldResults()->create([
            'line' => $line,
            'exercise' => $told->exercise->id,
            'test' => $told->test,
            'setting' => $told->setting,
            'words' => $told->words,
            'count' => $told->count,
            'is_timed' => $told->isTimed,
            'reserve' => $told->reserve,
            'pattern' => $told->exercise->pattern,
            'whole_kg' => $load->wholeKg(),
            'sd_kg' => $load->sdKg,
            'told_at' => CarbonImmutable::now(),
            'zone' => $client->trainer->zone(),
        ]);
        $this->followed($client);

        return $kept;
    }

    /** It says nothing any more; what it changed in the programme is the programme's to undo. */
    public function takeBack(ToldResult $result): void
    {
        $result->delete();
    }

    public function putBack(ToldResult $result): void
    {
        $result->restore();
    }

    /** What was told is kept whatever becomes of the programme. */
    private function followed(Client $client): void
    {
        rescue(fn () => $this->follow->handle($client));
    }
}
