<?php

declare(strict_types=1);

namespace App\Http\Requests\Round;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

final class ShowRoundRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['date' => ['nullable', 'date_format:Y-m-d']];
    }

    /** The day asked for, in the trainer's zone; today where none is named. */
    public function day(): CarbonImmutable
    {
        $date = $this->validated('date');

        /** @var User $trainer */
        $trainer = $this->user();

        return is_string($date) ? CarbonImmutable::parse($date, $trainer->zone()) : $trainer->now();
    }
}
