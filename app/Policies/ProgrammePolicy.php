<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Programme;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer whose it is; to anyone else it does not exist. */
final class ProgrammePolicy
{
    public function view(User $trainer, Programme $programme): Response
    {
        return $programme->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, Programme $programme): Response
    {
        return $this->view($trainer, $programme);
    }

    public function delete(User $trainer, Programme $programme): Response
    {
        return $this->view($trainer, $programme);
    }
}
