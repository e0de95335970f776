<?php

declare(strict_types=1);

use App\Http\Controllers\Controller;
use App\Http\Resources\Resource;

arch('the core knows no framework')
    ->expect('NimbleShelf\Core')
    ->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon', 'Symfony']);

arch('the core reads no clock, no chance and no outside world')
    ->expect('NimbleShelf\Core')
    ->not->toUse([
        'time',
        'microtime',
        'date',
        'rand',
        'mt_rand',
        'random_int',
        'file_get_contents',
        'fopen',
        'getenv',
        'curl_init',
        'echo',
        'print_r',
        'var_dump',
    ]);

arch('core classes are final')
    ->expect('NimbleShelf\Core')
    ->classes()->toBeFinal();

arch('every core failure is one to be caught as such')
    ->expect('NimbleShelf\Core\Exception')
    ->classes()->toImplement('NimbleShelf\Core\Exception\CoreException');

foreach (['Catalogue', 'Matching', 'Mechanics', 'Planning', 'Shelf'] as $area) {
    arch("the inside of {$area} stays inside")
        ->expect("NimbleShelf\\Core\\{$area}\\Internal")
        ->toOnlyBeUsedIn("NimbleShelf\\Core\\{$area}");
}

/** What each area of the core may know; nothing points back, so that there is no circle. */
const CORE_AREAS = [
    'Text' => [],
    'Mechanics' => [],
    'Bench' => ['Mechanics'],
    'Kit' => ['Mechanics'],
    'Catalogue' => ['Mechanics'],
    'Equivalence' => ['Catalogue', 'Mechanics'],
    'Planning' => ['Catalogue', 'Kit', 'Mechanics'],
    'Matching' => ['Catalogue', 'Equivalence', 'Kit', 'Mechanics', 'Planning'],
    'Strength' => ['Catalogue', 'Equivalence', 'Mechanics', 'Planning'],
    'Health' => ['Matching'],
    'Shelf' => ['Catalogue', 'Equivalence', 'Kit', 'Matching', 'Mechanics', 'Planning'],
    'Programme' => ['Catalogue', 'Equivalence', 'Kit', 'Matching', 'Mechanics', 'Planning', 'Shelf', 'Strength'],
    'Editing' => ['Catalogue', 'Equivalence', 'Matching', 'Mechanics', 'Planning', 'Programme', 'Strength'],
];

foreach (CORE_AREAS as $area => $known) {
    $others = array_diff(array_keys(CORE_AREAS), [$area, 'Text'], $known);
    arch("{$area} knows only what lies below it")
        ->expect("NimbleShelf\\Core\\{$area}")
        ->not->toUse(array_values(array_map(static fn (string $other): string => "NimbleShelf\\Core\\{$other}", $others)));
}

it('shows nobody the inside of an area', function (): void {
    $shown = [];
    $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/core/src'));
    foreach (new RegexIterator($files, '/\.php$/') as $file) {
        $class = 'NimbleShelf\\Core\\'.str_replace('/', '\\', substr((string) $file, strlen(dirname(__DIR__, 2).'/core/src/'), -4));
        if (str_contains($class, '\\Internal\\')) {
            continue;
        }
        foreach ((new ReflectionClass($class))->getMethods(ReflectionMethod::IS_PUBLIC) as $method) {
            $types = [
                $method->getReturnType(),
                ...array_map(static fn (ReflectionParameter $one): ?ReflectionType => $one->getType(), $method->getParameters()),
            ];
            if (str_contains(implode(' ', array_map(strval(...), $types)), '\\Internal\\')) {
                $shown[] = "{$class}::{$method->getName()}";
            }
        }
    }
    expect($shown)->toBe([]);
});

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

it('keeps every line within 140 characters', function (): void {
    $root = dirname(__DIR__, 2);
    $long = [];
    foreach (['app', 'core/src', 'database', 'resources/js', 'routes', 'tests'] as $folder) {
        $files = new RecursiveIteratorIterator(new RecursiveDirectoryIterator("{$root}/{$folder}", FilesystemIterator::SKIP_DOTS));
        foreach ($files as $file) {
            if (! preg_match('/\.(php|tsx?|css)$/', (string) $file) || str_ends_with((string) $file, '.gen.ts')) {
                continue;
            }
            foreach (file((string) $file, FILE_IGNORE_NEW_LINES) ?: [] as $i => $line) {
                if (mb_strlen($line) > 140) {
                    $long[] = substr((string) $file, strlen($root) + 1).':'.($i + 1);
                }
            }
        }
    }

    expect($long)->toBe([]);
});
