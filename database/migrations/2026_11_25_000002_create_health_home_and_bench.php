<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->json('settings')->nullable();
        });
        Schema::table('clients', function (Blueprint $table): void {
            $table->date('born_on')->nullable();
            $table->string('experience')->default('beginner');
            $table->unsignedInteger('days_per_week')->nullable();
            $table->unsignedInteger('minutes')->nullable();
            $table->text('likes')->default('');
            $table->text('dislikes')->default('');
            $table->string('guardian')->nullable();
            $table->date('guardian_on')->nullable();
            $table->foreignId('kit_from_id')->nullable()->constrained('clients')->nullOnDelete();
        });
        // Notes are kept encrypted from now on.
        foreach (DB::table('clients')->get(['id', 'note']) as $row) {
            DB::table('clients')->where('id', $row->id)->update(['note' => Crypt::encryptString(is_string($row->note) ? $row->note : '')]);
        }
        Schema::table('homes', function (Blueprint $table): void {
            $table->float('length_m')->nullable();
            $table->float('width_m')->nullable();
            $table->string('quiet_hours')->default('');
            $table->boolean('pets')->default(false);
            $table->boolean('children')->default(false);
        });
        Schema::table('shelf_items', function (Blueprint $table): void {
            $table->date('inspected_on')->nullable();
            $table->string('condition')->default('sound');
        });
        Schema::create('screenings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->date('answered_on');
            $table->string('occasion');
            $table->text('answers');
            $table->text('pressure')->nullable();
            $table->text('note');
            $table->timestamps();
            $table->index(['client_id', 'answered_on']);
        });
        Schema::create('clearances', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->date('given_on');
            $table->date('expires_on')->nullable();
            $table->text('given_by');
            $table->text('allows');
            $table->text('questions');
            $table->text('lifts');
            $table->timestamps();
        });
        Schema::create('movement_checks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->date('checked_on');
            $table->text('seen');
            $table->timestamps();
        });
        Schema::create('band_tests', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('shelf_item_id')->constrained()->cascadeOnDelete();
            $table->date('tested_on');
            $table->float('rest_length_cm');
            $table->json('points');
            $table->float('a_n');
            $table->float('b_n');
            $table->float('rms_n');
            $table->timestamps();
        });
        // Who looked at health answers and who changed them; the table the log package writes to.
        Schema::create('activity_log', function (Blueprint $table): void {
            $table->bigIncrements('id');
            $table->string('log_name')->nullable()->index();
            $table->text('description');
            $table->nullableMorphs('subject', 'subject');
            $table->string('event')->nullable();
            $table->nullableMorphs('causer', 'causer');
            $table->json('properties')->nullable();
            $table->uuid('batch_uuid')->nullable();
            $table->timestamps();
        });
    }
};
