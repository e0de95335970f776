<?php

declare(strict_types=1);

namespace Tests\Support;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Body;

/** What ships with the product, read once for all core tests. */
final class Shipped
{
    private static ?Catalogue $catalogue = null;

    private static ?ResistanceModel $model = null;

    public static function catalogue(): Catalogue
    {
        return self::$catalogue ??= Catalogue::fromArrays(
            families: self::files('exercises'),
            figureFiles: self::files('figures'),
            patterns: self::json('patterns.json'),
            limitRules: self::json('limits.json'),
            schools: self::json('schools.json'),
        );
    }

    public static function model(): ResistanceModel
    {
        return self::$model ??= new ResistanceModel(self::catalogue());
    }

    /**
     * Bodies that everything must hold for: small and light, usual, tall and heavy.
     *
     * @return array<string, array{Body}>
     */
    public static function bodies(): array
    {
        return [
            '1.50 m, 45 kg' => [Body::of(1.50, 45)],
            '1.72 m, 74 kg' => [Body::of(1.72, 74)],
            '1.98 m, 120 kg' => [Body::of(1.98, 120)],
        ];
    }

    /** @return list<string> */
    public static function exerciseIds(): array
    {
        return array_keys(self::catalogue()->exercises);
    }

    /**
     * A shelf from entries of the outside shape.
     *
     * @param  array<string, mixed>  ...$entries
     * @return list<Thing>
     */
    public static function shelf(array ...$entries): array
    {
        return array_values(array_map(Thing::fromArray(...), $entries));
    }

    /** @return list<array<string, mixed>> */
    public static function files(string $folder): array
    {
        return array_map(
            static fn (string $file): array => self::json($folder.'/'.basename($file)),
            glob(self::path($folder.'/*.json')) ?: [],
        );
    }

    /** @return array<string, mixed> */
    public static function json(string $file): array
    {
        return json_decode((string) file_get_contents(self::path($file)), true, flags: JSON_THROW_ON_ERROR);
    }

    public static function path(string $file): string
    {
        return dirname(__DIR__, 2).'/catalogue/'.$file;
    }
}
