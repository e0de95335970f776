<?php

declare(strict_types=1);

use App\Support\PlansApartFromDays;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * A programme has weeks of planned sessions; what is done on a day is a session of its own. What was done hangs on the
 * client and goes with nobody else. Tables whose keys change are made anew and filled, with nothing left behind.
 */
return new class extends Migration
{
    /** Foreign keys cannot be switched off inside a transaction, and dropping a table would take its children along. */
    public $withinTransaction = false;

    public function up(): void
    {
        Schema::disableForeignKeyConstraints();
        try {
            DB::transaction(function (): void {
                $this->plans();
                $this->days();
                (new PlansApartFromDays)->fill();
                $this->takeTheOldAway();
            });
        } finally {
            Schema::enableForeignKeyConstraints();
        }
    }

    private function plans(): void
    {
        Schema::create('new_programmes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // None for a template.
            $table->foreignId('client_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('goal');
            $table->string('state')->default('draft');
            $table->date('starts_on');
            $table->json('days');
            $table->json('style');
            $table->timestamps();
            $table->index(['client_id', 'state'], 'programmes_of_client');
        });
        Schema::create('weeks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('programme_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->string('kind')->default('build');
            $table->timestamps();
            $table->unique(['programme_id', 'number']);
        });
        Schema::create('planned_sessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('week_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            // 1 for Monday; the time is the clock on the wall.
            $table->unsignedInteger('weekday');
            $table->string('time');
            $table->unsignedInteger('minutes');
            $table->timestamps();
        });
        Schema::create('planned_blocks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('planned_session_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->json('rule');
            $table->string('name');
            $table->unsignedInteger('position');
            $table->timestamps();
        });
        Schema::create('slots', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('planned_block_id')->constrained()->cascadeOnDelete();
            $table->string('thread');
            $table->unsignedInteger('position');
            $table->json('written');
            $table->json('assignment');
            $table->timestamps();
            $table->index('thread');
        });
    }

    private function days(): void
    {
        Schema::create('new_training_sessions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('programme_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('planned_session_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name');
            $table->dateTime('starts_at');
            $table->string('zone')->default('UTC');
            $table->unsignedInteger('minutes');
            $table->dateTime('started_at')->nullable();
            $table->dateTime('ended_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'starts_at'], 'sessions_of_client');
            $table->index('starts_at', 'sessions_by_start');
        });
        Schema::table('blocks', function (Blueprint $table): void {
            $table->json('rule')->default('{}');
        });
        Schema::create('new_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('block_id')->constrained()->cascadeOnDelete();
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->string('thread')->default('');
            $table->unsignedInteger('position');
            $table->json('prescribed');
            $table->json('chosen');
            $table->string('left_out')->nullable();
            $table->timestamps();
        });
        Schema::create('new_set_logs', function (Blueprint $table): void {
            $table->id();
            $table->uuid('key')->unique('set_logs_by_key');
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('training_session_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('item_id')->nullable()->constrained()->nullOnDelete();
            $table->string('exercise');
            $table->json('setting');
            $table->string('words')->default('');
            $table->json('tempo')->nullable();
            $table->float('range_ratio')->nullable();
            $table->unsignedInteger('set_number');
            $table->string('side')->nullable();
            $table->unsignedInteger('reps');
            $table->float('reserve');
            $table->boolean('pain');
            $table->string('pain_note')->default('');
            $table->string('pattern');
            $table->float('whole_kg');
            $table->float('sd_kg');
            $table->float('own_kg');
            $table->string('load_words');
            $table->float('body_mass_kg');
            $table->dateTime('logged_at');
            $table->string('zone')->default('UTC');
            $table->dateTime('voided_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'logged_at'], 'sets_of_client');
            $table->index('item_id', 'sets_of_item');
        });
        Schema::create('changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            // Of a day's item or of a slot of the plan.
            $table->foreignId('item_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('slot_id')->nullable()->constrained()->nullOnDelete();
            $table->uuid('batch')->index();
            $table->string('scope');
            $table->string('occasion');
            $table->text('why');
            $table->string('from_words');
            $table->string('to_words');
            $table->json('change');
            $table->dateTime('undone_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'created_at'], 'changes_of_client');
            $table->index('item_id', 'changes_of_item');
        });
        Schema::create('floor_events', function (Blueprint $table): void {
            $table->id();
            $table->uuid('key')->unique();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('training_session_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('item_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind');
            $table->uuid('target_key')->nullable()->index();
            $table->dateTime('at');
            $table->string('zone');
            $table->json('said');
            $table->timestamps();
            $table->index(['training_session_id', 'kind']);
        });
    }

    private function takeTheOldAway(): void
    {
        foreach (['swaps', 'set_logs', 'items', 'training_sessions', 'programmes'] as $table) {
            Schema::drop($table);
        }
        // While the new ones are renamed, nothing that names them by their later name may be rewritten.
        foreach (['programmes', 'training_sessions', 'items', 'set_logs'] as $table) {
            Schema::rename("new_{$table}", $table);
        }
        DB::statement("create unique index one_running_programme on programmes (client_id) where state = 'running'");
    }
};
