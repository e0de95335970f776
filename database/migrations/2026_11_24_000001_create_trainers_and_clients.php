<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('users', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('email')->unique();
            $table->string('password');
            $table->rememberToken();
            $table->timestamps();
        });

        Schema::create('clients', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->string('trade');
            $table->string('goal');
            $table->json('limits');
            $table->text('note')->default('');
            $table->string('place')->default('');
            $table->timestamps();
        });

        Schema::create('body_measures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->date('measured_on');
            $table->float('height_cm');
            $table->float('body_mass_kg');
            $table->json('limbs');
            $table->timestamps();
            $table->index(['client_id', 'measured_on']);
        });

        Schema::create('homes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->unique()->constrained()->cascadeOnDelete();
            $table->float('ceiling_cm')->nullable();
            $table->string('floor')->default('smooth');
            $table->boolean('quiet')->default(false);
            $table->json('anchors');
            $table->text('note')->default('');
            $table->timestamps();
        });

        Schema::create('shelf_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('client_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->string('name');
            $table->unsignedInteger('count')->default(1);
            $table->json('measures');
            $table->string('out_of_service')->nullable();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['client_id', 'name']);
        });
    }
};
