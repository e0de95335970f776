<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Http\Requests\Clients\ClientRequest;
use App\Models\ShelfItem;

final class FillRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'targetKg' => ['required', 'numeric', 'between:0.5,100'],
            'carrierId' => ['nullable', 'integer'],
            'pair' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'targetKg.required' => 'How heavy should it be, in kilograms?',
            'targetKg.between' => 'Between 0.5 and 100 kg.',
        ];
    }

    public function targetKg(): float
    {
        return $this->float('targetKg');
    }

    public function carrier(): ?ShelfItem
    {
        if (! $this->filled('carrierId')) {
            return null;
        }

        return $this->client()->shelfItems()->where('kind', 'rucksack')->find($this->integer('carrierId')) ?? abort(404);
    }
}
