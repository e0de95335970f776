<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A programme counts its changes, and each can be taken back and made again. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('programmes', function (Blueprint $table): void {
            $table->unsignedInteger('version')->default(1);
            // A draft that was thrown away can be put back.
            $table->softDeletes();
        });
        Schema::create('programme_edits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('week');
            $table->text('words');
            // Sessions as they were and as they are, those alone that the change touches.
            $table->json('before');
            $table->json('after');
            // Threads that later weeks reckon anew, weekdays that sessions came from.
            $table->json('anew');
            $table->json('came_from');
            $table->boolean('goes_on');
            // Whether the weeks after and the visits ahead have followed.
            $table->boolean('is_followed')->default(false);
            $table->dateTime('undone_at')->nullable();
            $table->timestamps();
            $table->index(['programme_id', 'undone_at']);
            $table->index('is_followed');
        });
    }
};
