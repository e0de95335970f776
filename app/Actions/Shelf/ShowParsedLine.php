<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Http\Resources\Shelf\ParsedLineResource;
use App\Http\Resources\Shelf\UnderstoodResource;
use NimbleShelf\Core\Kit\Furniture;
use NimbleShelf\Core\Shelf\LineParser;
use NimbleShelf\Core\Shelf\ParsedLine;

/** What a typed line would put on a shelf, before it does. */
final class ShowParsedLine
{
    /** @var array<string, string> Measures, and the fields of the form that ask for them. */
    private const FIELDS = [
        'mass_kg' => 'massKg', 'max_kg' => 'maxKg', 'tare_kg' => 'massKg', 'rest_length_cm' => 'restLengthCm', 'height_cm' => 'heightCm',
        'handle_kg' => 'handleKg', 'handle_cm' => 'handleCm', 'diameter_mm' => 'diameterMm', 'material' => 'material',
        'grip' => 'grip',
    ];

    public function handle(string $line): ParsedLineResource
    {
        $parsed = LineParser::parse($line);
        $fields = [];
        foreach ($parsed->measures as $measure => $value) {
            if (isset(self::FIELDS[$measure]) && (is_float($value) || is_string($value))) {
                $fields[self::FIELDS[$measure]] = (string) $value;
            }
        }
        foreach (['sealed', 'glass'] as $flag) {
            if (is_bool($parsed->measures[$flag] ?? null)) {
                $fields[$flag] = $parsed->measures[$flag] ? '1' : '0';
            }
        }
        $plates = [];
        foreach (is_array($parsed->measures['plates'] ?? null) ? $parsed->measures['plates'] : [] as $plate) {
            if (is_array($plate) && is_numeric($plate['count'] ?? null) && is_numeric($plate['mass_kg'] ?? null)) {
                $plates[] = "{$plate['count']} x {$plate['mass_kg']}";
            }
        }
        $dial = $parsed->measures['dial'] ?? null;
        if (is_array($dial)) {
            $fields['plates'] = "{$dial['from_kg']}-{$dial['to_kg']} kg in steps of {$dial['step_kg']} kg";
        }
        if ($parsed->damage !== null) {
            $fields['outOfService'] = "said to be {$parsed->damage}";
        }
        if ($plates !== []) {
            $fields['plates'] = implode(' + ', $plates);
        }

        return new ParsedLineResource(
            line: $line,
            kind: $parsed->kind,
            name: $parsed->name,
            count: $parsed->count,
            fields: $fields,
            understood: array_map(
                static fn (array $piece): UnderstoodResource => new UnderstoodResource($piece['text'], $piece['means']),
                $parsed->understood,
            ),
            unknown: $parsed->unknown,
            missing: $this->missing($parsed),
            assumed: $parsed->assumed,
            refused: $parsed->refused,
        );
    }

    /** @return array<string, string> What is still needed, by field; what has a usual size says it. */
    private function missing(ParsedLine $parsed): array
    {
        $missing = array_column($parsed->missing, 'message', 'field');
        $usual = Furniture::usualHeightCm($parsed->kind ?? '');

        return isset($missing['heightCm']) && $usual !== null
            ? ['heightCm' => sprintf('Empty: about %.0f cm, as such things usually are', $usual)] + $missing
            : $missing;
    }
}
