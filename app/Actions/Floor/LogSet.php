<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Actions\Clients\DescribeClient;
use App\Actions\SwapDesk\ChangeItem;
use App\Models\Item;
use App\Models\SetLog;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\ShelfRungs;

/** Records one set with what it weighed; the same key sent twice is one set. */
final readonly class LogSet
{
    public function __construct(
        private DescribeClient $describe,
        private ShelfRungs $rungs,
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private ChangeItem $change,
    ) {
    }

    /** @param  array{key: string, set_number: int, side?: string|null, reps: int, reserve: float|int, pain: bool, pain_note?: string|null}  $done */
    public function handle(Item $item, array $done, ?CarbonImmutable $at = null): SetLog
    {
        $client = $item->client();
        $exercise = $this->catalogue->exercise($item->exercise);
        $body = $this->describe->body($client);
        $rung = $this->rungs->rungFor($exercise, $item->setting, $this->describe->plainSituation($client));
        $equivalent = $this->model->equivalent($exercise, $body, $item->setting, School::Mean, $rung?->certainty);
        $at ??= CarbonImmutable::now();

        return DB::transaction(function () use ($item, $done, $client, $exercise, $equivalent, $at): SetLog {
            $session = $item->block->session;
            if ($session->started_at === null) {
                $session->update(['started_at' => $at]);
            }

            $log = $item->setLogs()->firstOrCreate(['key' => $done['key']], [
                'client_id' => $client->id,
                'exercise' => $exercise->id,
                'setting' => $item->setting,
                'words' => $item->words ?? SettingInWords::of($exercise, $item->setting),
                'set_number' => $done['set_number'],
                'side' => $done['side'] ?? null,
                'reps' => $done['reps'],
                'reserve' => $done['reserve'],
                'pain' => $done['pain'],
                'pain_note' => $done['pain_note'] ?? '',
                'pattern' => $exercise->pattern,
                'tempo' => $item->tempo,
                // A range cut short is the easier part of it.
                'whole_kg' => $equivalent->wholeKg() * ($item->range_ratio ?? 1.0),
                'sd_kg' => $equivalent->sdKg,
                'logged_at' => $at,
            ]);
            $isPerSide = $exercise->oneSideAtATime || $item->setting->limbs === 1;
            if ($item->one_set && $log->wasRecentlyCreated && (! $isPerSide || $log->side === 'right')) {
                $this->change->endOneSet($item);
            }

            return $log;
        });
    }
}
