<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer whose client it is; to anyone else it does not exist. */
final class ShelfItemPolicy
{
    public function view(User $trainer, ShelfItem $shelfItem): Response
    {
        return $shelfItem->client->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, ShelfItem $shelfItem): Response
    {
        return $this->view($trainer, $shelfItem);
    }

    public function delete(User $trainer, ShelfItem $shelfItem): Response
    {
        return $this->view($trainer, $shelfItem);
    }
}
