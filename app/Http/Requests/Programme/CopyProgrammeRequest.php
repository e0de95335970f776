<?php

declare(strict_types=1);

namespace App\Http\Requests\Programme;

use App\Models\Client;
use Illuminate\Foundation\Http\FormRequest;

/** What of a programme is copied, and for whom. */
final class CopyProgrammeRequest extends FormRequest
{
    /** Only to a client of one's own; to anyone else it does not exist. */
    public function authorize(): bool
    {
        $client = $this->for();

        return ! $this->filled('clientId') || ($client !== null && $this->user()?->can('update', $client) === true);
    }

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'clientId' => ['sometimes', 'nullable', 'integer'],
            'week' => ['sometimes', 'nullable', 'integer', 'between:1,26'],
            'weekday' => ['sometimes', 'nullable', 'integer', 'between:1,7'],
            'name' => ['sometimes', 'nullable', 'string', 'max:60'],
        ];
    }

    /** Null for a template. */
    public function for(): ?Client
    {
        return $this->filled('clientId') ? Client::query()->find($this->integer('clientId')) : null;
    }

    protected function failedAuthorization(): void
    {
        abort(404);
    }
}
