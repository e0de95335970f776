<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A band's test says which scale it was. The one that is simulated here made its readings up: outside the demo nothing of
 * them is believed any more. Which of the earlier tests were typed from a scale of one's own is not known, so none of them
 * is; the bands go back to what their labels said, as unsure as a curve that nobody knows, and such weights are guesses.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('is_demo')->default(false);
        });
        Schema::table('band_tests', function (Blueprint $table): void {
            $table->string('scale')->default('simulated');
        });
        DB::table('users')->whereIn('email', ['isaura@saltmarrow.example', 'corvin@saltmarrow.example'])->update(['is_demo' => true]);
        $tested = DB::table('shelf_items')
            ->join('clients', 'clients.id', '=', 'shelf_items.client_id')
            ->join('users', 'users.id', '=', 'clients.user_id')
            ->where('users.is_demo', false)
            ->where('clients.is_demo', false)
            ->get(['shelf_items.id', 'shelf_items.measures']);
        foreach ($tested as $item) {
            $measures = json_decode((string) $item->measures, true);
            if (! is_array($measures)) {
                continue;
            }
            $changed = $measures;
            if (($measures['source'] ?? null) === 'measured' && DB::table('band_tests')->where('shelf_item_id', $item->id)->exists()) {
                $changed['a_n'] = $measures['label_a_n'] ?? $measures['a_n'] ?? 0;
                $changed['b_n'] = $measures['label_b_n'] ?? $measures['b_n'] ?? 0;
                $changed['source'] = 'unknown';
            }
            // Weights it made up have hundredths that hardly anybody types.
            foreach (['mass_kg', 'tare_kg'] as $key) {
                $hundredths = is_numeric($measures[$key] ?? null) ? (int) round(100 * (float) $measures[$key]) : 0;
                if (($measures['certainty'] ?? null) === 'weighed' && $hundredths % 5 !== 0) {
                    $changed['certainty'] = 'guessed';
                }
            }
            if ($changed !== $measures) {
                DB::table('shelf_items')->where('id', $item->id)->update(['measures' => json_encode($changed)]);
            }
        }
    }

    public function down(): void
    {
        Schema::table('band_tests', function (Blueprint $table): void {
            $table->dropColumn('scale');
        });
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('is_demo');
        });
    }
};
