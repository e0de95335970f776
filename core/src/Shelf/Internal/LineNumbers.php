<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf\Internal;

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\SettingInWords;

/**
 * Numbers of a line that mean more than a quantity: how many, which plates, from where to where a dial goes.
 *
 * @internal
 */
final class LineNumbers
{
    /** True where the line said how many there are. */
    public bool $isCounted = false;

    public function __construct(private readonly LineReading $line)
    {
    }

    /**
     * "2-24 kg in steps of 2": from where to where a load can be set.
     *
     * @return array{from_kg?: float, to_kg?: float, step_kg?: float}|null
     */
    public function dial(): ?array
    {
        $dial = [];
        $number = '(\d+(?:\.\d+)?)';
        if (preg_match("/ (?:from )?{$number} ?(?:kg|lbs?)? ?(?:-|to|up to) ?{$number} ?(kg|lbs?)? /", $this->line->rest, $found) === 1) {
            $unit = ShelfWords::KG[$found[3] ?? 'kg'];
            $dial = ['from_kg' => round((float) $found[1] * $unit, 3), 'to_kg' => round((float) $found[2] * $unit, 3)];
            $this->line->drop(
                $found[0],
                sprintf('set from %s to %s kg', SettingInWords::kg($dial['from_kg']), SettingInWords::kg($dial['to_kg'])),
            );
            $this->line->rest = ' '.ltrim($this->line->rest);
        } elseif (preg_match("/ up to {$number} ?(kg|lbs?)/", $this->line->rest, $found) === 1) {
            $dial = ['to_kg' => round((float) $found[1] * ShelfWords::KG[$found[2]], 3)];
            $this->line->drop($found[0], sprintf('up to %s kg', SettingInWords::kg($dial['to_kg'])));
        }
        if (preg_match("/ (?:in )?steps? of {$number} ?(kg|lbs?)?/", $this->line->rest, $found) === 1
            || preg_match("/ (?:in )?{$number} ?(kg|lbs?)? (?:steps?|increments)/", $this->line->rest, $found) === 1) {
            $dial['step_kg'] = round((float) $found[1] * ShelfWords::KG[$found[2] ?? 'kg'], 3);
            $this->line->drop($found[0], sprintf('in steps of %s kg', SettingInWords::kg($dial['step_kg'])));
        }

        return $dial === [] ? null : $dial;
    }

    /**
     * "4 x 1.25 + 4 x 2.5, bar 2 kg" as plates and handle.
     *
     * @return array<string, mixed>
     */
    public function plates(): array
    {
        $measures = [];
        if (preg_match('/ (?:bars?|handles?) (?:of )?(\d+(?:\.\d+)?) ?(kg|lbs|lb)(?=[ ,])/', $this->line->rest, $found) === 1
            || preg_match('/ (\d+(?:\.\d+)?) ?(kg|lbs|lb) (?:bars?|handles?)(?=[ ,])/', $this->line->rest, $found) === 1) {
            $measures['handle_kg'] = round((float) $found[1] * ShelfWords::KG[$found[2]], 3);
            $this->line->drop($found[0], 'handle of '.SettingInWords::kg($measures['handle_kg']).' kg');
        }
        $plates = [];
        // "2 x 10 kg" alone says how many there are of it, not what goes on.
        $isOfPlates = $measures !== []
            || str_contains($this->line->rest, 'plate')
            || $this->line->longestOf(ShelfWords::KINDS['dumbbell']) === null
            || preg_match_all('/\d ?x ?\d/', $this->line->rest) > 1;
        $pattern = '/(?<=[ +])(\d+) ?x ?(\d+(?:\.\d+)?) ?(kg|lbs|lb)?(?=[ ,+;])/';
        while ($isOfPlates && preg_match($pattern, $this->line->rest, $found) === 1) {
            $massKg = round((float) $found[2] * ShelfWords::KG[$found[3] ?? 'kg'], 3);
            $plates[] = ['mass_kg' => $massKg, 'count' => (int) $found[1]];
            $this->line->drop($found[0], "{$found[1]} plates of ".SettingInWords::kg($massKg).' kg');
        }

        return $measures + ($plates === [] ? [] : ['plates' => $plates]);
    }

    /** "2 handles": of how many the plates are, where that is said. */
    public function handles(): ?int
    {
        if (preg_match('/ (\d{1,2})(?= (?:bars|handles)[ ,.)])/', $this->line->rest, $found) !== 1) {
            return null;
        }
        $this->line->drop($found[0], "{$found[1]} handles");
        $this->isCounted = true;

        return max(1, (int) $found[1]);
    }

    public function count(): int
    {
        $units = implode('|', array_map(
            static fn (string $unit): string => preg_quote($unit, '/'),
            array_keys(ShelfWords::KG + ShelfWords::CM + ShelfWords::LITRES),
        ));
        // "one gallon", "two litre bottle": a number of units, not of things.
        $this->line->rest = (string) preg_replace_callback(
            '/(?<= )('.implode('|', array_keys(ShelfWords::NUMBERS)).")(?= (?:{$units})[ ,.)])/",
            static fn (array $found): string => (string) ShelfWords::NUMBERS[$found[1]],
            $this->line->rest,
        );
        foreach ([
            '/ (\d{1,2}) ?x /',
            '/(?<!\d) x ?(\d{1,2})(?=[ ,)])/',
            '/, (\d{1,2})(?=,)/',
            '/ set of (\d{1,2})(?=[ ,.)])/',
            "/^ (\d{1,2})(?= (?!(?:{$units})[ ,.)])[a-z])/",
            "/[ ,(](\d{1,2}) (?:pieces|of them|pcs)(?=[ ,.)])/",
            "/ (\d{1,2})(?= (?!(?:{$units}|x|handle|in)[ ,.)])[a-z]+s?[ ,.)])/",
        ] as $pattern) {
            if (preg_match($pattern, $this->line->rest, $found) === 1) {
                $this->line->drop($found[0], $found[1] === '1' ? 'one piece' : "{$found[1]} pieces");
                $this->isCounted = true;

                return max(1, (int) $found[1]);
            }
        }
        foreach (ShelfWords::COUNTS as $word => $count) {
            if ($this->line->take($word, $count === 1 ? 'one piece' : "{$count} pieces")) {
                $this->isCounted = true;

                return $count;
            }
        }

        return 1;
    }

    /** @return array<string, float> What a bag weighs by itself, where the line says so. */
    public function emptyKg(): array
    {
        if (preg_match('/ empty (\d+(?:\.\d+)?) ?(kg|lbs|lb|g)(?=[ ,])/', $this->line->rest, $found) === 1
            || preg_match('/ (\d+(?:\.\d+)?) ?(kg|lbs|lb|g) empty(?=[ ,])/', $this->line->rest, $found) === 1) {
            $kg = round((float) $found[1] * ShelfWords::KG[$found[2]], 3);
            $this->line->drop($found[0], SettingInWords::kg($kg).' kg empty');

            return ['tare_kg' => $kg];
        }

        return [];
    }

    /** @return array<string, float> How long each handle and its strap are, where the line says so. */
    public function handleCm(): array
    {
        $units = implode('|', array_map(static fn (string $name): string => preg_quote($name, '/'), array_keys(ShelfWords::CM)));
        if (preg_match("/ handles? (?:of )?(\\d+(?:\\.\\d+)?) ?({$units})(?=[ ,.;)])/", $this->line->rest, $found) === 1
            || preg_match("/ (\\d+(?:\\.\\d+)?) ?({$units}) handles?(?=[ ,.;)])/", $this->line->rest, $found) === 1) {
            $cm = round((float) $found[1] * ShelfWords::CM[$found[2]], 1);
            if ($cm > Thing::HANDLE_CM[1]) {
                return [];
            }
            $this->line->drop($found[0], 'each handle '.SettingInWords::kg($cm).' cm, which does not stretch');

            return ['handle_cm' => $cm];
        }

        return [];
    }

    /** @return array<string, float> */
    public function diameterMm(): array
    {
        // Thickness is said in millimetres, or called so.
        if (preg_match('/ (\d+(?:\.\d+)?) ?(mm|cm|inch|in) (?:thick|diameter|across) /', $this->line->rest, $found) === 1
            || preg_match('/ ø? ?(\d+(?:\.\d+)?) ?(mm)(?=[ ,])/u', $this->line->rest, $found) === 1) {
            $mm = round((float) $found[1] * ShelfWords::CM[$found[2]] * 10, 1);
            $this->line->drop($found[0], SettingInWords::kg($mm).' mm thick');

            return ['diameter_mm' => $mm];
        }

        return [];
    }
}
