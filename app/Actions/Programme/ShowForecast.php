<?php

declare(strict_types=1);

namespace App\Actions\Programme;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Programme\ForecastLiftResource;
use App\Models\Programme;
use App\Models\Week;
use Illuminate\Database\Eloquent\Collection;
use NimbleShelf\Core\Programme\Forecast;
use NimbleShelf\Core\Programme\PlannedWeek;

/** How the main lifts of a programme are likely to go, with what is on the shelf today. */
final readonly class ShowForecast
{
    public function __construct(private ReadProgramme $read, private DescribeClient $describe, private Forecast $forecast)
    {
    }

    /** @return list<ForecastLiftResource> */
    public function handle(Programme $programme): array
    {
        $situation = $this->describe->situation($programme->client ?? abort(404));
        /** @var Collection<int, Week> $rows */
        $rows = $programme->weeks()->with('plannedSessions.blocks.slots')->get();
        $weeks = array_values($rows->map(fn (Week $row): PlannedWeek => $this->read->week($row, null))->all());

        return array_map(
            ForecastLiftResource::of(...),
            $this->forecast->lifts($weeks, $this->read->brief($programme, $situation), $programme->currentWeek()),
        );
    }
}
