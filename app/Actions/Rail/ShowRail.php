<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use App\Actions\Clients\DescribeClient;
use App\Actions\SwapDesk\RankSwaps;
use App\Http\Resources\Rail\ExerciseRungResource;
use App\Http\Resources\Rail\ExerciseRungsResource;
use App\Http\Resources\Rail\RailDetailResource;
use App\Http\Resources\Rail\RailPatternResource;
use App\Http\Resources\Rail\RailResource;
use App\Http\Resources\Rail\RailRungResource;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\ExclusionResource;
use App\Http\Resources\Shared\FigureResource;
use App\Models\Client;
use App\Models\SetLog;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Pattern;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Rail;
use NimbleShelf\Core\Matching\RailRung;
use NimbleShelf\Core\Matching\RungInUse;
use NimbleShelf\Core\Matching\RungWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Mechanics\HandsReading;
use NimbleShelf\Core\Planning\NextTarget;

/** One pattern's rail: every rung on one axis, the wanted window, the rung in use and the steps from it. */
final readonly class ShowRail
{
    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private ShelfRungs $rungs,
        private DescribeClient $describe,
    ) {
    }

    /** A pattern that has a rail; a 404 for any other. */
    public function measured(string $id): Pattern
    {
        $known = $this->catalogue->patterns[$id] ?? abort(404);

        return $known->isMeasured() ? $known : abort(404);
    }

    public function handle(Client $client, Pattern $pattern): RailResource
    {
        $rail = $this->rail($client, $pattern);
        $ownKg = $this->model->ownKg($pattern->id, $this->describe->body($client));
        $now = $this->rungInUse($client, $pattern, $rail);
        $steps = $now === null ? [] : $rail->stepsFrom($now);

        return new RailResource(
            clientId: $client->id,
            pattern: $pattern->id,
            name: $pattern->name,
            unit: $pattern->unit,
            reference: $this->catalogue->exercise((string) $pattern->referenceExercise)->name,
            goal: $client->goal->label(),
            patterns: $this->patterns(),
            windowLowKg: $rail->window === null ? null : round($rail->window['lowKg'] - $ownKg, 1),
            windowHighKg: $rail->window === null ? null : round($rail->window['highKg'] - $ownKg, 1),
            rungs: array_map(
                fn (int $i, RailRung $rung): RailRungResource => $this->rung($rung, $i === $now, $steps[$i] ?? null),
                array_keys($rail->rungs),
                $rail->rungs,
            ),
            unusable: array_map(ExclusionResource::of(...), $rail->unusable),
            leftOut: array_map(ExclusionResource::of(...), $rail->leftOut),
        );
    }

    /** The rungs of one exercise, as they are put into a session. */
    public function exercise(Client $client, string $id): ExerciseRungsResource
    {
        $exercise = $this->catalogue->exercises[$id] ?? abort(404);
        $situation = $this->describe->plainSituation($client);
        $isMeasured = $this->catalogue->pattern($exercise->pattern)->isMeasured() && ! $exercise->isHold;
        $rungs = array_map(static fn (array $one): ExerciseRungResource => new ExerciseRungResource(
            $one['rung']->words,
            $one['rung']->setting->toArray(),
            $isMeasured ? round($one['equivalent']->kg, 1) : null,
        ), $this->rungs->distinct($exercise, $situation));
        $against = Cautions::against($exercise, $situation);

        return new ExerciseRungsResource(
            exercise: $exercise->id,
            name: $exercise->name,
            rungs: $rungs,
            why: $rungs === []
                ? $against[0] ?? $this->rungs->leftOut($exercise, $situation)[0] ?? RungWords::missing($exercise)
                : null,
        );
    }

    /** The figure and the curve of one rung, against the reference lift at the same load. */
    public function detail(Client $client, Pattern $pattern, string $key): ?RailDetailResource
    {
        $situation = $this->describe->plainSituation($client);
        $person = $situation->client;
        foreach ($this->catalogue->exercises as $exercise) {
            $distinct = $exercise->pattern === $pattern->id ? $this->rungs->distinct($exercise, $situation) : [];
            foreach ($distinct as ['rung' => $rung, 'equivalent' => $equivalent]) {
                if (RankSwaps::keyOfRung($rung) === $key) {
                    return new RailDetailResource(
                        key: $key,
                        exercise: $exercise->id,
                        setting: $rung->setting->toArray(),
                        equivalent: EquivalentResource::of($equivalent, $this->catalogue),
                        figure: FigureResource::of(
                            $this->model->rig($exercise, $person->body, $rung->setting),
                            $exercise,
                            $rung->setting,
                            $person->body,
                        ),
                        curve: CurveResource::of($equivalent->curve, $equivalent),
                        referenceCurve: CurveResource::ofReference($equivalent),
                        plate: HandsReading::inWords($this->model->handsReading($exercise, $person->body, $rung->setting)),
                    );
                }
            }
        }

        return null;
    }

    private function rail(Client $client, Pattern $pattern): Rail
    {
        return Rail::of($pattern->id, $this->describe->situation($client), $client->goal, $this->catalogue, $this->rungs);
    }

    /** @return list<RailPatternResource> Patterns that have a rail at all. */
    private function patterns(): array
    {
        $patterns = array_filter($this->catalogue->patterns, static fn (Pattern $pattern): bool => $pattern->isMeasured());

        return array_values(
            array_map(
                static fn (Pattern $pattern): RailPatternResource => new RailPatternResource($pattern->id, $pattern->name),
                $patterns,
            ),
        );
    }

    /** Place of the rung of the newest logged set of the pattern, or of the nearest in load; null where nothing is logged. */
    private function rungInUse(Client $client, Pattern $pattern, Rail $rail): ?int
    {
        /** @var SetLog|null $newest */
        $newest = $client->setLogs()->where('pattern', $pattern->id)->orderByDesc('logged_at')->orderByDesc('id')->first();
        $hung = array_map(
            static fn (RailRung $one): array => ['rung' => $one->rung, 'wholeKg' => $one->equivalent->wholeKg()],
            $rail->rungs,
        );

        return $newest === null ? null : RungInUse::among($hung, $newest->exercise, $newest->setting, $newest->whole_kg);
    }

    private function rung(RailRung $hung, bool $isNow, ?float $jump): RailRungResource
    {
        $equivalent = EquivalentResource::of($hung->equivalent, $this->catalogue);

        return new RailRungResource(
            key: RankSwaps::keyOfRung($hung->rung),
            kg: round($hung->equivalent->kg, 1),
            lowKg: round($hung->equivalent->likelyLowKg(), 1),
            highKg: round($hung->equivalent->likelyHighKg(), 1),
            shownKg: $equivalent->kg,
            exercise: $hung->rung->exercise->name,
            words: $hung->rung->words,
            implement: $hung->rung->setting->implement,
            position: $hung->rung->exercise->position,
            reps: $hung->predicted['reps'] ?? null,
            repsLow: $hung->predicted['low'] ?? null,
            repsHigh: $hung->predicted['high'] ?? null,
            isHold: $hung->rung->exercise->isHold,
            perSide: $hung->rung->isOneSided(),
            setUpSeconds: $hung->rung->setUpSeconds,
            isInWindow: $hung->isInWindow,
            isNow: $isNow,
            jumpPercent: $jump === null ? null : (int) round(100 * $jump),
            isBigJump: $jump !== null && abs($jump) > NextTarget::BIG_JUMP,
            cautions: $hung->cautions,
        );
    }
}
