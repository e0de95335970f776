<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A visit can be moved, added or cancelled, with why; the plan it came from stays as it is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->dateTime('moved_from')->nullable();
            $table->boolean('is_added')->default(false);
            $table->dateTime('cancelled_at')->nullable();
            $table->string('why', 200)->default('');
        });
    }

    public function down(): void
    {
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->dropColumn(['moved_from', 'is_added', 'cancelled_at', 'why']);
        });
    }
};
