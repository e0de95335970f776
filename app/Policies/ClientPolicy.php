<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Client;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer whose client it is; to anyone else it does not exist. */
final class ClientPolicy
{
    public function view(User $trainer, Client $client): Response
    {
        return $client->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, Client $client): Response
    {
        return $this->view($trainer, $client);
    }

    public function delete(User $trainer, Client $client): Response
    {
        return $this->view($trainer, $client);
    }
}
