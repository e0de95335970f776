<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whom to call, encrypted; the sex, so that nobody is asked what cannot be; joints by name; a wall that every home has. */
return new class extends Migration
{
    private const CONTACTS = ['telephone', 'email', 'emergency_contact', 'doctor'];

    public function up(): void
    {
        Schema::table('clients', function (Blueprint $table): void {
            $table->string('sex')->default('');
            foreach (self::CONTACTS as $contact) {
                $table->text($contact)->nullable();
            }
        });
        Schema::table('screenings', function (Blueprint $table): void {
            $table->text('joints')->nullable();
        });
        Schema::table('homes', function (Blueprint $table): void {
            $table->boolean('has_wall')->default(true);
        });
    }

    public function down(): void
    {
        Schema::table('clients', fn (Blueprint $table) => $table->dropColumn(['sex', ...self::CONTACTS]));
        Schema::table('screenings', fn (Blueprint $table) => $table->dropColumn('joints'));
        Schema::table('homes', fn (Blueprint $table) => $table->dropColumn('has_wall'));
    }
};
