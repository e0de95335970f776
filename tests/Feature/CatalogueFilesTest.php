<?php

declare(strict_types=1);

use App\Support\CatalogueFiles;
use NimbleShelf\Core\Catalogue\Catalogue;

/** A copy of the shipped catalogue that a test may change. */
function ownCatalogue(): string
{
    $folder = sys_get_temp_dir().'/shelf-catalogue-'.bin2hex(random_bytes(6));
    foreach (['', '/exercises', '/figures'] as $below) {
        mkdir($folder.$below);
        foreach (glob(base_path('catalogue'.$below).'/*.json') ?: [] as $file) {
            copy($file, $folder.$below.'/'.basename($file));
        }
    }

    return $folder;
}

it('reads the same from the compiled copy as from the files, and notices a file that changed', function (): void {
    $folder = ownCatalogue();
    $script = 'require $argv[1]."/vendor/autoload.php";'
        .'$c = App\Support\CatalogueFiles::load($argv[2], $argv[2]."/compiled.php");'
        .'echo md5(serialize($c)), " ", $c->pattern("squat")->name;';
    $run = static fn (): string => (string) shell_exec(implode(' ', [
        escapeshellarg(PHP_BINARY), '-d opcache.enable=1 -d opcache.enable_cli=1 -d opcache.file_update_protection=0 -d pcov.enabled=0 -r',
        escapeshellarg($script), '--', escapeshellarg(base_path()), escapeshellarg($folder),
    ]));
    $first = $run();
    $compiled = $folder.'/compiled.php';
    $isCompiled = is_file($compiled);
    expect($first)->toBe(md5(serialize(CatalogueFiles::load($folder))).' Squat')
        ->and($run())->toBe($first);

    $patterns = (array) json_decode((string) file_get_contents($folder.'/patterns.json'), true);
    $patterns['squat']['name'] = 'Knee bend of legs';
    file_put_contents($folder.'/patterns.json', json_encode($patterns));

    expect($run())->toEndWith(' Knee bend of legs')
        ->and($isCompiled)->toBe(extension_loaded('Zend OPcache'))
        ->and(CatalogueFiles::load($folder))->toBeInstanceOf(Catalogue::class);
});
