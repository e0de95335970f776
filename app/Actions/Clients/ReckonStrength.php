<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Casts\AsMoment;
use App\Models\Client;
use App\Models\ToldResult;
use Carbon\CarbonImmutable;
use Closure;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Tempo;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\FitnessTest;
use NimbleShelf\Core\Strength\Norms;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\Strength;
use NimbleShelf\Core\Strength\StrengthPrior;

/** What a client can probably do: what people like them can, with everything that was told and logged since. */
final readonly class ReckonStrength
{
    private const A_DAY = 86400;

    /** Less than so much of a day lies within one visit. */
    private const A_VISIT = 0.2;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private StrengthPrior $prior)
    {
    }

    /** What people like this client usually can, before anything of theirs is on record. */
    public function expected(Client $client): Strength
    {
        return $this->prior->of(Person::of(
            DescribeClient::bodyOf($client->bodyMeasure),
            $client->sex === '' ? null : $client->sex,
            $client->born_on === null ? null : max(5.0, min(110.0, $client->born_on->diffInYears(CarbonImmutable::now()))),
            self::experience($client),
        ));
    }

    public static function experience(Client $client): Experience
    {
        return match ($client->experience) {
            'years' => Experience::Years,
            'some' => Experience::Some,
            default => Experience::None,
        };
    }

    /** What is known at a moment, from what was done and told before it; now where none is given. */
    public function at(Client $client, ?CarbonImmutable $moment = null): Strength
    {
        [$strength, $last] = $this->followed($client, $moment, static function (): void {
        });
        $now = ($moment ?? CarbonImmutable::now())->getTimestamp();
        // In whole days: what is known of somebody does not fade by the second, and answers that follow from it can be kept.
        $days = $last === null ? 0.0 : (float) max(0, intdiv($now - $last->getTimestamp(), self::A_DAY));

        return $strength->after($days, wasTrained: true);
    }

    /**
     * One state for each day with logs of a pattern; holds are left out.
     *
     * @return array<string, non-empty-list<array{day: CarbonImmutable, capacity: Capacity, ownKg: float}>> By pattern.
     */
    public function history(Client $client): array
    {
        $history = [];
        $this->followed($client, null, static function (
            string $pattern,
            CarbonImmutable $day,
            Strength $strength,
            float $ownKg,
        ) use (&$history): void {
            $days = $history[$pattern] ?? [];
            $state = ['day' => $day, 'capacity' => $strength->capacity($pattern), 'ownKg' => $ownKg];
            $last = count($days) - 1;
            $days[$last >= 0 && $days[$last]['day']->isSameDay($day) ? $last : $last + 1] = $state;
            $history[$pattern] = $days;
        });

        return $history;
    }

    /**
     * The filter run over everything told and logged before a moment, in the order of time.
     *
     * @param  Closure(string, CarbonImmutable, Strength, float): void  $told  After each set: pattern, when, what is known, the
     *     body's own part.
     * @return array{Strength, CarbonImmutable|null} What is known after the last, and when that was.
     */
    private function followed(Client $client, ?CarbonImmutable $until, Closure $told): array
    {
        $strength = $this->expected($client);
        $before = null;
        foreach ($this->inOrder($client, $until) as ['at' => $at, 'read' => $read, 'pattern' => $pattern, 'ownKg' => $ownKg]) {
            $before ??= $at;
            $days = ($at->getTimestamp() - $before->getTimestamp()) / self::A_DAY;
            // Within a visit nobody changes, and each step costs the whole state.
            if ($days >= self::A_VISIT) {
                $strength = $strength->after($days, wasTrained: true);
                $before = $at;
            }
            $strength = $read($strength);
            if ($ownKg !== null) {
                $told($pattern, $at, $strength, $ownKg);
            }
        }

        return [$strength, $before];
    }

    /**
     * @return list<array{at: CarbonImmutable, read: Closure(Strength): Strength, pattern: string, ownKg: float|null}> `ownKg` is null
     *     of what was not logged, or has no place in the history.
     */
    private function inOrder(Client $client, ?CarbonImmutable $until): array
    {
        $readings = $this->sets($client, $until);
        foreach ($client->toldResults()->orderBy('told_at')->get() as $result) {
            /** @var ToldResult $result */
            if ($until === null || $result->told_at->lessThan($until)) {
                $readings[] = [
                    'at' => $result->told_at,
                    'read' => fn (Strength $strength): Strength => $this->reading($result, $client, $strength),
                    'pattern' => $result->pattern,
                    'ownKg' => null,
                ];
            }
        }
        array_push($readings, ...$this->rises($client, $until));
        usort($readings, static fn (array $one, array $two): int => $one['at']->getTimestamp() <=> $two['at']->getTimestamp());

        return $readings;
    }

    /**
     * Rises from a chair in 30 s that were counted at a movement check: the test of that name.
     *
     * @return list<array{at: CarbonImmutable, read: Closure(Strength): Strength, pattern: string, ownKg: null}>
     */
    private function rises(Client $client, ?CarbonImmutable $until): array
    {
        $readings = [];
        foreach ($client->movementChecks()->orderBy('checked_on')->orderBy('id')->get() as $check) {
            $rises = $check->seen['rises'] ?? null;
            // Before what was done that day.
            $at = $check->checked_on->toImmutable()->shiftTimezone($client->trainer->zone())->startOfDay();
            if (is_int($rises) && ($until === null || $at->lessThan($until))) {
                $readings[] = [
                    'at' => $at,
                    'read' => fn (Strength $strength): Strength => FitnessTest::ChairStand->read(
                        $strength,
                        (float) $rises,
                        0.0,
                        DescribeClient::bodyOf($client->bodyMeasure),
                        $this->catalogue,
                        $this->model,
                    ),
                    'pattern' => $this->catalogue->exercise(FitnessTest::ChairStand->exercise())->pattern,
                    'ownKg' => null,
                ];
            }
        }

        return $readings;
    }

    private function reading(ToldResult $result, Client $client, Strength $strength): Strength
    {
        return match (true) {
            $result->test !== null => $result->test->read(
                $strength,
                (float) $result->count,
                $result->setting->massKg,
                DescribeClient::bodyOf($client->bodyMeasure),
                $this->catalogue,
                $this->model,
            ),
            default => $strength->afterSet(
                $result->pattern,
                $result->whole_kg,
                $result->sd_kg,
                $result->is_timed ? $result->count / Norms::HOLD_SECONDS : (float) $result->count,
                $result->reserve,
                Capacity::TESTS,
                $result->exercise,
            ),
        };
    }

    /** @return list<array{at: CarbonImmutable, read: Closure(Strength): Strength, pattern: string, ownKg: float|null}> */
    private function sets(Client $client, ?CarbonImmutable $until): array
    {
        $patterns = array_flip(Strength::patterns());
        // Rows as they are: a trainer's client has hundreds, and a screen waits for them.
        $query = $client->setLogs()->toBase()->orderBy('logged_at')->orderBy('id');
        if ($until !== null) {
            $query->where('logged_at', '<', AsMoment::stored($until));
        }
        $readings = [];
        foreach ($query->get(
            ['exercise', 'pattern', 'tempo', 'reps', 'reserve', 'whole_kg', 'sd_kg', 'own_kg', 'logged_at', 'zone'],
        ) as $row) {
            /** @var object{exercise: string, pattern: string, tempo: string|null, reps: int|null, reserve: float|int|null,
             *     whole_kg: float|int, sd_kg: float|int, own_kg: float|int, logged_at: string, zone: string} $row */
            // What nobody counted, or said nothing of, says nothing of what somebody can do.
            if ($row->reps === null || $row->reps < 1 || $row->reserve === null || $row->whole_kg <= 0
                || ! isset($patterns[$row->pattern])) {
                continue;
            }
            $exercise = $this->catalogue->exercise($row->exercise);
            // Of holds only the one that is a test has norms to be read by, and only where it went on to its end.
            if ($exercise->isHold && ($exercise->id !== FitnessTest::Plank->exercise() || $row->reserve > 0)) {
                continue;
            }
            // Slow repetitions count for more: what they would have been at the usual tempo.
            $tempo = $row->tempo === null ? null : json_decode($row->tempo, true, flags: JSON_THROW_ON_ERROR);
            $count = match (true) {
                $exercise->isHold => $row->reps / Norms::HOLD_SECONDS,
                is_array($tempo) => Tempo::fromArray($tempo)->repetitionsAtUsual(
                    $row->reps,
                    (float) $row->reserve,
                    Tempo::of(...$exercise->tempo),
                ),
                default => (float) $row->reps,
            };
            $readings[] = [
                'at' => CarbonImmutable::parse($row->logged_at, 'UTC')->setTimezone($row->zone),
                'read' => static fn (Strength $strength): Strength => $strength->afterSet(
                    $row->pattern,
                    (float) $row->whole_kg,
                    (float) $row->sd_kg,
                    $count,
                    (float) $row->reserve,
                    exercise: $row->exercise,
                ),
                'pattern' => $row->pattern,
                'ownKg' => $exercise->isHold ? null : (float) $row->own_kg,
            ];
        }

        return $readings;
    }
}
