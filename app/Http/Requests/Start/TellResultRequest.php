<?php

declare(strict_types=1);

namespace App\Http\Requests\Start;

use App\Http\Requests\Clients\ClientRequest;

final class TellResultRequest extends ClientRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['line' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['line.required' => 'What was done? "Rows 12 kg for ten", "eight push-ups".'];
    }

    public function line(): string
    {
        return $this->text('line');
    }
}
