<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

final class StoreBodyMeasureRequest extends ClientRequest
{
    use MeasureRules;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'measuredOn' => ['nullable', 'date', 'before_or_equal:today'],
        ] + $this->measureRules();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['measuredOn.before_or_equal' => 'A measure cannot be from a day to come.'] + $this->measureMessages();
    }

    /** @return array<string, mixed> */
    public function measures(): array
    {
        return $this->measured($this->dayOf('measuredOn'));
    }
}
