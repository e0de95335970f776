<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Http\Resources\Shelf\PlateBuildResource;
use App\Http\Resources\Shelf\PlateLoadingResource;
use App\Models\ShelfItem;
use NimbleShelf\Core\Kit\PlateLoading;
use NimbleShelf\Core\Matching\SettingInWords;

/** What an adjustable dumbbell can weigh, and how to change it. */
final class ShowPlates
{
    /** @param  int  $from  Place among the builds, as is the next; what is beyond the last counts as the last. */
    public function handle(ShelfItem $item, int $from, int $to): PlateLoadingResource
    {
        $loading = $item->toThing()->loading ?? PlateLoading::of(0.0, [], 1);
        $last = count($loading->builds) - 1;
        $from = max(0, min($from, $last));
        $to = max(0, min($to, $last));
        ['off' => $off, 'on' => $on] = $loading->change($from, $to);
        $steps = array_filter([$off === [] ? '' : 'take off '.self::plates($off), $on === [] ? '' : 'put on '.self::plates($on)]);

        return new PlateLoadingResource(
            itemId: $item->id,
            builds: array_map(
                static fn (array $build): PlateBuildResource => new PlateBuildResource(
                    round($build['loadKg'], 3),
                    $build['perEnd'] === [] ? 'bare handle' : self::plates($build['perEnd']),
                ),
                $loading->builds,
            ),
            from: $from,
            to: $to,
            change: $steps === [] ? 'Nothing to change.' : 'At each end '.implode(', then ', $steps).'.',
        );
    }

    /** @param  list<array{massKg: float, count: int}>  $plates */
    private static function plates(array $plates): string
    {
        return implode(
            ' + ',
            array_map(static fn (array $plate): string => "{$plate['count']} × ".SettingInWords::kg($plate['massKg']).' kg', $plates),
        );
    }
}
