<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Artisan;

it('shows in its documents the tables the model gives today', function (): void {
    Artisan::call('nimble:reference-table', ['--print' => true]);
    $tables = explode("\n---\n", Artisan::output());
    expect($tables)->toHaveCount(3);
    foreach ($tables as $table) {
        expect((string) file_get_contents(base_path('docs/engine.md')))->toContain(trim($table));
    }
});

it('links only to what is there', function (string $document): void {
    preg_match_all('/\]\((?!http|#)([^)#]+)/', (string) file_get_contents(base_path($document)), $links);
    expect($links[1])->not->toBe([]);
    foreach ($links[1] as $link) {
        expect(is_file(dirname(base_path($document)).'/'.$link))->toBeTrue("{$document} links to {$link}");
    }
})->with(['README.md', 'docs/architecture.md']);
