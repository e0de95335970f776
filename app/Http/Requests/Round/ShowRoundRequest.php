<?php

declare(strict_types=1);

namespace App\Http\Requests\Round;

use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

final class ShowRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['date' => ['nullable', 'date_format:Y-m-d']];
    }

    /** The day asked for; today where none is named. */
    public function day(): CarbonImmutable
    {
        $date = $this->validated('date');

        return is_string($date) ? CarbonImmutable::parse($date) : CarbonImmutable::now();
    }
}
