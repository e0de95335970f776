<?php

declare(strict_types=1);

namespace App\Http\Resources\Settings;

use App\Http\Resources\Resource;
use App\Models\User;

/** The trainer who is signed in. */
final readonly class TrainerResource extends Resource
{
    public function __construct(
        public int $id,
        public string $name,
        public string $email,
    ) {
    }

    public static function of(User $trainer): self
    {
        return new self(id: $trainer->id, name: $trainer->name, email: $trainer->email);
    }
}
