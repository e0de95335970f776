<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A first session that finds out what somebody can do, and what a trainer knows of it already. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->boolean('is_start')->default(false);
        });
        Schema::create('told_results', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('line');
            $table->string('exercise');
            $table->string('test')->nullable();
            $table->json('setting');
            $table->string('words');
            $table->unsignedSmallInteger('count');
            $table->boolean('is_timed');
            $table->unsignedTinyInteger('reserve')->nullable();
            $table->string('pattern');
            $table->float('whole_kg');
            $table->float('sd_kg');
            $table->dateTime('told_at', 3);
            $table->string('zone');
            $table->softDeletes();
            $table->timestamps();
            $table->index(['client_id', 'told_at']);
        });
    }

    public function down(): void
    {
        Schema::dropIfExists('told_results');
        Schema::table('training_sessions', fn (Blueprint $table) => $table->dropColumn('is_start'));
    }
};
