<?php

declare(strict_types=1);

namespace App\Support;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Health\Screening;

/** Reads the catalogue that ships in `catalogue/`, by way of a compiled copy that opcache keeps ready between requests. */
final class CatalogueFiles
{
    /** @param  string|null  $compiled  Where the decoded files are kept as PHP; null to decode them each time. */
    public static function load(string $folder, ?string $compiled = null): Catalogue
    {
        $data = self::data($folder, $compiled);

        return Catalogue::fromArrays(
            families: $data['exercises'],
            figureFiles: $data['figures'],
            patterns: $data['patterns'],
            limitRules: $data['limits'],
            schools: $data['schools'],
        );
    }

    /** Reads the health questions that ship beside it. */
    public static function screening(string $folder): Screening
    {
        return Screening::fromArray(self::decoded($folder.'/screening.json'));
    }

    /**
     * @return array{
     *     exercises: list<array<string, mixed>>, figures: list<array<string, mixed>>,
     *     patterns: array<string, mixed>, limits: array<string, mixed>, schools: array<string, mixed>
     * }
     */
    private static function data(string $folder, ?string $compiled): array
    {
        // Without opcache compiling the copy each time takes longer than decoding does.
        $compiled = function_exists('opcache_get_status') && opcache_get_status(false) !== false ? $compiled : null;
        $stamp = $compiled === null ? '' : self::stamp($folder);
        if ($compiled !== null && is_file($compiled)) {
            /** @var mixed $kept */
            $kept = include $compiled;
            if (is_array($kept) && ($kept['stamp'] ?? null) === $stamp) {
                /**
                 * @var array{
                 *     exercises: list<array<string, mixed>>, figures: list<array<string, mixed>>,
                 *     patterns: array<string, mixed>, limits: array<string, mixed>, schools: array<string, mixed>
                 * } $kept
                 */
                return $kept;
            }
        }
        $data = [
            'exercises' => self::decodedAll($folder.'/exercises'),
            'figures' => self::decodedAll($folder.'/figures'),
            'patterns' => self::decoded($folder.'/patterns.json'),
            'limits' => self::decoded($folder.'/limits.json'),
            'schools' => self::decoded($folder.'/schools.json'),
        ];
        if ($compiled !== null && is_writable(dirname($compiled))) {
            // Written aside and moved, so that no request reads half a file.
            $aside = $compiled.'.'.bin2hex(random_bytes(4));
            file_put_contents($aside, '<?php return '.var_export(['stamp' => $stamp] + $data, true).';');
            rename($aside, $compiled);
        }

        return $data;
    }

    /** Changes when any file of the catalogue does, or of other folders that are named. */
    public static function stamp(string ...$folders): string
    {
        $files = [];
        foreach ($folders as $folder) {
            array_push($files, ...glob($folder.'/*.{json,php}', GLOB_BRACE) ?: [], ...glob($folder.'/*/*.json') ?: []);
        }

        return md5(implode('|', array_map(static fn (string $file): string => $file.filemtime($file).filesize($file), $files)));
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
