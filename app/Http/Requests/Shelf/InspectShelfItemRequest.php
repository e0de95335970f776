<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Http\Requests\Clients\ClientRequest;

final class InspectShelfItemRequest extends ClientRequest
{
    /** Conditions in which nothing is used any more. */
    private const OUT = ['nicked' => 'nicks in the rubber', 'cracked' => 'cracked', 'loose' => 'loose handle or joint'];

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'condition' => ['required', 'in:sound,nicked,whitened,loose,cracked'],
            'outOfService' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, mixed> */
    public function inspection(): array
    {
        $condition = $this->text('condition');

        return [
            'condition' => $condition,
            'inspected_on' => $this->trainer()->today(),
            'out_of_service' => $this->filled('outOfService') ? $this->text('outOfService') : (self::OUT[$condition] ?? null),
        ];
    }
}
