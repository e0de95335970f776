<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Rung;
use NimbleShelf\Core\Matching\RungWords;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Execution;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Text\Plain;

/**
 * Reads a session as trainers scribble it, a line a block: "goblet squat 3x10 12kg", "A: floor press / row 3x12 rest 60",
 * "circuit 4 rounds 40/20: lunges, press-ups", "ladder 15-12-9-6 swings", "plank as long as clean". A line without an
 * exercise ("8 each side", "3 rounds, last to failure") speaks of the block before it.
 */
final class SessionReader
{
    private const KG_PER_LB = 0.45359237;

    /** A load within this share of what is written is what is written. */
    private const SAME_LOAD = 0.03;

    /** What is done once where nothing else is said. */
    private const ONCE = [BlockKind::Hold, BlockKind::TwoPhase, BlockKind::WarmUp, BlockKind::CoolDown];

    private const FRAME_SECONDS = 30;

    private const HEADS = [
        'circuit' => 'circuit', 'intervals?' => 'intervals', 'ladder' => 'ladder', 'superset' => 'superset', 'section' => 'section',
        'warm[ -]?up' => 'warm-up', 'cool[ -]?down' => 'cool-down',
    ];

    /** What is looked for, in this order, and what it says. */
    private const DOSES = [
        '/(\d+)\s*(?:s|sec|seconds)\s+alternating\s*\+\s*(\d+)\s*(?:s|sec|seconds)\s+(?:both|together)/' => 'phases',
        '/\brest\s+(\d+)\s*(min|m|s|sec|seconds)?\b/' => 'rest',
        '/(\d+(?:[.,]\d+)?)\s*(kg|lbs?|pounds)\b/' => 'kg',
        '/(\d+)\s*x\s*(\d+)\s*(?:s|sec|seconds)\b/' => 'sets and seconds',
        '/(\d+)\s*x\s*(\d+)-(\d+)/' => 'sets and range',
        '/(\d+)\s*x\s*(\d+)/' => 'sets and reps',
        '/\b(\d+)\s*x(?=\s|$)/' => 'sets',
        '/\b(\d+)\s*rounds?\b/' => 'rounds',
        '/\b(\d+)\s*sets?\b/' => 'sets',
        '/\b(\d+)\s*\/\s*(\d+)\b/' => 'work',
        '/\b(\d+(?:-\d+)+)\b/' => 'doses',
        '/\b(?:(\d+)\s*)?(?:reps?\s+)?(?:each|per)\s+(?:side|leg|arm)\b/' => 'each side',
        '/\bas long as (?:it is |it stays )?clean\b/' => 'clean',
        '/\blast (?:set |round )?to failure\b/' => 'lastToFailure',
        '/\bto failure\b/' => 'failure',
        '/\balternating\b/' => 'alternating',
        '/\b(\d+)\s*(?:s|sec|seconds)\b/' => 'seconds',
        '/\b(\d+)\s*(?:reps?|repetitions?)\b/' => 'reps',
    ];

    private ExerciseNames $names;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly ShelfRungs $rungs,
        private readonly OptionFinder $finder,
    ) {
        $this->names = new ExerciseNames($catalogue);
    }

    /** @return list<WrittenBlock> */
    public function read(string $text, Brief $brief): array
    {
        $lines = [];
        foreach (self::parts('/\R/u', $text) as $line) {
            $line = trim($line);
            if ($line === '') {
                continue;
            }
            $read = self::line($line);
            if ($read['exercises'] === [] && $lines !== []) {
                // It speaks of the block before it.
                $before = array_pop($lines);
                $read = [
                    'text' => "{$before['text']}\n{$line}",
                    'kind' => $before['kind'],
                    'exercises' => $before['exercises'],
                    'said' => $read['said'] + $before['said'],
                    'unknown' => array_values([...$before['unknown'], ...$read['unknown']]),
                ];
            }
            $lines[] = $read;
        }
        $blocks = [];
        foreach ($lines as $number => $line) {
            $blocks[] = $this->block($line, $number + 1, $brief);
        }

        return self::numbered($blocks);
    }

    /**
     * @return array{text: string, kind: BlockKind|null, exercises: list<array{string, array<string, int|float|list<int>>}>,
     *     said: array<string, int|float|list<int>>, unknown: list<string>}
     */
    private static function line(string $text): array
    {
        $plain = mb_strtolower(str_replace(['×', '–', '—'], ['x', '-', '-'], $text));
        $kind = null;
        foreach (self::HEADS as $word => $named) {
            if (preg_match("/^\s*{$word}\b/", $plain) === 1) {
                $kind = BlockKind::from($named);
                $plain = (string) preg_replace("/^\s*{$word}\b/", ' ', $plain);

                break;
            }
        }
        if (preg_match('/^\s*[a-z]\s*:/', $plain) === 1) {
            $kind ??= BlockKind::Section;
            $plain = (string) preg_replace('/^\s*[a-z]\s*:/', ' ', $plain);
        }
        // What is said before a colon is said of all; what one part says counts for the others too, unless they say otherwise.
        $colon = strpos($plain, ':');
        [$said, $head] = self::said($colon === false ? '' : substr($plain, 0, $colon));
        $body = $colon === false ? $plain : substr($plain, $colon + 1);
        // "30 s alternating + 30 s both" is one thing said, not two exercises.
        $phases = (string) array_key_first(self::DOSES);
        if (preg_match($phases, $body, $found) === 1) {
            $said += self::value('phases', $found);
            $body = (string) preg_replace($phases, ' ', $body, 1);
        }
        $exercises = $unknown = [];
        foreach ([$head, ...self::split($body)] as $part) {
            [$own, $rest] = self::said($part);
            $said += $own;
            $rest = trim((string) preg_replace('/\s+/', ' ', $rest), " .;:-\t");
            if (preg_match('/[a-z]{3}/', $rest) === 1) {
                $exercises[] = [$rest, $own];
            } elseif ($rest !== '') {
                $unknown[] = $rest;
            }
        }
        $kind ??= match (true) {
            isset($said['phases']) => BlockKind::TwoPhase,
            isset($said['work']) => BlockKind::Intervals,
            isset($said['doses']) => BlockKind::Ladder,
            isset($said['clean']) => BlockKind::Hold,
            default => null,
        };

        return [
            'text' => $text,
            'kind' => $kind === BlockKind::Circuit && isset($said['work']) ? BlockKind::Intervals : $kind,
            'exercises' => $exercises,
            'said' => $said,
            'unknown' => $unknown,
        ];
    }

    /**
     * Numbers and words of a dose, and what is left when they are taken out.
     *
     * @return array{array<string, int|float|list<int>>, string}
     */
    private static function said(string $text): array
    {
        $said = [];
        foreach (self::DOSES as $pattern => $read) {
            if (preg_match($pattern, $text, $found) === 1) {
                $said += self::value($read, $found);
                $text = (string) preg_replace($pattern, ' ', $text, 1);
            }
        }

        return [$said, $text];
    }

    /**
     * @param  array<int|string, string>  $found
     * @return array<string, int|float|list<int>>
     */
    private static function value(string $read, array $found): array
    {
        $whole = static fn (int $place): int => (int) ($found[$place] ?? 0);

        return match ($read) {
            'phases' => ['phases' => [$whole(1), $whole(2)]],
            'rest' => ['rest' => $whole(1) * (str_starts_with($found[2] ?? 's', 'm') ? 60 : 1)],
            'kg' => ['kg' => (float) str_replace(',', '.', $found[1]) * ($found[2] === 'kg' ? 1.0 : self::KG_PER_LB)],
            'sets and seconds' => ['sets' => $whole(1), 'seconds' => $whole(2)],
            'sets and range' => ['sets' => $whole(1), 'reps' => $whole(2), 'most' => $whole(3)],
            'sets and reps' => ['sets' => $whole(1), 'reps' => $whole(2)],
            'work' => ['work' => $whole(1), 'between' => $whole(2)],
            'doses' => ['doses' => array_map(intval(...), explode('-', $found[1]))],
            'each side' => ['perSide' => 1] + (($found[1] ?? '') === '' ? [] : ['reps' => $whole(1)]),
            'clean', 'lastToFailure', 'failure', 'alternating' => [$read => 1],
            default => [$read => $whole(1)],
        };
    }

    /** @return list<string> */
    private static function split(string $text): array
    {
        return self::parts('/[,+]|\/(?!\s*\d)|\band\b/', $text);
    }

    /**
     * @param  array{text: string, kind: BlockKind|null, exercises: list<array{string, array<string, int|float|list<int>>}>,
     *     said: array<string, int|float|list<int>>, unknown: list<string>}  $line
     */
    private function block(array $line, int $number, Brief $brief): WrittenBlock
    {
        $said = $line['said'];
        $unknown = $line['unknown'];
        $why = $brief->whyNotToFailure();
        $ruledOut = $why === null ? [] : ['failure' => 1, 'lastToFailure' => 1];
        if (array_intersect_key($ruledOut, array_merge($said, ...array_column($line['exercises'], 1))) !== []) {
            $unknown[] = "To failure: not here. {$why}";
            $said = array_diff_key($said, $ruledOut);
        }
        $count = count($line['exercises']);
        $kind = self::kindFor($line['kind'], $count, isset($said['rounds']));
        // What one loosening lasts says nothing of the next.
        $isFrame = in_array($kind, [BlockKind::WarmUp, BlockKind::CoolDown], true);
        $slots = [];
        foreach ($line['exercises'] as $i => [$text, $own]) {
            $own = array_diff_key($own, $ruledOut);
            $slots[] = $this->slot($text, "{$number}.".($i + 1), $kind, $isFrame ? $own : self::laidOver($said, $own), $brief);
        }
        $made = array_values(array_filter(array_map(static fn (WrittenSlot $slot): ?Slot => $slot->slot, $slots)));
        $block = null;
        if ($made !== []) {
            try {
                $block = Block::of(
                    self::kindFor($kind, count($made), isset($said['rounds'])),
                    $kind === BlockKind::Straight ? 'Work' : ucfirst($kind->label()),
                    self::rule($kind, $said),
                    $made,
                );
            } catch (InvalidQuantity $refused) {
                $unknown[] = $refused->getMessage();
            }
        }

        return new WrittenBlock($line['text'], $kind, $slots, $block, $unknown);
    }

    /**
     * What one exercise says over what is said of all: a count of its own leaves no room for another's.
     *
     * @param  array<string, int|float|list<int>>  $said
     * @param  array<string, int|float|list<int>>  $own
     * @return array<string, int|float|list<int>>
     */
    private static function laidOver(array $said, array $own): array
    {
        $counts = ['reps' => 0, 'most' => 0, 'seconds' => 0, 'clean' => 0];

        return $own + (array_intersect_key($own, $counts) === [] ? $said : array_diff_key($said, $counts));
    }

    /** @return list<string> */
    private static function parts(string $pattern, string $text): array
    {
        $parts = preg_split($pattern, $text);

        return $parts === false ? [] : $parts;
    }

    /** Two or three done in turn are a superset, more with rounds a circuit; one alone is straight sets. */
    private static function kindFor(?BlockKind $kind, int $count, bool $hasRounds): BlockKind
    {
        [$fewest, $most] = $kind?->slots() ?? [1, 1];

        return match (true) {
            $kind !== null && $count >= $fewest && $count <= $most => $kind,
            $count <= 1 => BlockKind::Straight,
            $count <= 3 => BlockKind::Superset,
            $hasRounds => BlockKind::Circuit,
            default => BlockKind::Straight,
        };
    }

    /**
     * Blocks of one kind are told apart by their number among them; one alone needs none.
     *
     * @param  list<WrittenBlock>  $written
     * @return list<WrittenBlock>
     */
    private static function numbered(array $written): array
    {
        $ofKind = array_count_values(array_map(static fn (WrittenBlock $one): string => $one->kind->value, $written));
        $seen = [];

        return array_map(static function (WrittenBlock $one) use ($ofKind, &$seen): WrittenBlock {
            $kind = $one->kind->value;
            $seen[$kind] = ($seen[$kind] ?? 0) + 1;

            return $one->block === null || $one->kind === BlockKind::Straight || $ofKind[$kind] === 1
                ? $one
                : new WrittenBlock(
                    $one->text,
                    $one->kind,
                    $one->slots,
                    $one->block->withName("{$one->block->name} {$seen[$kind]}"),
                    $one->unknown,
                );
        }, $written);
    }

    /** @param  array<string, int|float|list<int>>  $said */
    private static function rule(BlockKind $kind, array $said): BlockRule
    {
        return BlockRule::fromArray($kind, match ($kind) {
            BlockKind::Intervals => ['work_s' => $said['work'] ?? 40, 'rest_s' => $said['between'] ?? 20, 'rounds' => $said['rounds'] ?? 3],
            BlockKind::Ladder => ['doses' => $said['doses'] ?? []],
            BlockKind::TwoPhase => ['phases' => isset($said['phases']) && is_array($said['phases']) ? [
                ['sides' => Sides::Alternating->value, 'seconds' => $said['phases'][0] ?? 30],
                ['sides' => Sides::Both->value, 'seconds' => $said['phases'][1] ?? 30],
            ] : []],
            BlockKind::Circuit, BlockKind::Section, BlockKind::Superset => array_filter([
                'rounds' => $said['rounds'] ?? null,
                'round_rest_s' => $said['rest'] ?? null,
            ], static fn (mixed $value): bool => $value !== null),
            default => [],
        });
    }

    /** @param  array<string, int|float|list<int>>  $said */
    private function slot(string $text, string $thread, BlockKind $kind, array $said, Brief $brief): WrittenSlot
    {
        $meant = $this->names->meant($text);
        if ($meant === []) {
            return new WrittenSlot($text, null, "Nothing in the catalogue is called \"{$text}\".");
        }
        $kg = is_float($said['kg'] ?? null) ? $said['kg'] : null;
        $kit = ExerciseNames::kitIn($text);
        foreach ($meant as $exercise) {
            $rung = $this->rung($exercise, $kg, $kit, $brief);
            if ($rung !== null) {
                $isAsWritten = $kg === null || abs($rung->setting->massKg / $kg - 1) <= self::SAME_LOAD;

                return new WrittenSlot(
                    $text,
                    $this->made($exercise, $rung, $thread, $kind, $said, $brief),
                    $isAsWritten ? null : sprintf('There is no %s kg for it; nearest: %s.', Plain::number($kg), $rung->words),
                );
            }
        }
        $exercise = $meant[0];
        $against = Cautions::against($exercise, $brief->situation);
        $reasons = $this->rungs->leftOut($exercise, $brief->situation);
        // What the room forbids, no other thing would mend.
        usort($reasons, static fn (string $one, string $two): int => str_starts_with($two, 'Ceiling') <=> str_starts_with($one, 'Ceiling'));
        $why = $against[0] ?? $reasons[0] ?? RungWords::missing($exercise);

        return new WrittenSlot($text, null, "{$exercise->name}: {$why}", $this->instead($exercise, $brief));
    }

    private function rung(Exercise $exercise, ?float $kg, ?string $kit, Brief $brief): ?Rung
    {
        $there = array_filter(
            $this->rungs->usable($exercise, $brief->situation),
            static fn (array $usable): bool => match ($kit) {
                null => true,
                'band' => $usable['rung']->setting->band !== null,
                default => str_contains($usable['rung']->setting->implement, $kit),
            },
        );
        // Who means one arm of a lift for two says so.
        $both = array_filter($there, static fn (array $usable): bool => $usable['rung']->setting->limbs !== 1);
        $there = $both === [] ? $there : $both;
        // Without a load in words the one that meets the goal is meant.
        $meant = $kg === null ? $this->finder->pinned(new Pin($brief->days[0]->weekday, $exercise->id), $brief)?->wholeKg : null;
        $best = null;
        $least = INF;
        foreach ($there as ['rung' => $rung, 'wholeKg' => $wholeKg]) {
            $off = $kg === null ? abs($wholeKg - ($meant ?? 0.0)) : abs($rung->setting->massKg - $kg);
            if ($off < $least) {
                [$best, $least] = [$rung, $off];
            }
        }

        return $best;
    }

    private function instead(Exercise $exercise, Brief $brief): ?PlanOption
    {
        return $this->finder->among(static fn (Exercise $other): bool => $other->pattern === $exercise->pattern, $brief)[0] ?? null;
    }

    /** @param  array<string, int|float|list<int>>  $said */
    private function made(Exercise $exercise, Rung $rung, string $thread, BlockKind $kind, array $said, Brief $brief): Slot
    {
        $usual = $exercise->isOneSidedIn($rung->setting) ? Sides::Each : Execution::usualFor($exercise)->sides;
        $sides = isset($said['alternating']) ? Sides::Alternating : $usual;
        $perSide = isset($said['perSide']) || $sides === Sides::Each;
        $number = static fn (string $key): ?int => is_int($said[$key] ?? null) ? $said[$key] : null;
        $phases = is_array($said['phases'] ?? null) ? array_sum($said['phases']) : null;
        $dose = match (true) {
            $kind === BlockKind::TwoPhase => Dose::seconds($phases ?? 60),
            $kind === BlockKind::Intervals => Dose::seconds($number('work') ?? 40, $perSide),
            isset($said['clean']) => Dose::asLongAsClean(perSide: $perSide),
            $kind === BlockKind::Ladder && is_array($said['doses'] ?? null) => Dose::repetitions(
                $said['doses'][0] ?? 10,
                perSide: $perSide,
            ),
            in_array($kind, [BlockKind::WarmUp, BlockKind::CoolDown], true) && $number('reps') === null => Dose::seconds(
                $number('seconds') ?? self::FRAME_SECONDS,
                $perSide,
            ),
            $number('seconds') !== null || ($exercise->isHold && $number('reps') === null) => Dose::seconds(
                $number('seconds') ?? $brief->experience->holdSeconds(),
                $perSide,
            ),
            default => Dose::repetitions(
                $number('reps') ?? max($brief->goal->repetitions()[0], min($brief->goal->repetitions()[1], 10)),
                $number('most'),
                $perSide,
            ),
        };

        return new Slot($thread, $exercise, Assignment::of(
            exercise: $exercise->id,
            setting: $rung->setting,
            sets: $number('sets') ?? $number('rounds') ?? (in_array($kind, self::ONCE, true) ? 1 : 3),
            dose: $dose,
            reserve: isset($said['failure']) ? 0 : $brief->mostReserve(),
            restSeconds: $number('rest') ?? $brief->restSeconds($exercise->effort->isCompound()),
            sides: $sides,
            words: $rung->words,
            lastToFailure: isset($said['lastToFailure']),
        ), $rung->things);
    }
}
