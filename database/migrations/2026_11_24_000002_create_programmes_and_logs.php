<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('programmes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->date('starts_on');
            $table->unsignedInteger('weeks');
            $table->timestamps();
        });

        // "sessions" belongs to the framework's log-ins.
        Schema::create('training_sessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->dateTime('starts_at');
            $table->unsignedInteger('minutes');
            $table->dateTime('started_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->timestamps();
            $table->index('starts_at');
        });

        Schema::create('blocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('training_session_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('name');
            $table->unsignedInteger('position');
            $table->timestamps();
        });

        Schema::create('items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('block_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('exercise');
            $table->json('setting');
            $table->string('words')->nullable();
            $table->unsignedInteger('sets');
            $table->unsignedInteger('reps');
            $table->unsignedInteger('reserve');
            $table->unsignedInteger('rest_seconds');
            $table->json('written')->nullable();
            $table->timestamps();
        });

        Schema::create('set_logs', function (Blueprint $table): void {
            $table->id();
            $table->uuid('key')->unique();
            $table->foreignId('item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('exercise');
            $table->json('setting');
            $table->string('words')->default('');
            $table->unsignedInteger('set_number');
            $table->string('side')->nullable();
            $table->unsignedInteger('reps');
            $table->float('reserve');
            $table->boolean('pain');
            $table->string('pain_note')->default('');
            $table->string('pattern');
            $table->float('whole_kg');
            $table->float('sd_kg');
            $table->dateTime('logged_at');
            $table->timestamps();
            $table->index(['client_id', 'logged_at']);
        });
    }
};
