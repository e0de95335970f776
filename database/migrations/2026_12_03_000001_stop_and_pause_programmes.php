<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A programme has a last day, may rest for some weeks, and what starting or stopping it did can be taken back whole: visits
 * that go are kept out of sight.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('programmes', function (Blueprint $table): void {
            $table->date('ends_on')->nullable();
            $table->json('pauses')->default('[]');
        });
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->softDeletes();
        });
        Schema::create('programme_turns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->index()->constrained()->cascadeOnDelete();
            $table->foreignId('programme_id')->index()->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->json('before');
            $table->json('gone');
            $table->json('made');
            $table->dateTime('undone_at')->nullable();
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('programme_turns');
        Schema::table('training_sessions', function (Blueprint $table): void {
            $table->dropSoftDeletes();
        });
        Schema::table('programmes', function (Blueprint $table): void {
            $table->dropColumn(['ends_on', 'pauses']);
        });
    }
};
