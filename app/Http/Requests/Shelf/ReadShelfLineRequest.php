<?php

declare(strict_types=1);

namespace App\Http\Requests\Shelf;

use App\Http\Requests\Clients\ClientRequest;

final class ReadShelfLineRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['present', 'nullable', 'string', 'max:200']];
    }

    public function line(): string
    {
        return $this->text('line');
    }
}
