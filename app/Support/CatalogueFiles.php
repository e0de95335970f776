<?php

declare(strict_types=1);

namespace App\Support;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Health\Screening;

/** Reads the catalogue that ships in `catalogue/`. */
final class CatalogueFiles
{
    public static function load(string $folder): Catalogue
    {
        return Catalogue::fromArrays(
            families: self::decodedAll($folder.'/exercises'),
            figureFiles: self::decodedAll($folder.'/figures'),
            patterns: self::decoded($folder.'/patterns.json'),
            limitRules: self::decoded($folder.'/limits.json'),
            schools: self::decoded($folder.'/schools.json'),
        );
    }

    /** Reads the health questions that ship beside it. */
    public static function screening(string $folder): Screening
    {
        return Screening::fromArray(self::decoded($folder.'/screening.json'));
    }

    /** @return list<array<string, mixed>> */
    private static function decodedAll(string $folder): array
    {
        return array_map(self::decoded(...), glob($folder.'/*.json') ?: []);
    }

    /** @return array<string, mixed> */
    private static function decoded(string $file): array
    {
        /** @var array<string, mixed> $data */
        $data = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);

        return $data;
    }
}
