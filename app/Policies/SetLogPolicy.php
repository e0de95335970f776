<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SetLog;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer whose client it is; to anyone else it does not exist. */
final class SetLogPolicy
{
    public function view(User $trainer, SetLog $set): Response
    {
        return $set->client->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, SetLog $set): Response
    {
        return $this->view($trainer, $set);
    }

    public function delete(User $trainer, SetLog $set): Response
    {
        return $this->view($trainer, $set);
    }
}
