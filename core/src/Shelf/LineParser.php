<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

use NimbleShelf\Core\Kit\Contents;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Shelf\Internal\LineMeasures;
use NimbleShelf\Core\Shelf\Internal\LineNumbers;
use NimbleShelf\Core\Shelf\Internal\LineReading;
use NimbleShelf\Core\Shelf\Internal\ShelfWords;

/**
 * Reads a line in plain words, such as "2 x 6 kg dumbbells" or "12 L bucket of sand", as a thing for a shelf.
 *
 * Every piece of the line is either understood, with what it was taken for, or handed back; nothing is dropped.
 */
final class LineParser
{
    /** Kinds of which a number without a unit is kilograms, centimetres or millimetres. */
    private const BARE_KG = ['dumbbell', 'kettlebell', 'vest', 'ankle-weight', 'barbell'];

    private const BARE_CM = ['chair', 'stool', 'sofa', 'table', 'step'];

    private readonly LineReading $line;

    private readonly LineNumbers $numbers;

    private readonly LineMeasures $measures;

    private function __construct(string $line)
    {
        $this->line = new LineReading($line);
        $this->numbers = new LineNumbers($this->line);
        $this->measures = new LineMeasures($this->line);
    }

    public static function parse(string $line): ParsedLine
    {
        return (new self($line))->read($line);
    }

    private function read(string $line): ParsedLine
    {
        $reading = $this->line;
        [$kind, $word, $count, $measures, $dial] = $this->whatAndHowMany();
        if ($kind === 'rucksack') {
            $measures += $this->numbers->emptyKg();
        }
        $masses = $reading->quantities(ShelfWords::KG, static fn (float $kg): string => SettingInWords::kg($kg).' kg');
        if (str_contains($reading->rest, ' gallon')) {
            $reading->assumed[] = sprintf('A gallon is taken as %s L, the smaller one in use.', SettingInWords::kg(ShelfWords::GALLON));
        }
        $volumes = $reading->quantities(ShelfWords::LITRES, static fn (float $litres): string => SettingInWords::kg($litres).' L');
        $isBand = Thing::isBandKind($kind ?? '');
        $measures += match (true) {
            $isBand => $this->numbers->handleCm(),
            $kind === 'pole' => $this->numbers->diameterMm(),
            default => [],
        };
        $lengths = $reading->quantities(ShelfWords::CM, static fn (float $cm): string => SettingInWords::kg($cm).' cm');
        if ($kind === null && $this->contents() !== null) {
            $kind = 'object';
        }
        $isWeight = $kind === null || in_array($kind, self::BARE_KG, true) || in_array($word, ShelfWords::BARE_KG_OBJECTS, true);
        if ($masses === [] && $isWeight) {
            $masses = $reading->bare('kg', 'kilograms');
        }
        if ($lengths === [] && in_array($kind, self::BARE_CM, true)) {
            $lengths = $reading->bare('cm', 'centimetres');
        }
        if ($kind === 'pole' && $lengths === [] && ! isset($measures['diameter_mm'])) {
            $measures += $this->measures->first('diameter_mm', $reading->bare('mm', 'millimetres'));
        }
        $measures += match ($kind) {
            null, 'dumbbell', 'kettlebell', 'vest', 'ankle-weight' => $this->measures->first('mass_kg', $masses),
            'barbell' => $this->measures->first('handle_kg', $masses),
            'object' => $this->measures->object($word, $masses, $volumes),
            'rucksack' => $this->measures->rucksack($masses, $volumes, isset($measures['tare_kg'])),
            'pole' => $this->measures->first('length_cm', $lengths) + $this->measures->material(),
            'chair', 'stool', 'sofa', 'table', 'step' => $this->measures->first('height_cm', $lengths)
                + $this->measures->first('mass_kg', $masses)
                + $this->measures->flags(),
            default => $isBand ? $this->measures->first('rest_length_cm', $lengths) + $this->measures->rubber() : [],
        };
        $living = $kind === null ? $this->living() : null;
        $damage = $reading->damage();

        return new ParsedLine(
            $kind,
            $this->name($line, $kind, $word),
            $this->numbers->isCounted ? $count : $this->unsaidCount($isBand, $word, $count),
            $measures,
            $reading->understood,
            $reading->leftOver($kind !== null),
            $living === null ? $this->missing($kind, $measures, $dial) : [],
            $reading->assumed,
            $living === null ? null : "A {$living} is no weight: who lives moves as they like, and can be hurt. It is not put on a shelf.",
            $damage,
        );
    }

    /** @return array{string|null, string, int, array<string, mixed>, array{from_kg?: float, to_kg?: float, step_kg?: float}|null} */
    private function whatAndHowMany(): array
    {
        if ($this->line->longestOf(ShelfWords::KINDS['barbell']) !== null) {
            // Its own plates are read before they are taken for a number of bars.
            [$kind, $word] = $this->kindOf();
            $plates = $this->numbers->plates();

            return [$kind, $word, $this->numbers->count(), $plates, null];
        }
        $dial = null;
        $measures = [];
        $handles = null;
        if ($this->saysLoadChanges()) {
            $handles = $this->numbers->handles();
            $dial = $this->numbers->dial();
            $measures = $this->numbers->plates();
        }
        $count = $handles ?? $this->numbers->count();
        [$kind, $word] = $this->kindOf();
        if ($kind === 'adjustable-dumbbell' && isset($dial['step_kg'])) {
            $measures['dial'] = $dial;
        }

        return [$kind, $word, $count, $measures, $dial];
    }

    /** How many there are where no number says so. */
    private function unsaidCount(bool $isBand, string $word, int $count): int
    {
        $strengths = array_filter(
            array_keys(ShelfWords::RUBBER),
            fn (string $strength): bool => str_contains($this->line->line, " {$strength} "),
        );
        if ($isBand && count($strengths) > 1) {
            $this->line->assumed[] = 'Several strengths in one line: all are taken as the first. '
                .'Enter each by itself, so that every load is right.';

            return count($strengths);
        }
        if (in_array($word, ShelfWords::IN_PAIRS, true)) {
            $this->line->assumed[] = 'Taken as a pair.';

            return 2;
        }

        return $count;
    }

    /** @return array{string|null, string} Kind, and the word that said so. */
    private function kindOf(): array
    {
        foreach (ShelfWords::WITHOUT_RULES as $words) {
            if ($this->line->says($words)) {
                return [null, ''];
            }
        }
        foreach (ShelfWords::KINDS as $kind => $words) {
            $word = $kind === 'object' ? $this->line->firstOf($words) : $this->line->longestOf($words);
            if ($word === null) {
                continue;
            }
            $changes = $kind === 'dumbbell' && $this->saysLoadChanges();
            $kind = match (true) {
                $changes => 'adjustable-dumbbell',
                $kind === 'flat-band' && ($this->line->says('handles') || $this->line->says('handle')) => 'tube',
                default => $kind,
            };
            $this->line->take($word, $kind === 'object' ? 'an object' : str_replace('-', ' ', $kind));
            if ($changes) {
                $this->line->drops(ShelfWords::CHANGES_LOAD);
            }

            return [$kind, $word];
        }
        foreach (ShelfWords::KINDS_OTHERWISE as $kind => $words) {
            $word = $this->line->longestOf($words);
            if ($word !== null) {
                $this->line->take($word, str_replace('-', ' ', $kind));

                return [$kind, $word];
            }
        }

        return [null, ''];
    }

    private function saysLoadChanges(): bool
    {
        foreach (ShelfWords::CHANGES_LOAD as $word) {
            if ($this->line->says($word) && ($this->line->longestOf(ShelfWords::KINDS['dumbbell']) !== null || $word === 'adjustable')) {
                return true;
            }
        }

        return false;
    }

    /** Who is meant, where a line speaks of somebody or of an animal and of no thing. */
    private function living(): ?string
    {
        foreach (ShelfWords::LIVING as $word) {
            if ($this->line->says($word)) {
                return $word;
            }
        }

        return null;
    }

    private function contents(): ?Contents
    {
        foreach (ShelfWords::CONTENTS as $name => $contents) {
            if ($this->line->says($name)) {
                return $contents;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $measures
     * @param  array{from_kg?: float, to_kg?: float, step_kg?: float}|null  $dial
     * @return list<array{field: string, message: string}> One thing at a time, the first first.
     */
    private function missing(?string $kind, array $measures, ?array $dial): array
    {
        $changes = $dial !== null
            ? 'In which steps from what to what, as in 2-24 kg in steps of 2?'
            : 'What makes its load: a handle and plates, as in handle 2 kg, 4 x 1.25 + 4 x 2.5; or a dial, as in 2-24 kg in steps of 2?';
        $needs = match ($kind) {
            null => ['kind' => ['', 'What is it? No word here names a thing for a shelf, and until it is known it serves nothing.']],
            'dumbbell', 'kettlebell', 'object', 'vest', 'ankle-weight' => ['massKg' => ['mass_kg', 'What does one piece weigh?']],
            'adjustable-dumbbell' => isset($measures['dial']) ? [] : [
                'plates' => ['plates', $changes],
                ...isset($measures['plates']) ? ['handleKg' => ['handle_kg', 'What does the bare handle weigh?']] : [],
            ],
            'barbell' => ['handleKg' => ['handle_kg', 'What does the bare bar weigh?']],
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
                    '/\s+x\s?\d{1,2}\s*$/iu',
                    '/^\s*(a pair of|pair of|pair|a|an|one|two|three|four|five|six|\d+(?=\s+[a-z]{3}))\s+/iu',
                    '/,(?!\d).*$/u',
                    '/\b(each|long|at rest|high)\b/iu',
                    '/\s+/',
                ],
                ['', '', '', '', '', ' '],
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
}
