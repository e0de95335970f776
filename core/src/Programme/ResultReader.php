<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Reading\NameBook;
use NimbleShelf\Core\Strength\FitnessTest;
use NimbleShelf\Core\Text\BodyMeasures;
use NimbleShelf\Core\Text\NumberWords;

/**
 * Reads what somebody can do as a trainer says it: "rows 12 kg for ten", "eight push-ups", "plank 40 s", "14 chair stands in
 * 30 s", "floor press 2 x 8 with 10 kg, 2 left".
 */
final class ResultReader
{
    /** A load within this share of what was said is what was said. */
    private const SAME_LOAD = 0.03;

    /** Said beside a number, and not what is done. */
    private const FILLERS = '/\b(?:(?:each|per|one|both)\s+(?:hands?|arms?|sides?|legs?)|hands?|each|for|at|with|about|can|do|does|did'
        .'|manages?|in|of|reps?|repetitions?|times|a|the|her|his|their|x)\b/';

    /** Half a minute of these has norms of its own. */
    private const CLOCKED = [
        'chair stand' => FitnessTest::ChairStand, 'chair rise' => FitnessTest::ChairStand, 'sit to stand' => FitnessTest::ChairStand,
        'rise' => FitnessTest::ChairStand, 'arm curl' => FitnessTest::ArmCurl, 'biceps curl' => FitnessTest::ArmCurl,
        'curl' => FitnessTest::ArmCurl,
    ];

    /** What a load may be of where the shelf has none of that mass. */
    private const HELD = ['dumbbell', 'kettlebell', 'rucksack', 'object'];

    private NameBook $names;

    public function __construct(private readonly Catalogue $catalogue, private readonly ShelfRungs $rungs)
    {
        $this->names = new NameBook($catalogue);
    }

    /** @throws InvalidQuantity On `line`, saying what is missing or not known. */
    public function read(string $line, Situation $situation): ToldResult
    {
        $text = ' '.self::inDigits(mb_strtolower(str_replace(['×', '–', '’'], ['x', '-', ''], $line))).' ';
        $take = static function (string $pattern) use (&$text): ?array {
            if (preg_match($pattern, $text, $found) !== 1) {
                return null;
            }
            $text = (string) preg_replace($pattern, ' ', $text, 1);

            return $found;
        };
        $mass = $take('/(\d+(?:[.,]\d+)?)\s*(kgs?|kilos?|kilograms?|lbs?|pounds)\b/');
        $kg = $mass === null
            ? null
            : (float) str_replace(',', '.', $mass[1]) * (str_starts_with($mass[2], 'k') ? 1.0 : BodyMeasures::KG_PER_POUND);
        $isClocked = $take('/\bin\s+(?:30\s*(?:s|sec|seconds)|half a minute)\b/') !== null;
        $left = $take('/(\d+)\s*(?:left|in reserve|rir|more)\b/');
        $isAll = $take('/\b(?:to failure|all out|at most|max(?:imum)?|no more)\b/') !== null;
        $minutes = $take('/(\d+)\s*(?:min|minutes?)\b/');
        $seconds = $take('/(\d+)\s*(?:s|secs?|seconds)\b/');
        $sets = $take('/(\d+)\s*x\s*(\d+)/');
        $reps = $sets === null ? $take('/(?:\bfor\s+|\bx\s*)(\d+)\b/') ?? $take('/(?<![\d.])(\d+)(?![\d.])/') : [$sets[0], $sets[2]];
        $isOneArm = preg_match('/\b(?:one|1|single)[ -](?:arm|hand)/', ' '.mb_strtolower($line).' ') === 1;
        $name = trim((string) preg_replace(
            ['/\b(?:one|1|single)[ -](?:arm|hand)\w*/', self::FILLERS, '/[^a-z -]+/', '/\s+/'],
            ['', ' ', ' ', ' '],
            $text,
        ));

        $test = $isClocked ? $this->clocked($name) : null;
        $exercise = $test === null
            ? ($this->names->meant($isOneArm ? "one arm {$name}" : $name)->exercise() ?? $this->names->meant($name)->exercise())
            : $this->catalogue->exercise($test->exercise());
        if ($exercise === null || $name === '') {
            throw self::refused($name === ''
                ? 'What was done? "Rows 12 kg for ten", "eight push-ups".'
                : "Nothing in the catalogue is called \"{$name}\".");
        }
        $isTimed = $exercise->isHold;
        $count = match (true) {
            ! $isTimed && $reps !== null => (int) $reps[1],
            ! $isTimed => throw self::refused("How many repetitions of {$exercise->nameInASentence()}?"),
            $seconds !== null || $minutes !== null => (int) ($seconds[1] ?? 0) + 60 * (int) ($minutes[1] ?? 0),
            default => throw self::refused("{$exercise->name} is held: for how many seconds?"),
        };
        if ($count > ($isTimed ? 3600 : 300)) {
            throw self::refused($isTimed ? 'That is more than an hour.' : 'That is more than 300 repetitions.');
        }
        if (! $this->catalogue->pattern($exercise->pattern)->isMeasured()) {
            throw self::refused("{$exercise->name} is not measured in kilograms: nothing else would follow from it.");
        }
        [$setting, $words] = $test?->needsMass() === true
            ? [
                $test->setting($kg ?? throw self::refused('With how many kilograms in the hand?')),
                SettingInWords::kg($kg).' kg in one hand',
            ]
            : $this->setting($exercise, $kg, $situation);

        return new ToldResult($exercise, $test, $setting, $words, $count, $isTimed, match (true) {
            $test?->isClocked() === true => null,
            $left !== null => min(10, (int) $left[1]),
            // "Eight push-ups" is as many as there are; a load that is lifted ten times is lifted ten times at least.
            $isAll || $setting->massKg <= 0 => 0,
            default => null,
        });
    }

    private function clocked(string $name): ?FitnessTest
    {
        $plain = rtrim(str_replace('-', ' ', $name), 's');
        foreach (self::CLOCKED as $said => $test) {
            if (str_contains($plain, $said)) {
                return $test;
            }
        }

        return null;
    }

    /** @return array{Setting, string} */
    private function setting(Exercise $exercise, ?float $kg, Situation $situation): array
    {
        if ($kg === null) {
            return $exercise->usesBodyWeight
                ? [Setting::bodyWeight(), 'body weight alone']
                : throw self::refused("{$exercise->name}: with how many kilograms?");
        }
        $nearest = null;
        foreach ($this->rungs->usable($exercise, $situation) as ['rung' => $rung]) {
            $isThat = abs($rung->setting->massKg / $kg - 1) <= self::SAME_LOAD;
            // Who means one arm of a lift for two says so.
            if ($isThat && ($nearest === null || ($nearest->setting->limbs === 1 && $rung->setting->limbs !== 1))) {
                $nearest = $rung;
            }
        }
        if ($nearest !== null) {
            return [$nearest->setting, $nearest->words];
        }
        foreach (self::HELD as $implement) {
            $point = $exercise->loadPointFor($implement);
            if ($point !== null) {
                $setting = Setting::of($implement, $kg, perHand: $point->isPerHand());

                return [$setting, SettingInWords::of($exercise, $setting)];
            }
        }

        throw self::refused("{$exercise->name} is not done with a weight.");
    }

    private static function inDigits(string $text): string
    {
        return (string) preg_replace_callback(
            '/\b(?:a\s+)?('.implode('|', array_keys(NumberWords::ALL)).')\b(?![ -](?:arm|hand|leg|side))/',
            static fn (array $found): string => (string) NumberWords::ALL[$found[1]],
            $text,
        );
    }

    private static function refused(string $message): InvalidQuantity
    {
        return InvalidQuantity::because('line', $message);
    }
}
