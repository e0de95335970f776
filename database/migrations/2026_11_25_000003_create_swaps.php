<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('items', function (Blueprint $table): void {
            $table->json('tempo')->nullable();
            $table->float('range_ratio')->nullable();
            $table->string('left_out')->nullable();
            $table->boolean('one_set')->default(false);
        });

        Schema::table('set_logs', function (Blueprint $table): void {
            $table->json('tempo')->nullable();
        });

        // What was swapped, shortened or left out, when and why; `before` holds the item as it stood.
        Schema::create('swaps', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->foreignId('item_id')->nullable()->constrained()->nullOnDelete();
            $table->uuid('batch')->index();
            $table->string('occasion');
            $table->text('why');
            $table->string('from_words');
            $table->string('to_words');
            $table->json('before');
            $table->dateTime('undone_at')->nullable();
            $table->timestamps();
            $table->index(['client_id', 'created_at']);
        });
    }
};
