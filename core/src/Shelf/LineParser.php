<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Shelf\Internal\ShelfWords;

/**
 * Reads a line in plain words, such as "2 x 6 kg dumbbells" or "12 L bucket of sand", as a thing for a shelf.
 *
 * Every piece of the line is either understood, with what it was taken for, or handed back; nothing is dropped.
 */
final class LineParser
{
    private string $rest = '';

    /** @var list<array{text: string, means: string}> */
    private array $understood = [];

    /** @var list<string> */
    private array $assumed = [];

    private function __construct()
    {
    }

    public static function parse(string $line): ParsedLine
    {
        return (new self)->read($line);
    }

    private function read(string $line): ParsedLine
    {
        $this->rest = ' '.trim(
            (string) preg_replace(
                ['/(\d),(\d)/', '/[×✕]/u', '/(\d)x(?=\d)/', '/\s+/'],
                ['$1.$2', 'x', '$1 x ', ' '],
                mb_strtolower($line),
            ),
        ).' ';
        $measures = str_contains($this->rest, 'adjustable') ? $this->plates() : [];
        $count = $this->count();
        [$kind, $word] = $this->kindOf();
        $count = $kind === 'adjustable-dumbbell' && str_contains($word, 'pair') ? 2 : $count;
        $masses = $this->quantities(ShelfWords::KG, static fn (float $kg): string => SettingInWords::kg($kg).' kg');
        $volumes = $this->quantities(ShelfWords::LITRES, static fn (float $litres): string => SettingInWords::kg($litres).' L');
        $handleCm = Thing::isBandKind($kind ?? '') ? $this->handleCm() : null;
        $diameterMm = $kind === 'pole' ? $this->diameterMm() : null;
        $lengths = $this->quantities(ShelfWords::CM, static fn (float $cm): string => SettingInWords::kg($cm).' cm');
        $measures += match ($kind) {
            'dumbbell', 'kettlebell' => $this->first('mass_kg', $masses),
            'adjustable-dumbbell' => $this->first('handle_kg', $masses),
            'object' => $this->object($word, $masses, $volumes),
            'rucksack' => $this->rucksack($masses, $volumes),
            'pole' => array_filter(
                ['diameter_mm' => $diameterMm],
                static fn (?float $mm): bool => $mm !== null,
            ) + $this->first('length_cm', $lengths) + $this->material(),
            'chair', 'stool', 'sofa', 'table', 'step' => $this->first('height_cm', $lengths)
                + $this->first('mass_kg', $masses)
                + $this->flags(),
            default => Thing::isBandKind($kind ?? '') ? $this->first('rest_length_cm', $lengths)
                + ($handleCm === null ? [] : ['handle_cm' => $handleCm])
                + $this->rubber() : [],
        };
        $unknown = $this->leftOver();

        return new ParsedLine(
            $kind,
            $this->name($line, $kind, $word),
            $count,
            $measures,
            $this->understood,
            $unknown,
            $this->missing($kind, $measures),
            $this->assumed,
        );
    }

    /** @return array{string|null, string} Kind, and the word that said so. */
    private function kindOf(): array
    {
        foreach (ShelfWords::KINDS as $kind => $words) {
            usort($words, static fn (string $one, string $two): int => strlen($two) <=> strlen($one));
            foreach ($words as $word) {
                if ($this->take($word, $kind === 'object' ? 'an object' : str_replace('-', ' ', $kind))) {
                    return [$kind, $word];
                }
            }
        }

        return [null, ''];
    }

    /**
     * "4 x 1.25 + 4 x 2.5, bar 2 kg" as plates and handle.
     *
     * @return array<string, mixed>
     */
    private function plates(): array
    {
        $measures = [];
        if (preg_match('/ (?:bar|handle) (?:of )?(\d+(?:\.\d+)?) ?(kg|lb|lbs) /', $this->rest, $found) === 1
            || preg_match('/ (\d+(?:\.\d+)?) ?(kg|lb|lbs) (?:bar|handle) /', $this->rest, $found) === 1) {
            $measures['handle_kg'] = round((float) $found[1] * ShelfWords::KG[$found[2]], 3);
            $this->drop($found[0], 'handle of '.SettingInWords::kg($measures['handle_kg']).' kg');
        }
        $plates = [];
        while (preg_match('/(?<=[ +])(\d+) ?x ?(\d+(?:\.\d+)?) ?(kg|lbs|lb)?(?=[ ,+;])/', $this->rest, $found) === 1) {
            $massKg = round((float) $found[2] * ShelfWords::KG[$found[3] ?? 'kg'], 3);
            $plates[] = ['mass_kg' => $massKg, 'count' => (int) $found[1]];
            $this->drop($found[0], "{$found[1]} plates of ".SettingInWords::kg($massKg).' kg');
        }

        return $measures + ($plates === [] ? [] : ['plates' => $plates]);
    }

    private function count(): int
    {
        if (preg_match('/ (\d{1,2}) ?x /', $this->rest, $found) === 1
            || preg_match(
                '/^ (\d{1,2})(?= (?!kg|kilo|g |gram|lb|pound|oz|cm|mm|m |metre|in |inch|ft|foot|l |lit|ml|cl)[a-z])/',
                $this->rest,
                $found,
            ) === 1) {
            $this->drop($found[0], $found[1] === '1' ? 'one piece' : "{$found[1]} pieces");

            return max(1, (int) $found[1]);
        }
        foreach (ShelfWords::COUNTS as $word => $count) {
            if ($this->take($word, $count === 1 ? 'one piece' : "{$count} pieces")) {
                return $count;
            }
        }

        return 1;
    }

    /**
     * @param  array<string, float>  $units
     * @param  callable(float): string  $inWords
     * @return list<float> In the first unit of the table.
     */
    private function quantities(array $units, callable $inWords): array
    {
        $names = array_map(static fn (string $name): string => preg_quote($name, '/'), array_keys($units));
        usort($names, static fn (string $one, string $two): int => strlen($two) <=> strlen($one));
        $values = [];
        while (preg_match('/(?<=[ (@])(\d+(?:\.\d+)?)[ -]?('.implode('|', $names).')(?=[ ,.;)+])/', $this->rest, $found) === 1) {
            $value = round((float) $found[1] * $units[$found[2]], 4);
            $values[] = $value;
            $this->drop($found[0], $inWords($value));
        }

        return $values;
    }

    /**
     * @param  list<float>  $values
     * @return array<string, float>
     */
    private function first(string $measure, array $values): array
    {
        return $values === [] ? [] : [$measure => $values[0]];
    }

    /**
     * @param  list<float>  $masses
     * @param  list<float>  $volumes
     * @return array<string, mixed>
     */
    private function object(string $word, array $masses, array $volumes): array
    {
        $measures = ['grip' => 'none', 'sealed' => ! in_array($word, ShelfWords::OPEN, true)];
        foreach (ShelfWords::GRIPS as $grip => $words) {
            if (in_array($word, $words, true)) {
                $measures['grip'] = $grip;
            }
        }
        if ($this->take('sealed', 'sealed') || $this->take('lid', 'sealed')) {
            $measures['sealed'] = true;
        }
        if ($this->take('open', 'not sealed')) {
            $measures['sealed'] = false;
        }
        if ($this->take('glass', 'glass')) {
            $measures['glass'] = true;
        }
        $contents = null;
        foreach (ShelfWords::CONTENTS as $name => $known) {
            if ($this->take($name, sprintf('%s, %s kg per litre', $known->label(), SettingInWords::kg($known->kgPerL())))) {
                $contents = $known;
                break;
            }
        }
        if ($masses !== [] && ($contents !== null || in_array($word, ShelfWords::PACKS, true))) {
            $mass = HouseholdMass::ofPack($masses[0]);
            $this->assumed[] = $mass->sum.', until it is weighed.';

            return $measures + ['mass_kg' => round($mass->massKg, 3), 'certainty' => $mass->certainty->value];
        }
        if ($masses !== []) {
            return $measures + ['mass_kg' => $masses[0], 'certainty' => 'labelled'];
        }
        if ($volumes !== [] && $contents !== null) {
            $vesselKg = round(ShelfWords::VESSEL_KG_PER_L * $volumes[0], 2);
            $this->assumed[] = sprintf('The empty vessel counts %s kg, our estimate.', SettingInWords::kg($vesselKg));
            $mass = HouseholdMass::ofContents($contents, $volumes[0], $vesselKg);
            $this->assumed[] = $mass->sum.'.';

            return $measures + ['mass_kg' => round($mass->massKg, 2), 'certainty' => $mass->certainty->value];
        }

        return $measures;
    }

    /**
     * @param  list<float>  $masses
     * @param  list<float>  $volumes
     * @return array<string, float>
     */
    private function rucksack(array $masses, array $volumes): array
    {
        $measures = $masses === [] ? [] : ['max_kg' => max($masses)];
        if (count($masses) > 1) {
            $measures['tare_kg'] = min($masses);
        }
        if ($masses === [] && $volumes !== []) {
            $measures['max_kg'] = round(ShelfWords::PACK_KG_PER_L * $volumes[0], 1);
            $this->assumed[] = sprintf(
                '%s L carry about %s kg, our estimate; check the straps.',
                SettingInWords::kg($volumes[0]),
                SettingInWords::kg($measures['max_kg']),
            );
        }
        if (! isset($measures['tare_kg'])) {
            $measures['tare_kg'] = 0.9;
            $this->assumed[] = 'It weighs 0.9 kg empty, our estimate until it is weighed.';
        }

        return $measures;
    }

    /** @return array<string, mixed> */
    private function rubber(): array
    {
        foreach (ShelfWords::RUBBER as $word => $newtons) {
            if ($this->take($word, 'how strong, until it is tested')) {
                $this->assumed[] = 'Its pull is a guess, a third either way, until the Bench has tested it.';

                return ['a_n' => $newtons, 'b_n' => $newtons, 'source' => 'unknown'];
            }
        }
        $this->assumed[] = 'Nothing says how strong it is: taken as medium, a third either way, until the Bench has tested it.';

        return ['a_n' => ShelfWords::RUBBER['medium'], 'b_n' => ShelfWords::RUBBER['medium'], 'source' => 'unknown'];
    }

    /** How long each handle and its strap are, where the line says so. */
    private function handleCm(): ?float
    {
        $units = implode('|', array_map(static fn (string $name): string => preg_quote($name, '/'), array_keys(ShelfWords::CM)));
        if (preg_match("/ handles? (?:of )?(\\d+(?:\\.\\d+)?) ?({$units})(?=[ ,.;)])/", $this->rest, $found) === 1
            || preg_match("/ (\\d+(?:\\.\\d+)?) ?({$units}) handles?(?=[ ,.;)])/", $this->rest, $found) === 1) {
            $cm = round((float) $found[1] * ShelfWords::CM[$found[2]], 1);
            $this->drop($found[0], 'each handle '.SettingInWords::kg($cm).' cm, which does not stretch');

            return $cm;
        }

        return null;
    }

    private function diameterMm(): ?float
    {
        // Thickness is said in millimetres, or called so.
        if (preg_match('/ (\d+(?:\.\d+)?) ?(mm|cm|inch|in) (?:thick|diameter|across) /', $this->rest, $found) === 1
            || preg_match('/ ø? ?(\d+(?:\.\d+)?) ?(mm)(?=[ ,])/u', $this->rest, $found) === 1) {
            $mm = round((float) $found[1] * ShelfWords::CM[$found[2]] * 10, 1);
            $this->drop($found[0], SettingInWords::kg($mm).' mm thick');

            return $mm;
        }

        return null;
    }

    /** @return array<string, string> */
    private function material(): array
    {
        foreach (ShelfWords::MATERIALS as $word => $material) {
            if ($this->take($word, str_replace('-', ' ', $material->value))) {
                return ['material' => $material->value];
            }
        }
        $this->assumed[] = 'Nothing says what it is made of: taken as softwood, the weakest.';

        return ['material' => PoleMaterial::Softwood->value];
    }

    /** @return array<string, bool> */
    private function flags(): array
    {
        $flags = [];
        foreach ([
            'castors' => ['castors', 'wheels', 'rolling'],
            'folding' => ['folding', 'foldable'],
            'glass' => ['glass'],
        ] as $flag => $words) {
            foreach ($words as $word) {
                if ($this->take($word, $flag === 'glass' ? 'glass: not to lean on' : "{$flag}: not to lean on")) {
                    $flags[$flag] = true;
                }
            }
        }

        return $flags;
    }

    /**
     * @param  array<string, mixed>  $measures
     * @return list<array{field: string, message: string}>
     */
    private function missing(?string $kind, array $measures): array
    {
        $needs = match ($kind) {
            null => ['kind' => ['', 'What is it? No word here names a thing for a shelf.']],
            'dumbbell', 'kettlebell', 'object' => ['massKg' => ['mass_kg', 'What does one piece weigh?']],
            'adjustable-dumbbell' => [
                'handleKg' => ['handle_kg', 'What does the bare handle weigh?'],
                'plates' => ['plates', 'Which plates, as in 4 x 1.25 + 4 x 2.5?'],
            ],
            'tube', 'flat-band', 'long-loop', 'mini-loop' => ['restLengthCm' => ['rest_length_cm', 'How long is it at rest?']],
            'rucksack' => ['maxKg' => ['max_kg', 'How much does it hold, in litres or kilograms?']],
            'chair', 'stool', 'sofa', 'table', 'step' => ['heightCm' => ['height_cm', 'How high is it?']],
            'pole' => ['diameterMm' => ['diameter_mm', 'How thick is it, in millimetres?']],
            default => [],
        };
        $missing = [];
        foreach ($needs as $field => [$measure, $message]) {
            if (! isset($measures[$measure])) {
                $missing[] = ['field' => $field, 'message' => $message];
            }
        }

        return $missing;
    }

    /** The words that say which one it is, without numbers; singular. */
    private function name(string $line, ?string $kind, string $word): string
    {
        $words = trim(
            (string) preg_replace(
                [
                    '/\d+\s*x(?=\s*\d|\s)/iu',
                    '/^\s*(a pair of|pair of|pair|a|an|one|two|three|four|five|six|\d+(?=\s+[a-z]{3}))\s+/iu',
                    '/,(?!\d).*$/u',
                    '/\b(each|long|at rest|high)\b/iu',
                    '/\s+/',
                ],
                ['', '', '', '', ' '],
                str_replace('×', 'x', $line),
            ),
        );
        if ($kind === null) {
            return mb_substr($words, 0, 60);
        }
        if (Thing::isBandKind($kind) || in_array($kind, ['rucksack', 'pole', 'chair', 'stool', 'sofa', 'table', 'step'], true)) {
            $words = trim(
                (string) preg_replace(
                    ['/\d+(?:[.,]\d+)?\s*(kg|g|lbs?|cm|mm|m|inch(es)?|in|ft|l|litres?|ml)\b/iu', '/\s+/'],
                    ['', ' '],
                    $words,
                ),
            );
        }
        $words = $kind === 'adjustable-dumbbell' ? 'adjustable dumbbell' : (preg_match('/[a-z]/i', $words) === 1 ? $words : $word);

        return mb_substr(
            (string) preg_replace(
                '/(dumbbell|kettlebell|bucket|bottle|jug|sack|bag|tin|can|brick|book|pack|chair|stool|tube|band|pole|pannier)s\b/iu',
                '$1',
                $words,
            ),
            0,
            60,
        );
    }

    /** @return list<string> */
    private function leftOver(): array
    {
        $words = preg_split(
            '/[\s,;+()@.]+/',
            trim(
                (string) preg_replace(
                    '/\b(red|blue|green|black|yellow|grey|gray|white|orange|purple|silver|gold|old|new|big|small|large|kitchen'
                        .'|canvas|hiking|school|cast|iron|rubber|garden|clay|flour|ballast|glaze|kiln|tool|ferry|arm|bar)\b/',
                    '',
                    $this->rest,
                ),
            ),
            flags: PREG_SPLIT_NO_EMPTY,
        );

        return array_values(
            array_filter($words === false ? [] : $words, static fn (string $word): bool => ! in_array($word, ShelfWords::FILLER, true)),
        );
    }

    private function take(string $word, string $means): bool
    {
        if (preg_match('/(?<=[ ,(])'.preg_quote($word, '/').'(?=[ ,.;):])/u', $this->rest) !== 1) {
            return false;
        }
        $this->drop($word, $means, wholeWord: true);

        return true;
    }

    private function drop(string $text, string $means, bool $wholeWord = false): void
    {
        $this->understood[] = ['text' => trim($text, ' ,+'), 'means' => $means];
        $pattern = $wholeWord ? '/(?<=[ ,(])'.preg_quote($text, '/').'(?=[ ,.;):])/u' : '/'.preg_quote($text, '/').'/u';
        $this->rest = (string) preg_replace($pattern, ' ', $this->rest, 1);
    }
}
