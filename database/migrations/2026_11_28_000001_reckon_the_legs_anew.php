<?php

declare(strict_types=1);

use App\Actions\Floor\ReckonLoad;
use App\Models\SetLog;
use Illuminate\Database\Migrations\Migration;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;

/*
 * Loads of the legs were reckoned along the line from hip to ankle, in which a chair squat was heavier than a squat and a
 * lunge three times a split squat. What was done stays as it was logged; what it weighed is reckoned once more, for the body of
 * that day, so that a capacity does not mix two currencies.
 */
return new class extends Migration
{
    public function up(): void
    {
        $catalogue = resolve(Catalogue::class);
        $reckon = resolve(ReckonLoad::class);
        foreach (SetLog::query()->with('client')->get()->whereIn('pattern', ['squat', 'single-leg']) as $set) {
            try {
                $load = $reckon->handle(
                    $reckon->measureOn($set->client, $set->logged_at),
                    $catalogue->exercise($set->exercise),
                    $set->setting,
                    null,
                    $set->range_ratio,
                );
            } catch (CoreException) {
                // A set that cannot be read any more keeps what was shown for it.
                continue;
            }
            SetLog::query()->whereKey($set->id)->update([
                'whole_kg' => $load->wholeKg(),
                'sd_kg' => $load->sdKg,
                'own_kg' => $load->ownKg,
                'load_words' => $load->inWords(),
            ]);
        }
    }

    public function down(): void
    {
        // What the old sum came to is not kept.
    }
};
