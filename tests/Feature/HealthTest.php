<?php

declare(strict_types=1);

use App\Actions\Clients\ShowHealth;
use App\Models\Screening;
use Carbon\CarbonImmutable;
use NimbleShelf\Core\Health\Screening as Questions;
use Tests\Support\Saltmarrow;

beforeEach(function (): void {
    $this->trainer = Saltmarrow::trainer();
    $this->client = Saltmarrow::client($this->trainer);
    $this->actingAs($this->trainer);
    $this->path = "/api/clients/{$this->client->id}";
    $this->session = Saltmarrow::session($this->client);
});

/** @return array<string, bool> */
function answers(string ...$yes): array
{
    $answers = [];
    foreach (resolve(Questions::class)->questions as $question) {
        $answers[$question->id] = in_array($question->id, $yes, true);
    }

    return $answers;
}

it('starts no session before the health questions were asked', function (): void {
    Screening::query()->delete();
    $this->happened(Saltmarrow::event($this->session, 'started'))
        ->assertConflict()
        ->assertJsonPath(
            'errors.lock.0',
            'The health questions have not been asked. Ask them on the Person page before the first session.',
        );
    $this->postJson("{$this->path}/screenings", ['answers' => answers()])
        ->assertOk()
        ->assertJsonPath('locks', [])
        ->assertJsonPath('isDue', false);
    $this->happened(Saltmarrow::event($this->session, 'started'))->assertOk();
});

it('wants every question answered, naming the one that is not', function (): void {
    $answers = answers();
    unset($answers['faint']);
    $this->postJson("{$this->path}/screenings", ['answers' => $answers])
        ->assertUnprocessable()
        ->assertJsonPath('errors', ['answers.faint' => ['Not answered yet.']]);
});

it('locks on a yes that matters until a clearance covers it, and keeps the limits it brings', function (): void {
    $locked = $this->postJson("{$this->path}/screenings", ['answers' => answers('birth')])->assertOk();
    expect($locked->json('locks.0.question'))->toBe('birth')
        ->and(array_column($locked->json('limits'), 'id'))->toBe(['postnatal', 'no-jumps'])
        ->and($locked->json('limits.0.source'))->toBe('health');
    $this->happened(Saltmarrow::event($this->session, 'started'))->assertConflict();
    $clearance = [
        'givenOn' => CarbonImmutable::today()->toDateString(),
        'givenBy' => 'Dr Quill, Tidegate practice',
        'allows' => 'Loaded training, jumps from month six',
        'questions' => ['birth'],
        'lifts' => ['no-jumps'],
    ];
    $cleared = $this->postJson("{$this->path}/clearances", $clearance)->assertOk()->assertJsonPath('locks', []);
    expect(array_column($cleared->json('limits'), 'id'))->toBe(['postnatal'])
        ->and($cleared->json('clearances.0.givenBy'))->toBe('Dr Quill, Tidegate practice');
    $this->happened(Saltmarrow::event($this->session, 'started'))->assertOk();
    $this->deleteJson("{$this->path}/clearances/{$cleared->json('clearances.0.id')}")->assertOk()->assertJsonCount(1, 'locks');
});

it('lets a clearance run out', function (): void {
    $this->postJson("{$this->path}/screenings", ['answers' => answers('medication')]);
    $this->client->clearances()->create([
        'given_on' => CarbonImmutable::today()->subDays(9),
        'expires_on' => CarbonImmutable::yesterday(),
        'given_by' => 'x',
        'allows' => 'y',
        'questions' => ['medication'],
        'lifts' => [],
    ]);
    $this->getJson("{$this->path}/health")->assertJsonCount(1, 'locks');
});

it('names what a clearance lacks', function (string $field, array $wrong): void {
    $clearance = ['givenOn' => '2026-01-10', 'givenBy' => 'Dr Quill', 'allows' => 'all', 'questions' => ['birth'], 'lifts' => []];
    $this->postJson("{$this->path}/clearances", [...$clearance, ...$wrong])->assertUnprocessable()->assertJsonValidationErrors($field);
})->with(
    [
        ['givenOn', ['givenOn' => '2999-01-01']],
        ['givenBy', ['givenBy' => '']],
        ['allows', ['allows' => '']],
        ['questions', ['questions' => []]],
        ['expiresOn', ['expiresOn' => '2025-01-01']],
    ],
);

it('keeps answers unreadable in the database', function (): void {
    $this->postJson(
        "{$this->path}/screenings",
        ['answers' => answers('birth'), 'note' => 'belly wall', 'systolic' => 121, 'diastolic' => 79],
    );
    $row = (array) DB::table('screenings')->orderByDesc('id')->first();
    expect($row['answers'])->not->toContain('birth')
        ->and($row['note'])->not
        ->toContain('belly')
        ->and($row['pressure'])->not
        ->toContain('121');
});

it('shows who looked a page at a time, and how many there are', function (): void {
    foreach (range(1, 34) as $n) {
        ShowHealth::note($this->client, $this->client->trainer, "did thing {$n}");
    }
    $health = $this->getJson("{$this->path}/health")->assertOk()->assertJsonCount(30, 'audit')->assertJsonPath('auditCount', 35)
        ->assertJsonPath('audit.0.what', 'looked at the health answers')
        ->assertJsonPath('audit.29.what', 'did thing 6');
    $this->getJson("{$this->path}/health/log?before={$health->json('audit.29.id')}")->assertOk()
        ->assertJsonPath('*.what', ['did thing 5', 'did thing 4', 'did thing 3', 'did thing 2', 'did thing 1']);
    $this->getJson("{$this->path}/health/log")->assertUnprocessable()->assertJsonValidationErrors('before');
});

it('writes down every look and every change', function (): void {
    $this->postJson("{$this->path}/screenings", ['answers' => answers()]);
    $this->getJson("{$this->path}/health");
    $audit = $this->getJson("{$this->path}/health")->json('audit');
    expect(array_column($audit, 'what'))->toBe(['looked at the health answers', 'answered the health questions'])
        ->and($audit[0]['who'])->toBe('Isaura Veldkamp');
    $this->getJson($this->path);
    $this->putJson($this->path, ['name' => 'Orrin', 'goal' => 'health', 'note' => 'changed']);
    $this->travel(6)->minutes();
    expect(
        array_column($this->getJson("{$this->path}/health")->json('audit'), 'what'),
    )->toBe(
        [
            'looked at the health answers',
            'changed the person or the note',
            'looked at the person and the note',
            'looked at the health answers',
            'answered the health questions',
        ],
    );
});

it('asks again after six months, and on the last day of a shorter month', function (string $answered, string $lastDay, string $due): void {
    Screening::query()->update(['answered_on' => $answered]);
    $this->travelTo(CarbonImmutable::parse("{$lastDay} 12:00", 'UTC'));
    $this->getJson("{$this->path}/health")->assertJsonPath('isDue', false);
    $this->travelTo(CarbonImmutable::parse("{$due} 12:00", 'UTC'));
    $this->getJson("{$this->path}/health")->assertJsonPath('isDue', true);
})->with([
    'a month of the same length' => ['2026-05-24', '2026-11-24', '2026-11-25'],
    'no 31 November' => ['2026-05-31', '2026-11-30', '2026-12-01'],
    'no 31 February' => ['2026-08-31', '2027-02-28', '2027-03-01'],
    'a leap day' => ['2027-08-31', '2028-02-29', '2028-03-01'],
]);

it('asks for a guardian until the day of coming of age', function (string $born, string $lastDay, string $ofAge): void {
    $this->client->update(['born_on' => $born]);
    $limits = fn (): array => array_column($this->getJson("{$this->path}/health")->json('limits'), 'id');
    $this->travelTo(CarbonImmutable::parse("{$lastDay} 12:00", 'UTC'));
    expect($limits())->toContain('youth');
    $this->travelTo(CarbonImmutable::parse("{$ofAge} 12:00", 'UTC'));
    expect($limits())->not->toContain('youth');
})->with([
    'any day' => ['2008-11-26', '2026-11-25', '2026-11-26'],
    'a leap day, and no such day in that year' => ['2008-02-29', '2026-02-28', '2026-03-01'],
]);

it('lets nobody train on a day of high blood pressure, by the trainer’s own thresholds', function (): void {
    $pressure = ['answers' => answers(), 'systolic' => 165, 'diastolic' => 95];
    $this->postJson("{$this->path}/screenings", $pressure)->assertJsonPath('locks', []);
    $this->trainer->update(['settings' => ['systolic' => 160, 'emergency_number' => '144']]);
    $locks = $this->postJson("{$this->path}/screenings", $pressure)->json('locks');
    expect($locks[0]['why'])->toContain('165/95')->and($locks[0]['do'])->toContain('call 144');
    $this->travel(1)->days();
    $this->getJson("{$this->path}/health")->assertJsonPath('locks', []);
    $this->postJson("{$this->path}/screenings", ['systolic' => 80, 'diastolic' => 120] + $pressure)
        ->assertUnprocessable()
        ->assertJsonValidationErrors('diastolic');
    $this->postJson("{$this->path}/screenings", ['answers' => answers(), 'systolic' => 120])
        ->assertUnprocessable()
        ->assertJsonValidationErrors('diastolic');
});

it('needs a guardian’s consent under 18, and sets that limit by age alone', function (): void {
    $this->client->update(['born_on' => CarbonImmutable::today()->subYearsNoOverflow(15)]);
    $health = $this->getJson("{$this->path}/health")->json();
    expect($health['locks'][0]['why'])->toContain('under 18')
        ->and($health['limits'][0])
        ->toMatchArray(['id' => 'youth', 'source' => 'age']);
    $this->putJson(
        $this->path,
        [
            'name' => 'Tamsin',
            'goal' => 'youth',
            'bornOn' => CarbonImmutable::today()->subYearsNoOverflow(15)->toDateString(),
            'guardian' => 'Ada Marchbank',
            'guardianOn' => '2026-09-01',
        ],
    )
        ->assertOk()
        ->assertJsonPath('locks', []);
});

it('proposes limits from movement checks, and the trainer accepts', function (): void {
    $checked = $this->postJson(
        "{$this->path}/checks",
        ['rises' => 6, 'leftBalanceS' => 3, 'rightBalanceS' => 12, 'overhead' => 'short', 'leftKg' => 6, 'rightKg' => 8],
    )->assertOk();
    expect(array_column($checked->json('proposals'), 'id'))->toBe(['balance-support', 'no-overhead'])
        ->and($checked->json('sideAdvice'))->toContain('left side does 25 % less')
        ->and($checked->json('limits'))->toBe([]);
    $this->putJson("{$this->path}/limits", ['limits' => ['balance-support']]);
    expect(array_column($this->getJson("{$this->path}/health")->json('proposals'), 'id'))->toBe(['no-overhead']);
    $this->postJson("{$this->path}/checks", ['rises' => 99])->assertUnprocessable()->assertJsonValidationErrors('rises');
});

it('asks nobody what cannot be', function (string $sex, ?string $born, bool $isAsked): void {
    $this->client->update(['sex' => $sex, 'born_on' => $born]);
    $asked = array_column($this->getJson("{$this->path}/health")->json('questions'), 'id');
    expect(in_array('pregnant', $asked, true))->toBe($isAsked)->and(in_array('birth', $asked, true))->toBe($isAsked);
    $answers = $isAsked ? answers() : array_diff_key(answers(), ['pregnant' => 1, 'birth' => 1]);
    $this->postJson("{$this->path}/screenings", ['answers' => $answers])->assertOk()->assertJsonPath('isDue', false);
})->with([
    'nobody said' => ['', null, true], 'a man' => ['male', null, false], 'a woman' => ['female', '1990-01-01', true],
    'a woman of 76' => ['female', '1950-01-01', false], 'a girl of 8' => ['female', '2018-06-01', false],
]);

it('asks which joint, and sets the limits that are said yes to', function (): void {
    $this->postJson("{$this->path}/screenings", ['answers' => answers('joints')])
        ->assertUnprocessable()->assertJsonPath('errors.joints.0', 'Which joint?');
    $said = $this->postJson("{$this->path}/screenings", [
        'answers' => answers('joints'),
        'joints' => [['joint' => 'knee', 'side' => 'left', 'replaced' => '2019'], ['joint' => 'neck', 'side' => 'left']],
        // Proposed for the knee, for the neck, and for neither: the last is not set.
        'setLimits' => ['no-kneeling', 'no-overhead', 'seated-only'],
    ])->assertOk();
    $said->assertJsonPath('named', [
        ['joint' => 'knee', 'name' => 'Knee', 'side' => 'left', 'replaced' => 2019],
        ['joint' => 'neck', 'name' => 'Neck', 'side' => '', 'replaced' => null],
    ]);
    expect(array_column($said->json('limits'), 'source', 'id'))->toEqual(['no-kneeling' => 'trainer', 'no-overhead' => 'trainer'])
        ->and(DB::table('screenings')->latest('id')->value('joints'))->not->toContain('knee');
});

it('names the joint that there is not, and the year that cannot be', function (array $joint, string $field): void {
    $this->postJson("{$this->path}/screenings", ['answers' => answers('joints'), 'joints' => [$joint]])
        ->assertUnprocessable()->assertJsonValidationErrors($field);
})->with([
    [['joint' => 'tail'], 'joints.0.joint'], [['joint' => 'hip', 'replaced' => '2999'], 'joints.0.replaced'],
    [['joint' => 'hip', 'side' => 'up'], 'joints.0.side'], [['side' => 'left'], 'joints.0.joint'],
]);

it('forgets the joints with a no', function (): void {
    $this->postJson("{$this->path}/screenings", ['answers' => answers(), 'joints' => [['joint' => 'hip']], 'setLimits' => ['no-jumps']])
        ->assertOk()->assertJsonPath('named', [])->assertJsonPath('limits', []);
});
