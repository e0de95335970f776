<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use App\Console\Input\Shapes;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Strength\FitnessTest;
use NimbleShelf\Core\Strength\Norms;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;

final class CapacityCommand extends JsonCommand
{
    protected $signature = 'nimble:capacity';

    protected $description = 'Says what somebody can probably do in every pattern: from norms, tests and sets';

    /** An eightieth part and its counterpart: an interval of 80 %. */
    private const TENTH = 0.1;

    private const DAYS = 20000;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly ResistanceModel $model,
        private readonly StrengthPrior $prior,
    ) {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $client = $asked->object('client');
        $limits = Shapes::client($client, Strength::patterns());
        $person = Shapes::person($client, $asked->has('today') ? Shapes::year($asked, 'today') : null);
        $strength = $this->prior->of($person);
        $last = null;
        foreach ($this->inOrder($asked) as ['daysAgo' => $daysAgo, 'read' => $read]) {
            $strength = $read($strength->after(($last ?? $daysAgo) - $daysAgo, wasTrained: true), $limits->body);
            $last = $daysAgo;
        }
        $strength = $strength->after((float) ($last ?? 0), wasTrained: $last !== null);
        $patterns = [];
        foreach (Strength::patterns() as $pattern) {
            $capacity = $strength->capacity($pattern);
            $own = $strength->ownKg($pattern);
            $patterns[$pattern] = [
                'kg' => round($capacity->kg - $own, 2),
                'low_kg' => round($capacity->atLeastKg(1 - self::TENTH) - $own, 2),
                'high_kg' => round($capacity->atLeastKg(self::TENTH) - $own, 2),
                'from' => $capacity->from,
            ];
        }

        return ['patterns' => $patterns, 'ask' => array_map(
            fn (array $one): array => $this->expected($strength, $limits->body, ...$one),
            $this->asked($asked),
        )];
    }

    /**
     * Tests and sets, the oldest first.
     *
     * @return list<array{daysAgo: int, read: \Closure(Strength, Body): Strength}>
     */
    private function inOrder(Fields $asked): array
    {
        $readings = [];
        foreach ($asked->has('tests') ? $asked->objects('tests') : [] as $given) {
            $test = FitnessTest::from($given->oneOf('test', array_column(FitnessTest::cases(), 'value')));
            $value = $given->number('value', 0, $test === FitnessTest::Plank ? 3600 : 500, $test->unit());
            $massKg = $test->needsMass() ? $given->number('mass_kg', 0.1, 60, 'kg') : 0.0;
            $readings[] = [
                'daysAgo' => $given->whole('days_ago', 0, self::DAYS, 'days'),
                'read' => fn (Strength $strength, Body $body): Strength => $test->read(
                    $strength,
                    $value,
                    $massKg,
                    $body,
                    $this->catalogue,
                    $this->model,
                ),
            ];
        }
        foreach ($asked->has('sets') ? $asked->objects('sets') : [] as $i => $given) {
            [$exercise, $setting] = $this->rung($given, "sets.{$i}");
            $isTimed = $given->has('seconds');
            $count = $isTimed ? $given->number('seconds', 0, 3600, 's') : $given->number('reps', 0, 500, 'repetitions');
            // Holds are read by their seconds; of anything else the clock allows so many at the usual tempo.
            $each = $exercise->isHold ? Norms::HOLD_SECONDS : $exercise->secondsPerRepetition();
            $reserve = $given->has('reserve') ? $given->number('reserve', 0, 60, 'repetitions') : null;
            $readings[] = [
                'daysAgo' => $given->whole('days_ago', 0, self::DAYS, 'days'),
                'read' => function (Strength $strength, Body $body) use (
                    $exercise,
                    $setting,
                    $isTimed,
                    $count,
                    $each,
                    $reserve,
                    $i,
                ): Strength {
                    $equivalent = InvalidQuantity::under(
                        "sets.{$i}",
                        fn () => $this->model->equivalent($exercise, $body, $setting, School::Mean),
                    );

                    return ! $equivalent->isMeasured || ($exercise->isHold && ! $isTimed) ? $strength : $strength->afterSet(
                        $exercise->pattern,
                        $equivalent->wholeKg(),
                        $equivalent->sdKg,
                        $isTimed ? $count / $each : $count,
                        $reserve,
                        exercise: $exercise->id,
                    );
                },
            ];
        }
        usort($readings, static fn (array $one, array $two): int => $two['daysAgo'] <=> $one['daysAgo']);

        return $readings;
    }

    /** @return list<array{Exercise, Setting, int}> */
    private function asked(Fields $asked): array
    {
        $rungs = [];
        foreach ($asked->has('ask') ? $asked->objects('ask') : [] as $i => $given) {
            $rungs[] = [...$this->rung($given, "ask.{$i}"), $i];
        }

        return $rungs;
    }

    /** @return array{Exercise, Setting} */
    private function rung(Fields $given, string $under): array
    {
        $id = $given->text('exercise');
        $exercise = $this->catalogue->exercises[$id]
            ?? throw InvalidQuantity::because("{$under}.exercise", "There is no exercise called \"{$id}\".");
        $setting = InvalidQuantity::under($under, static fn (): Setting => Setting::fromArray($given->map('setting')));
        Shapes::refuseUnfinished($exercise, $setting, "{$under}.");

        return [$exercise, $setting];
    }

    /** @return array{reps_max: float|null, low: float|null, high: float|null} Repetitions to failure; null where nothing is measured. */
    private function expected(Strength $strength, Body $body, Exercise $exercise, Setting $setting, int $place): array
    {
        $equivalent = InvalidQuantity::under("ask.{$place}", fn () => $this->model->equivalent($exercise, $body, $setting, School::Mean));
        if (! $equivalent->isMeasured || ! $strength->knows($exercise->pattern)) {
            return ['reps_max' => null, 'low' => null, 'high' => null];
        }
        [$low, $middle, $high] = $strength->capacity($exercise->pattern, $exercise->id)
            ->repetitionsAround($equivalent->wholeKg(), $equivalent->sdKg);

        return ['reps_max' => round($middle, 1), 'low' => round($low, 1), 'high' => round($high, 1)];
    }
}
