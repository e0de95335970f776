<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Clients\AssessHealth;
use App\Actions\Floor\ShowSession;
use App\Enums\SessionState;
use App\Http\Requests\Floor\UpdateSessionStateRequest;
use App\Http\Resources\Floor\SessionResource;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;

final class SessionStateController extends Controller
{
    public function __invoke(UpdateSessionStateRequest $request, TrainingSession $session, ShowSession $showSession, AssessHealth $assess): SessionResource
    {
        $locks = $assess->locks($session->programme->client);
        if ($request->state() === SessionState::Running && $locks !== []) {
            throw ValidationException::withMessages(['state' => array_map(static fn (array $lock): string => "{$lock['why']} {$lock['do']}", $locks)]);
        }
        $now = CarbonImmutable::now();
        $session->update(match ($request->state()) {
            SessionState::Planned => ['started_at' => null, 'ended_at' => null],
            SessionState::Running => ['started_at' => $session->started_at ?? $now, 'ended_at' => null],
            SessionState::Done => ['started_at' => $session->started_at ?? $now, 'ended_at' => $now],
        });

        return $showSession->handle($session);
    }
}
