<?php

declare(strict_types=1);

namespace App\Http\Requests\Start;

use App\Http\Requests\Clients\ClientRequest;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;

final class StoreStartRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['at' => ['required', 'in:now,next-visit']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['at.*' => 'When: now, or at the next visit.'];
    }

    /** @throws ValidationException If there is no visit ahead. */
    public function startsAt(): CarbonImmutable
    {
        if ($this->text('at') === 'now') {
            return $this->trainer()->now();
        }

        return $this->client()->nextVisit()->starts_at ?? throw ValidationException::withMessages([
            'at' => 'There is no visit ahead: begin it now.',
        ]);
    }
}
