<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A set may be done by the clock without anybody counting, and its reserve may be said later or not at all. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->unsignedInteger('reps')->nullable()->change();
            $table->float('reserve')->nullable()->change();
            $table->unsignedInteger('seconds')->nullable();
        });
    }

    public function down(): void
    {
        // The older table asks for both. None counted says nothing of what somebody can do, and nothing is lost but the number.
        DB::table('set_logs')->whereNull('reps')->orWhereNull('reserve')->update(['reps' => 0, 'reserve' => 0]);
        Schema::table('set_logs', function (Blueprint $table): void {
            $table->unsignedInteger('reps')->nullable(false)->change();
            $table->float('reserve')->nullable(false)->change();
            $table->dropColumn('seconds');
        });
    }
};
