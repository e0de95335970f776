<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Actions\Floor\ShowAlternatives;
use App\Actions\Floor\ShowSession;
use App\Actions\Floor\ShowTogether;
use App\Enums\SessionState;
use App\Http\Resources\Resource as Answer;
use App\Http\Resources\Round\PackedAnswerResource;
use App\Http\Resources\Round\PackResource;
use App\Http\Resources\Round\RoundResource;
use App\Http\Resources\Round\VisitResource;
use App\Models\TrainingSession;
use App\Models\User;
use App\Support\ChangeStamp;
use Carbon\CarbonImmutable;

/** All that two days of visits need where there is no network, in one answer. */
final readonly class ShowPack
{
    /** What takes longer to reckon is left for the next time it is asked for: nobody waits long for any answer. */
    private const PATIENCE_SECONDS = 2.0;

    public function __construct(
        private ShowRound $round,
        private ShowSession $session,
        private ShowAlternatives $alternatives,
        private ShowTogether $together,
        private ChangeStamp $stamp,
    ) {
    }

    /**
     * @param  string  $tag  Of the pack that the device has whole; empty where it has none.
     * @param  array<string, string>  $has  What the device has, by path: the tag of each answer.
     */
    public function handle(User $trainer, string $tag = '', array $has = []): PackResource
    {
        $now = $this->stamp->of($trainer);
        if ($tag === $now) {
            return new PackResource($now, [], true);
        }
        $today = CarbonImmutable::parse($trainer->today()->toDateString(), $trainer->zone());
        $round = $this->round->handle($trainer, $today);
        $tomorrow = $this->round->handle($trainer, $today->addDay());
        $answers = [];
        $until = hrtime(true) + self::PATIENCE_SECONDS * 1e9;
        $wanted = [
            'round' => static fn (): Answer => $round,
            "round?date={$round->tomorrow}" => static fn (): Answer => $tomorrow,
            ...$this->wanted($round, $tomorrow),
        ];
        foreach ($wanted as $path => $reckon) {
            // Something at least each time, however slow the machine is.
            if (hrtime(true) > $until && $answers !== []) {
                return new PackResource($now, $answers, false);
            }
            $answer = PackedAnswerResource::of($path, $reckon());
            if (($has[$path] ?? null) !== $answer->tag) {
                $answers[] = $answer;
            }
        }

        return new PackResource($now, $answers, true);
    }

    /** @return array<string, \Closure(): Answer> By the path that the page asks under. */
    private function wanted(RoundResource ...$days): array
    {
        $wanted = [];
        foreach ($days as $day) {
            foreach ($day->visits as $visit) {
                /** @var VisitResource $visit */
                if ($visit->state === SessionState::Done || $visit->isCancelled) {
                    continue;
                }
                $of = static fn (int $id): TrainingSession => TrainingSession::query()->findOrFail($id);
                $id = $visit->sessionId;
                $wanted["sessions/{$id}"] = fn (): Answer => $this->session->handle($of($id));
                $wanted["sessions/{$id}/alternatives"] = fn (): Answer => $this->alternatives->handle($of($id));
                if ($visit->together !== null) {
                    $with = $visit->together->sessionId;
                    $wanted["sessions/{$id}/together/{$with}"] = fn (): Answer => $this->together->handle($of($id), $of($with));
                }
            }
        }

        return $wanted;
    }
}
