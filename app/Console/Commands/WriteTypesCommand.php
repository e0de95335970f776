<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Http\Resources\Resource;
use App\Support\TypeScriptTypes;
use Illuminate\Console\Command;
use ReflectionClass;

final class WriteTypesCommand extends Command
{
    public const FILE = 'resources/js/shared/api/types.gen.ts';

    protected $signature = 'nimble:types {--check : Only say whether the written types are up to date}';

    protected $description = 'Write the TypeScript types of the API from its response classes';

    public function handle(): int
    {
        $types = TypeScriptTypes::from(self::resources());
        $file = base_path(self::FILE);
        if ($this->option('check') === true) {
            if (! is_file($file) || file_get_contents($file) !== $types) {
                $this->error(self::FILE.' is out of date: run php artisan nimble:types.');

                return self::FAILURE;
            }
            $this->info(self::FILE.' is up to date.');

            return self::SUCCESS;
        }
        file_put_contents($file, $types);
        $this->info('Wrote '.self::FILE.'.');

        return self::SUCCESS;
    }

    /** @return list<class-string<resource>> */
    public static function resources(): array
    {
        $resources = [];
        foreach (glob(app_path('Http/Resources/*/*.php')) ?: [] as $file) {
            $class = 'App\\Http\\Resources\\'.basename(dirname($file)).'\\'.basename($file, '.php');
            if (is_subclass_of($class, Resource::class) && ! (new ReflectionClass($class))->isAbstract()) {
                $resources[basename($file)] = $class;
            }
        }
        ksort($resources);

        return array_values($resources);
    }
}
