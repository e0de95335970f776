<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use NimbleShelf\Core\Planning\RepetitionMaximum;

final class RepMaxCommand extends JsonCommand
{
    protected $signature = 'nimble:rep-max';

    protected $description = 'Estimates a one-repetition maximum from a set';

    protected function answer(Fields $asked): array
    {
        $maximum = RepetitionMaximum::from(
            loadKg: $asked->number('load_kg', 0.001, 1000, 'kg'),
            reps: $asked->number('reps', 1, 100, 'repetitions'),
            reserve: $asked->number('reserve', 0, 20, 'repetitions'),
        );
        $round = static fn (?float $kg): ?float => $kg === null ? null : round($kg, 3);

        return [
            'epley_kg' => $round($maximum->epleyKg),
            'brzycki_kg' => $round($maximum->brzyckiKg),
            'lombardi_kg' => $round($maximum->lombardiKg),
            'oconner_kg' => $round($maximum->oconnerKg),
            'wathan_kg' => $round($maximum->wathanKg),
            'mayhew_kg' => $round($maximum->mayhewKg),
            'median_kg' => $round($maximum->medianKg()),
        ];
    }
}
