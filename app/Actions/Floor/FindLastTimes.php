<?php

declare(strict_types=1);

namespace App\Actions\Floor;

use App\Models\SetLog;
use App\Models\TrainingSession;
use Illuminate\Database\Eloquent\Collection;

/** What somebody did of each exercise of a session when they did it last: the figures to go on from. */
final readonly class FindLastTimes
{
    /** Sets that are looked through, the newest first; enough for months of one client. */
    private const MOST = 400;

    /**
     * @param  list<string>  $exercises
     * @return array<string, array{words: string, in: string}> By exercise: "24 Nov: 12, 12, 10, 2 in reserve", and the setting it
     *     was done in, by its words.
     */
    public function handle(TrainingSession $session, array $exercises): array
    {
        /** @var Collection<int, SetLog> $sets */
        $sets = SetLog::query()
            ->where('client_id', $session->client_id)
            ->whereNull('voided_at')
            ->whereNotNull('training_session_id')
            ->where('training_session_id', '!=', $session->id)
            ->whereIn('exercise', $exercises)
            ->orderByDesc('logged_at')
            ->limit(self::MOST)
            ->get();
        $last = [];
        foreach ($sets->groupBy('exercise') as $exercise => $ofIt) {
            /** @var Collection<int, SetLog> $ofIt */
            $newest = $ofIt->first();
            if ($newest === null) {
                continue;
            }
            $those = $ofIt->where('training_session_id', $newest->training_session_id)->sortBy('logged_at')->values();
            $done = $those->map(static fn (SetLog $set): string => match (true) {
                $set->seconds !== null && ($set->reps === null || $set->reps === $set->seconds) => "{$set->seconds} s",
                default => (string) ($set->reps ?? '?'),
            });
            $last[(string) $exercise] = [
                'words' => sprintf(
                    '%s: %s%s',
                    $newest->logged_at->setTimezone($session->zone)->format('j M'),
                    $done->implode(', '),
                    match (true) {
                        $newest->reserve === null => '',
                        $newest->reserve >= 5 => ', the last with 5 or more in reserve',
                        default => ", the last with {$newest->reserve} in reserve",
                    },
                ),
                'in' => $newest->words,
            ];
        }

        return $last;
    }
}
