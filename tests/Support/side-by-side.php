<?php

declare(strict_types=1);

/*
 * One of several writers on one database: logs sets and swaps as the application does. Prints what went wrong.
 * Usage: side-by-side.php SETS EVENTS-FILE | side-by-side.php SWAPS ITEM-ID KEY TIMES
 */

use App\Actions\Floor\KeepEvents;
use App\Actions\SwapDesk\ChooseSwap;
use App\Models\Item;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;

require dirname(__DIR__, 2).'/vendor/autoload.php';
$app = require dirname(__DIR__, 2).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$failures = 0;
$try = static function (Closure $work) use (&$failures): void {
    try {
        $work();
    } catch (Throwable $failure) {
        $failures++;
        fwrite(STDERR, $failure->getMessage().PHP_EOL);
    }
};
if ($argv[1] === 'SETS') {
    $trainer = User::query()->firstOrFail();
    foreach (json_decode((string) file_get_contents($argv[2]), true, flags: JSON_THROW_ON_ERROR) as $event) {
        $try(static function () use ($trainer, $event): void {
            $refused = resolve(KeepEvents::class)->handle($trainer, [$event])['refused'];
            if ($refused !== []) {
                throw new RuntimeException($refused[0]['message']);
            }
        });
    }
} else {
    for ($i = 0; $i < (int) $argv[4]; $i++) {
        $try(static fn () => resolve(ChooseSwap::class)->handle(Item::query()->findOrFail((int) $argv[2]), $argv[3]));
    }
}
echo $failures;
