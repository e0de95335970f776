<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\ExerciseVariant;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only the trainer who wrote it; to anyone else it does not exist. */
final class ExerciseVariantPolicy
{
    public function view(User $trainer, ExerciseVariant $variant): Response
    {
        return $variant->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, ExerciseVariant $variant): Response
    {
        return $this->view($trainer, $variant);
    }

    public function delete(User $trainer, ExerciseVariant $variant): Response
    {
        return $this->view($trainer, $variant);
    }
}
