<?php

declare(strict_types=1);

use App\Http\Controllers\Controller;
use App\Http\Resources\Resource;

arch('the core knows no framework')
    ->expect('NimbleShelf\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon', 'Symfony']);

arch('the core reads no clock, no chance and no outside world')
    ->expect('NimbleShelf\Core')
    ->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'fopen', 'getenv', 'curl_init', 'echo', 'print_r', 'var_dump']);

arch('core classes are final')
    ->expect('NimbleShelf\Core')
    ->classes()->toBeFinal();

arch('every core failure is one to be caught as such')
    ->expect('NimbleShelf\Core\Exception')
    ->classes()->toImplement('NimbleShelf\Core\Exception\CoreException');

arch('the inside of a core area stays inside')
    ->expect('NimbleShelf\Core\Mechanics\Internal')
    ->toOnlyBeUsedIn('NimbleShelf\Core\Mechanics');

arch('everything declares strict types')
    ->expect(['App', 'NimbleShelf\Core', 'Database', 'Tests'])
    ->toUseStrictTypes();

arch('controllers extend the one controller and stay thin')
    ->expect('App\Http\Controllers')
    ->toExtend(Controller::class)
    ->ignoring(Controller::class)
    ->not->toUse(['NimbleShelf\Core\Mechanics', 'NimbleShelf\Core\Planning', 'NimbleShelf\Core\Matching']);

arch('answers are typed resources')
    ->expect('App\Http\Resources')
    ->toExtend(Resource::class)
    ->ignoring(Resource::class);

arch('no leftovers')
    ->expect(['dd', 'dump', 'ray', 'die'])
    ->not->toBeUsed();

/**
 * The job's arithmetic lives in the core: outside it nobody multiplies by gravity, by segment fractions or by the
 * constants of a repetition formula, and the page knows no formula at all.
 */
it('keeps the sums of the job out of the application and the page', function (): void {
    $root = dirname(__DIR__, 2);
    $signs = [
        '/9\.80665|\b9\.81\b/' => 'gravity',
        '/36\s*\/\s*\(\s*37/' => 'a repetition formula',
        '/1\s*\+\s*\$?(n|reps)\w*\s*\/\s*(30|40)\b/' => 'a repetition formula',
        '/\b0\.(878|497|0465|0145)\b/' => 'a body fraction',
        '/\blambda\b|Mooney|stretch\s*\*\s*stretch/i' => 'the curve of rubber',
        // Asking the core for one is allowed; having one is not.
        '/rep(etition)?Max(?!imum::from|imum;|Command)|oneRep|1RM/i' => 'a repetition maximum',
    ];
    $found = [];
    foreach (['app' => 'php', 'database' => 'php', 'resources/js' => 'ts'] as $folder => $ending) {
        $files = new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}")), "/\\.{$ending}x?$/");
        foreach ($files as $file) {
            $text = (string) file_get_contents((string) $file);
            foreach ($signs as $sign => $what) {
                if (preg_match($sign, $text, $match) === 1) {
                    $found[] = basename((string) $file).": {$what} ({$match[0]})";
                }
            }
        }
    }
    expect($found)->toBe([]);
});
