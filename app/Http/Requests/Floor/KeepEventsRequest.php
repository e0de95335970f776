<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use Illuminate\Foundation\Http\FormRequest;

/** Events of the Floor as a device sends them; each is judged on its own, and whose client it is with it. */
final class KeepEventsRequest extends FormRequest
{
    private const MOST = 500;

    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['events' => ['required', 'array', 'list', 'max:'.self::MOST], 'events.*' => ['array']];
    }

    /** @return list<array<string, mixed>> */
    public function events(): array
    {
        /** @var list<array<string, mixed>> $events */
        $events = $this->input('events');

        return $events;
    }
}
