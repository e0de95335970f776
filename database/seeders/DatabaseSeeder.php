<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\User;
use Illuminate\Database\Seeder;
use RuntimeException;

final class DatabaseSeeder extends Seeder
{
    public function run(): void
    {
        if (User::query()->exists()) {
            throw new RuntimeException('This database is in use: the demo is loaded into an empty one only.');
        }
        $this->call(DemoSeeder::class);
    }
}
