<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use NimbleShelf\Core\Health\MovementChecks;

final class StoreMovementCheckRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'rises' => ['nullable', 'integer', 'between:0,60'],
            'leftBalanceS' => ['nullable', 'numeric', 'between:0,120'],
            'rightBalanceS' => ['nullable', 'numeric', 'between:0,120'],
            'overhead' => ['nullable', 'in:free,short,painful'],
            'leftKg' => ['nullable', 'numeric', 'between:0,300', 'required_with:rightKg'],
            'rightKg' => ['nullable', 'numeric', 'between:0,300', 'required_with:leftKg'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'leftKg.required_with' => 'What did the left side do?',
            'rightKg.required_with' => 'What did the right side do?',
        ];
    }

    /** @return array<string, int|float|string|null> */
    public function seen(): array
    {
        $checks = MovementChecks::of(
            rises: $this->filled('rises') ? $this->integer('rises') : null,
            leftBalanceS: $this->filled('leftBalanceS') ? $this->float('leftBalanceS') : null,
            rightBalanceS: $this->filled('rightBalanceS') ? $this->float('rightBalanceS') : null,
            overhead: $this->filled('overhead') ? $this->text('overhead') : null,
            leftKg: $this->filled('leftKg') ? $this->float('leftKg') : null,
            rightKg: $this->filled('rightKg') ? $this->float('rightKg') : null,
        );

        return [
            'rises' => $checks->rises,
            'leftBalanceS' => $checks->leftBalanceS,
            'rightBalanceS' => $checks->rightBalanceS,
            'overhead' => $checks->overhead,
            'leftKg' => $checks->leftKg,
            'rightKg' => $checks->rightKg,
        ];
    }
}
