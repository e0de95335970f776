<?php

declare(strict_types=1);

namespace App\Http\Requests\Programme;

use App\Http\Requests\Clients\ClientRequest;
use Carbon\CarbonImmutable;

/** A draft is started; where another programme runs, that one's last day is said. */
final class StartProgrammeRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['ends' => ['sometimes', 'nullable', 'date_format:Y-m-d']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['ends.date_format' => 'Give the last day of what runs.'];
    }

    /** As dates are kept. */
    public function endsOther(): ?CarbonImmutable
    {
        return $this->filled('ends') ? CarbonImmutable::parse($this->text('ends'), 'UTC') : null;
    }
}
