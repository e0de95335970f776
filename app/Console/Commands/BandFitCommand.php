<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandFit;

final class BandFitCommand extends JsonCommand
{
    protected $signature = 'nimble:band-fit';

    protected $description = 'Fits the curve of a band to readings of length and force';

    protected function answer(Fields $asked): array
    {
        $restLengthM = $asked->number('rest_length_cm', 2, 500, 'cm') / 100;
        $fit = BandFit::through($restLengthM, array_map(static fn (Fields $point): array => [
            'lengthM' => $point->number('length_cm', 0, 1500, 'cm') / 100,
            'forceN' => $point->number('force_n', 0, 5000, 'N'),
        ], $asked->objects('points')));

        return [
            'a_n' => round($fit->band->aN, 4),
            'b_n' => round($fit->band->bN, 4),
            'rms_n' => round($fit->rmsN, 4),
            'rms_percent' => round(100 * $fit->rmsFraction, 3),
            'max_length_cm' => round(100 * $restLengthM * Band::DEFAULT_LIMIT, 2),
        ];
    }
}
