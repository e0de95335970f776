<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What stands on the Round beside sessions: an assessment, a talk, time that is not free; once, or again and again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('appointments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->foreignId('client_id')->nullable()->constrained()->cascadeOnDelete();
            $table->uuid('series')->nullable()->index();
            $table->string('kind');
            $table->text('words')->nullable();
            $table->dateTime('starts_at', 3);
            $table->string('zone');
            $table->unsignedSmallInteger('minutes');
            $table->softDeletes();
            $table->timestamps();
            $table->index(['user_id', 'starts_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('appointments');
    }
};
