<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Models\SetLog;
use App\Models\ShelfItem;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Kit\Thing;

/** When a thing is looked over again, and a band hung on the scale again. */
final readonly class LookAfter
{
    /** Days after which a band, and anything else that is leaned on or lifted, is looked over again; our practice. */
    private const BAND_DAYS = 7;

    private const OTHER_DAYS = 180;

    /** A band is tested again after so many repetitions; our estimate until its own tests say how it wears. */
    private const RETEST_STRETCHES = 2000;

    /** Kinds that nothing can wear. */
    private const LASTING = ['wall', 'towel', 'mat', 'pourable', 'roller', 'barbell'];

    public function __construct(private Catalogue $catalogue)
    {
    }

    /** The day from which it is to be looked over again; null of what nothing can wear. */
    public function dueOn(ShelfItem $item, Thing $thing): ?CarbonImmutable
    {
        return in_array($item->kind, self::LASTING, true)
            ? null
            : ($item->inspected_on ?? $item->created_at)?->toImmutable()->addDays($thing->isBand() ? self::BAND_DAYS : self::OTHER_DAYS);
    }

    /** Repetitions a band was stretched for since its last test, or ever; null of what is none. */
    public function stretches(ShelfItem $item, Thing $thing): ?int
    {
        if (! $thing->isBand()) {
            return null;
        }
        $since = $item->believedTests()->first()?->tested_on->toImmutable();
        $repetitions = 0;
        $sets = SetLog::query()->where('client_id', $item->client_id)
            ->whereNull('voided_at')
            ->where('setting->implement', $thing->kind)
            ->when($since !== null, static fn ($query) => $query->where('logged_at', '>=', $since))
            ->get(['exercise', 'setting', 'reps', 'seconds']);
        foreach ($sets as $set) {
            if ($set->setting->band?->band->restLengthM === $thing->band?->restLengthM) {
                // Uncounted work by the clock stretches a band as well: at the usual tempo of the exercise.
                $each = $set->reps === null ? $this->catalogue->exercise($set->exercise)->secondsPerRepetition() : 1;
                $repetitions += $set->reps ?? (int) ceil(($set->seconds ?? 0) / max(1, $each));
            }
        }

        return $repetitions;
    }

    /** Whether so many repetitions since its last test are too many to go on trusting it. */
    public function isRetestDue(ShelfItem $item, ?int $stretches): bool
    {
        return $stretches !== null && ($item->believedTests()->isEmpty() || $stretches >= self::RETEST_STRETCHES);
    }
}
