<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf\Internal;

use NimbleShelf\Core\Kit\PoleMaterial;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Shelf\HouseholdMass;

/**
 * What a line says of a thing of one kind, and what has to be assumed of it.
 *
 * @internal
 */
final readonly class LineMeasures
{
    public function __construct(private LineReading $line)
    {
    }

    /**
     * @param  list<float>  $values
     * @return array<string, float>
     */
    public function first(string $measure, array $values): array
    {
        return $values === [] ? [] : [$measure => $values[0]];
    }

    /**
     * @param  list<float>  $masses
     * @param  list<float>  $volumes
     * @return array<string, mixed>
     */
    public function object(string $word, array $masses, array $volumes): array
    {
        $measures = ['grip' => 'none', 'sealed' => ! in_array($word, ShelfWords::OPEN, true)];
        foreach (ShelfWords::GRIPS as $grip => $words) {
            if (in_array($word, $words, true)) {
                $measures['grip'] = $grip;
            }
        }
        if ($this->line->take('sealed', 'sealed') || $this->line->take('lid', 'sealed')) {
            $measures['sealed'] = true;
        }
        if ($this->line->take('open', 'not sealed')) {
            $measures['sealed'] = false;
        }
        if ($this->line->take('glass', 'glass') || in_array($word, ShelfWords::OF_GLASS, true) && ! $this->line->says('plastic')) {
            $measures['glass'] = true;
        }
        // A tin of paint, a pack of six; a petrol can is only filled.
        $isSoldByNetMass = in_array($word, ShelfWords::PACKS, true) && (preg_match('/^cans?$/', $word) !== 1 || $this->line->isOf($word));
        if (in_array($word, ShelfWords::PANS, true)) {
            $measures['sealed'] = false;
            $this->line->assumed[] = 'A loose pan turns in the hand and what is in it falls: it serves nothing that is held.';
        } elseif ($measures['grip'] === 'none') {
            $this->line->assumed[] = 'Nothing says how it is held: taken as nothing secure, until that is said.';
        }
        $contents = null;
        foreach (ShelfWords::CONTENTS as $name => $known) {
            if ($this->line->take($name, sprintf('%s, %s kg per litre', $known->label(), SettingInWords::kg($known->kgPerL())))) {
                $contents = $known;
                break;
            }
        }
        if ($masses !== [] && ($contents !== null || $isSoldByNetMass)) {
            $mass = HouseholdMass::ofPack($masses[0]);
            $this->line->assumed[] = $mass->sum.', until it is weighed.';

            return $measures + ['mass_kg' => round($mass->massKg, 3), 'certainty' => $mass->certainty->value];
        }
        if ($masses !== []) {
            return $measures + ['mass_kg' => $masses[0], 'certainty' => 'labelled'];
        }
        if ($volumes !== [] && $contents !== null) {
            $vesselKg = round(ShelfWords::VESSEL_KG_PER_L * $volumes[0], 2);
            $this->line->assumed[] = sprintf('The empty vessel counts %s kg, our estimate.', SettingInWords::kg($vesselKg));
            $mass = HouseholdMass::ofContents($contents, $volumes[0], $vesselKg);
            $this->line->assumed[] = $mass->sum.'.';

            return $measures + ['mass_kg' => round($mass->massKg, 2), 'certainty' => $mass->certainty->value];
        }

        return $measures;
    }

    /**
     * @param  list<float>  $masses
     * @param  list<float>  $volumes
     * @return array<string, float>
     */
    public function rucksack(array $masses, array $volumes, bool $isWeighedEmpty): array
    {
        $measures = $masses === [] ? [] : ['max_kg' => max($masses)];
        if (count($masses) > 1) {
            $measures['tare_kg'] = min($masses);
        }
        if ($masses === [] && $volumes !== []) {
            $measures['max_kg'] = round(ShelfWords::PACK_KG_PER_L * $volumes[0], 1);
            $this->line->assumed[] = sprintf(
                '%s L carry about %s kg, our estimate; check the straps.',
                SettingInWords::kg($volumes[0]),
                SettingInWords::kg($measures['max_kg']),
            );
        }
        if (! isset($measures['tare_kg']) && ! $isWeighedEmpty) {
            $measures['tare_kg'] = 0.9;
            $this->line->assumed[] = 'It weighs 0.9 kg empty, our estimate until it is weighed.';
        }

        return $measures;
    }

    /** @return array<string, mixed> */
    public function rubber(): array
    {
        foreach (ShelfWords::RUBBER as $word => $newtons) {
            if ($this->line->take($word, 'how strong, until it is tested')) {
                $this->line->assumed[] = 'Its pull is a guess, a third either way, until the Bench has tested it.';

                return ['a_n' => $newtons, 'b_n' => $newtons, 'source' => 'unknown'];
            }
        }
        $this->line->assumed[] = 'Nothing says how strong it is: taken as medium, a third either way, until the Bench has tested it.';

        return ['a_n' => ShelfWords::RUBBER['medium'], 'b_n' => ShelfWords::RUBBER['medium'], 'source' => 'unknown'];
    }

    /** @return array<string, string> */
    public function material(): array
    {
        foreach (ShelfWords::MATERIALS as $word => $material) {
            if ($this->line->take($word, str_replace('-', ' ', $material->value))) {
                return ['material' => $material->value];
            }
        }
        $this->line->assumed[] = 'Nothing says what it is made of: taken as softwood, the weakest.';

        return ['material' => PoleMaterial::Softwood->value];
    }

    /** @return array<string, bool> */
    public function flags(): array
    {
        $flags = [];
        foreach ([
            'castors' => ['castors', 'wheels', 'rolling'],
            'folding' => ['folding', 'foldable'],
            'glass' => ['glass'],
        ] as $flag => $words) {
            foreach ($words as $word) {
                if ($this->line->take($word, $flag === 'glass' ? 'glass: not to lean on' : "{$flag}: not to lean on")) {
                    $flags[$flag] = true;
                }
            }
        }

        return $flags;
    }
}
