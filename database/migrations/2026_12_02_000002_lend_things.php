<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A thing that is lent stands on the borrower's shelf, and whose it is stays known. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('shelf_items', function (Blueprint $table): void {
            $table->foreignId('owner_id')->nullable()->constrained('clients')->nullOnDelete();
        });
    }

    public function down(): void
    {
        Schema::table('shelf_items', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('owner_id');
        });
    }
};
