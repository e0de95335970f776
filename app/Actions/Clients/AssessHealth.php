<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Enums\FloorEventKind;
use App\Models\Clearance;
use App\Models\Client;
use App\Models\FloorEvent;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;
use NimbleShelf\Core\Health\Assessment;
use NimbleShelf\Core\Health\BloodPressure;
use NimbleShelf\Core\Health\Screening;
use NimbleShelf\Core\Matching\Limit;

/** What a client's health answers, age and clearances come to today: limits with their source, and what locks the programme. */
final readonly class AssessHealth
{
    public const REPEAT_MONTHS = 6;

    private const ADULT = 18;

    public function __construct(private Screening $screening)
    {
    }

    /**
     * Every limit in force with where it comes from; the trainer's own first.
     *
     * @return array<string, array{limit: Limit, source: string, why: string}> By limit.
     */
    public function limits(Client $client): array
    {
        $limits = [];
        foreach ($client->limits as $limit) {
            $limits[$limit->value] = ['limit' => $limit, 'source' => 'trainer', 'why' => 'set by you'];
        }
        $lifted = [];
        foreach ($this->clearancesInForce($client) as $clearance) {
            $lifted = [...$lifted, ...$clearance->lifts];
        }
        foreach ($this->assessment($client)->limits as ['limit' => $limit, 'why' => $why]) {
            if (! in_array($limit->value, $lifted, true)) {
                $limits[$limit->value] ??= ['limit' => $limit, 'source' => 'health', 'why' => $why];
            }
        }
        if ($this->isMinor($client)) {
            $limits[Limit::Youth->value] ??= [
                'limit' => Limit::Youth,
                'source' => 'age',
                'why' => 'under 18: technique first, four or more in reserve',
            ];
        }

        return $limits;
    }

    /** @return list<array{question: string|null, why: string, do: string}> Empty where the client may train today. */
    public function locks(Client $client): array
    {
        $locks = [];
        if ($client->screening === null) {
            $locks[] = [
                'question' => null,
                'why' => 'The health questions have not been asked.',
                'do' => 'Ask them on the Person page before the first session.',
            ];
        }
        foreach ($this->assessment($client)->locks as ['question' => $question, 'why' => $why]) {
            $locks[] = [
                'question' => $question,
                'why' => $why,
                'do' => 'Send the client to a clinician and note the clearance with its date, by whom, and what it allows.',
            ];
        }
        $pressure = $client->screening?->pressure;
        if ($pressure !== null && $client->screening->answered_on->toDateString() === $client->trainer->today()->toDateString()) {
            array_push($locks, ...$this->pressureLocks($client, $pressure['systolic'], $pressure['diastolic']));
        }
        if ($this->isMinor($client) && $client->guardian === null) {
            $locks[] = [
                'question' => null,
                'why' => 'The client is under 18 and no guardian has consented.',
                'do' => 'Note the guardian’s name and the day of consent on the Person page.',
            ];
        }

        return $locks;
    }

    /**
     * What a resting pressure of today stands in the way of.
     *
     * @param  int  $upper  Millimetres of mercury.
     * @param  int  $lower  Millimetres of mercury.
     * @return list<array{question: string|null, why: string, do: string}>
     */
    public function pressureLocks(Client $client, int $upper, int $lower): array
    {
        [$systolic, $diastolic] = [(int) $client->trainer->setting('systolic'), (int) $client->trainer->setting('diastolic')];
        if (BloodPressure::of($upper, $lower)->forbidsTraining($systolic, $diastolic)) {
            return [[
                'question' => null,
                'why' => "Resting blood pressure {$upper}/{$lower} mmHg today; at or above "
                    ."{$systolic}/{$diastolic} nobody trains that day.",
                'do' => 'No training today. Send the client to a clinician; with chest pain, bad headache or trouble speaking or '
                    ."seeing, call {$client->trainer->setting('emergency_number')}.",
            ]];
        }

        return [];
    }

    /**
     * What was said before a session that stands in the way of it.
     *
     * @return list<array{question: string|null, why: string, do: string}>
     */
    public function readinessLocks(TrainingSession $session): array
    {
        $said = FloorEvent::inForce($session->events)->where('kind', FloorEventKind::Readiness)->last()->said ?? [];
        [$upper, $lower] = [$said['systolic'] ?? null, $said['diastolic'] ?? null];

        return is_int($upper) && is_int($lower) ? $this->pressureLocks($session->client, $upper, $lower) : [];
    }

    /** @throws ValidationException If something locks the programme, in the words that say what to do. */
    public function refuseIfLocked(Client $client, string $field, ?TrainingSession $session = null): void
    {
        $locks = [...$this->locks($client), ...($session === null ? [] : $this->readinessLocks($session))];
        if ($locks !== []) {
            throw ValidationException::withMessages([
                $field => array_map(static fn (array $lock): string => "{$lock['why']} {$lock['do']}", $locks),
            ]);
        }
    }

    public function assessment(Client $client): Assessment
    {
        $cleared = [];
        foreach ($this->clearancesInForce($client) as $clearance) {
            $cleared = [...$cleared, ...$clearance->questions];
        }

        return $this->asked($client, $this->screening)->assess($client->screening->answers ?? [], $cleared);
    }

    /** The questions that are asked of this client: none that cannot be. */
    public function asked(Client $client, Screening $screening): Screening
    {
        return $screening->askedOf($client->sex, $this->age($client));
    }

    /** In whole years; null where nobody said when they were born. */
    public function age(Client $client): ?int
    {
        return $client->born_on === null ? null : (int) $client->born_on->diffInYears($client->trainer->today());
    }

    /** Where they were never asked, are due again, or something is asked now that was not. */
    public function isDue(Client $client): bool
    {
        $dueOn = $this->dueOn($client);
        if ($dueOn === null || $dueOn->lessThan($client->trainer->today())) {
            return true;
        }
        foreach ($this->asked($client, $this->screening)->questions as $question) {
            if (! isset($client->screening->answers[$question->id])) {
                return true;
            }
        }

        return false;
    }

    /** The day from which the questions are due again; null where they were never asked. */
    public function dueOn(Client $client): ?CarbonImmutable
    {
        return $client->screening?->answered_on->toImmutable()->addMonthsNoOverflow(self::REPEAT_MONTHS);
    }

    /** Who was born on a leap day comes of age on 1 March: the later of the two ways of counting. */
    public function isMinor(Client $client): bool
    {
        return $client->born_on !== null && $client->born_on->toImmutable()->addYears(self::ADULT)->greaterThan($client->trainer->today());
    }

    /** @return list<Clearance> Given since the answers it covers, and not run out. */
    private function clearancesInForce(Client $client): array
    {
        $answeredOn = $client->screening?->answered_on;
        $today = $client->trainer->today();

        $since = $answeredOn?->copy()->subMonthsNoOverflow(self::REPEAT_MONTHS);
        $inForce = static fn (Clearance $one): bool => ($one->expires_on === null || $one->expires_on->greaterThanOrEqualTo($today))
            && ($since === null || $one->given_on->greaterThanOrEqualTo($since));

        return array_values($client->clearances->filter($inForce)->all());
    }
}
