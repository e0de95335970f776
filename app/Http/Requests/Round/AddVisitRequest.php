<?php

declare(strict_types=1);

namespace App\Http\Requests\Round;

use App\Models\Client;
use App\Models\PlannedSession;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Validation\ValidationException;

final class AddVisitRequest extends PlaceVisitRequest
{
    public function authorize(): bool
    {
        $client = $this->route('client');

        return $client instanceof Client && ($this->user()?->can('update', $client) ?? false);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['plannedSessionId' => ['required', 'integer']] + parent::rules();
    }

    /** @throws ValidationException If it is no session of this client. */
    public function planned(): PlannedSession
    {
        $client = $this->route('client');
        $isTheirs = static fn (Builder $programmes) => $programmes->where('client_id', $client instanceof Client ? $client->id : 0);
        /** @var PlannedSession|null $planned */
        $planned = PlannedSession::query()->whereHas('week.programme', $isTheirs)->find($this->integer('plannedSessionId'));

        return $planned ?? throw ValidationException::withMessages([
            'plannedSessionId' => 'Session: choose one of the client’s running programme.',
        ]);
    }
}
