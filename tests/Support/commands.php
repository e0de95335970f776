<?php

declare(strict_types=1);

use Opis\JsonSchema\Validator;

/*
 * The commands as a script uses them.
 */

/** @return array{code: int, out: array<string, mixed>, raw: string} */
function runCommand(string $name, string $input): array
{
    $process = proc_open(
        [PHP_BINARY, base_path('artisan'), "nimble:{$name}"],
        [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
        $pipes,
        base_path(),
    );
    assert(is_resource($process));
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    $raw = (string) stream_get_contents($pipes[1]);
    $code = proc_close($process);

    return ['code' => $code, 'out' => json_decode($raw, true) ?? [], 'raw' => $raw];
}

function fitsSchema(string $schema, string $json): bool
{
    $decoded = json_decode((string) file_get_contents(base_path("docs/schemas/{$schema}.schema.json")), false, flags: JSON_THROW_ON_ERROR);

    return (new Validator)->validate(json_decode($json), $decoded)->isValid();
}
