<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\TrainingSession;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer whose client it is; to anyone else it does not exist. */
final class TrainingSessionPolicy
{
    public function view(User $trainer, TrainingSession $session): Response
    {
        return $session->client->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, TrainingSession $session): Response
    {
        return $this->view($trainer, $session);
    }

    public function delete(User $trainer, TrainingSession $session): Response
    {
        return $this->view($trainer, $session);
    }
}
