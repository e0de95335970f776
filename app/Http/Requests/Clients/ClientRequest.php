<?php

declare(strict_types=1);

namespace App\Http\Requests\Clients;

use App\Models\Client;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Http\FormRequest;

/** A change to what belongs to one client; to any other trainer the client does not exist. */
abstract class ClientRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user()?->can('update', $this->client()) ?? false;
    }

    public function client(): Client
    {
        $client = $this->route('client');

        return $client instanceof Client ? $client : abort(404);
    }

    public function trainer(): User
    {
        $trainer = $this->user();

        return $trainer instanceof User ? $trainer : abort(401);
    }

    protected function failedAuthorization(): never
    {
        abort(404);
    }

    protected function dayOf(string $field): CarbonImmutable
    {
        return $this->filled($field) ? CarbonImmutable::parse($this->string($field)->toString())->startOfDay() : $this->trainer()->today();
    }

    protected function text(string $field): string
    {
        return $this->string($field)->trim()->toString();
    }
}
