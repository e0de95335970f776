<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Item;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer whose client it is; to anyone else it does not exist. */
final class ItemPolicy
{
    public function view(User $trainer, Item $item): Response
    {
        return $item->client()->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, Item $item): Response
    {
        return $this->view($trainer, $item);
    }

    public function delete(User $trainer, Item $item): Response
    {
        return $this->view($trainer, $item);
    }
}
