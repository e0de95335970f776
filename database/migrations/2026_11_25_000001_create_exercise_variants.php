<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A trainer's own wording of a shipped exercise; the shipped one stays as it is.
        Schema::create('exercise_variants', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('exercise');
            $table->string('name');
            $table->json('cues');
            $table->text('note')->default('');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['user_id', 'exercise']);
        });
    }
};
