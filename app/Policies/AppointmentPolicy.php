<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Appointment;
use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Only whose it is; to anyone else it does not exist. */
final class AppointmentPolicy
{
    public function view(User $trainer, Appointment $appointment): Response
    {
        return $appointment->user_id === $trainer->id ? Response::allow() : Response::denyAsNotFound();
    }

    public function update(User $trainer, Appointment $appointment): Response
    {
        return $this->view($trainer, $appointment);
    }

    public function delete(User $trainer, Appointment $appointment): Response
    {
        return $this->view($trainer, $appointment);
    }
}
