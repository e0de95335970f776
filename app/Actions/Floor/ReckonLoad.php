<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\DescribeClient;
use App\Models\BodyMeasure;
use App\Models\Client;
use DateTimeInterface;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Setting;

/** What a set weighed for the body of that day. */
final readonly class ReckonLoad
{
    public function __construct(private ResistanceModel $model)
    {
    }

    /**
     * @param  float|null  $rangeRatio  What the load comes to over the part of the range that was used; null for all of it.
     *
     * @throws InvalidQuantity If the setting does not load the exercise.
     */
    public function handle(
        BodyMeasure $measure,
        Exercise $exercise,
        Setting $setting,
        ?Certainty $certainty = null,
        ?float $rangeRatio = null,
    ): Equivalent {
        $body = DescribeClient::bodyOf($measure);
        $equivalent = $this->model->equivalent($exercise, $body, $setting, School::Mean, $certainty);

        return $rangeRatio === null ? $equivalent : $equivalent->overPartOfRange($rangeRatio);
    }

    /** The newest measures taken by that day; before the first, the first. */
    public function measureOn(Client $client, DateTimeInterface $at): BodyMeasure
    {
        /** @var Collection<int, BodyMeasure> $byDay */
        $byDay = $client->bodyMeasures()->orderBy('measured_on')->orderBy('id')->get();
        $last = $byDay->filter(
            static fn (BodyMeasure $measure): bool => $measure->measured_on->toDateString() <= $at->format('Y-m-d'),
        )->last();

        return $last ?? $byDay->firstOrFail();
    }
}
