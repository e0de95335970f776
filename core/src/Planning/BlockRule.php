<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Text\Plain;

/**
 * The numbers of a block's kind: rounds, work and rest by the clock, doses of a ladder, phases, picks of a menu.
 *
 * What a kind does not use is null; what it uses and the rule leaves open comes from the slots.
 */
final readonly class BlockRule
{
    private const KEYS = ['rounds', 'work_s', 'rest_s', 'round_rest_s', 'doses', 'phases', 'pick', 'needs'];

    /**
     * @param  list<int>  $doses  Of a ladder, one a round; empty for the others.
     * @param  list<Phase>  $phases  Of a two-phase set; empty for half alternating, half together.
     * @param  list<string>  $needs  What the picks of a menu must hold, in words: "at least one pull".
     */
    private function __construct(
        public ?int $rounds,
        public ?int $workSeconds,
        public ?int $restSeconds,
        public ?int $roundRestSeconds,
        public array $doses,
        public array $phases,
        public ?int $pick,
        public array $needs,
    ) {
    }

    public static function plain(): self
    {
        return new self(null, null, null, null, [], [], null, []);
    }

    /**
     * Reads `{rounds?, work_s?, rest_s?, round_rest_s?, doses?, phases?: [{sides, seconds}], pick?, needs?}`.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If the kind cannot be run by these numbers, naming the one that is wrong.
     */
    public static function fromArray(BlockKind $kind, array $data): self
    {
        $rule = new self(
            rounds: self::whole($data, 'rounds', 1, 20, 'rounds'),
            workSeconds: self::whole($data, 'work_s', 5, 600, 's'),
            restSeconds: self::whole($data, 'rest_s', 0, 600, 's'),
            roundRestSeconds: self::whole($data, 'round_rest_s', 0, 900, 's'),
            doses: self::doses($data),
            phases: self::phases($data),
            pick: self::whole($data, 'pick', 1, 20, 'exercises'),
            needs: array_values(array_filter(is_array($data['needs'] ?? null) ? $data['needs'] : [], is_string(...))),
        );
        match (true) {
            $kind === BlockKind::Intervals
                && $rule->workSeconds === null => throw InvalidQuantity::because(
                    'work_s',
                    'Intervals need work_s: how many seconds of work?',
                ),
            $kind === BlockKind::Intervals
                && $rule->restSeconds === null => throw InvalidQuantity::because(
                    'rest_s',
                    'Intervals need rest_s: how many seconds of rest? 0 is an answer.',
                ),
            $kind === BlockKind::Ladder
                && count($rule->doses) < 2 => throw InvalidQuantity::because(
                    'doses',
                    'A ladder needs doses, two or more, one a round: 15, 12, 9, 6.',
                ),
            $kind === BlockKind::Ladder
                && $rule->rounds !== null
                && $rule->rounds !== count($rule->doses) => throw InvalidQuantity::because(
                    'rounds',
                    sprintf('rounds says %d and doses has %d: a ladder has one dose a round.', $rule->rounds, count($rule->doses)),
                ),
            $kind === BlockKind::TwoPhase
                && count($rule->phases) === 1 => throw InvalidQuantity::because(
                    'phases',
                    'A two-phase set has two phases; one is missing.',
                ),
            $kind === BlockKind::Menu
                && $rule->pick === null => throw InvalidQuantity::because('pick', 'A menu needs pick: how many does the client choose?'),
            default => null,
        };

        return $rule;
    }

    /**
     * The same rule with rounds added at its end: a ladder stays at its last rung. Where the slots say how many rounds there
     * are, they go on saying it.
     *
     * @param  int  $more  Rounds; none or fewer changes nothing.
     */
    public function withMoreRounds(int $more): self
    {
        if ($more <= 0) {
            return $this;
        }
        $doses = $this->doses === []
            ? []
            : [...$this->doses, ...array_fill(0, $more, $this->doses[count($this->doses) - 1])];

        return new self(
            $this->rounds === null ? null : $this->rounds + $more,
            $this->workSeconds,
            $this->restSeconds,
            $this->roundRestSeconds,
            $doses,
            $this->phases,
            $this->pick,
            $this->needs,
        );
    }

    /** @return array<string, mixed> What `fromArray()` reads. */
    public function toArray(): array
    {
        return array_filter([
            'rounds' => $this->rounds,
            'work_s' => $this->workSeconds,
            'rest_s' => $this->restSeconds,
            'round_rest_s' => $this->roundRestSeconds,
            'doses' => $this->doses === [] ? null : $this->doses,
            'phases' => $this->phases === [] ? null : array_map(
                static fn (Phase $phase): array => ['sides' => $phase->sides->value, 'seconds' => $phase->seconds],
                $this->phases,
            ),
            'pick' => $this->pick,
            'needs' => $this->needs === [] ? null : $this->needs,
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** "3 rounds, 40 s of work, 20 s of rest"; empty where the slots say it all. */
    public function inWords(): string
    {
        return implode(', ', array_filter([
            $this->rounds === null ? '' : Plain::count($this->rounds, 'round'),
            $this->workSeconds === null ? '' : "{$this->workSeconds} s of work",
            $this->restSeconds === null ? '' : "{$this->restSeconds} s of rest",
            $this->roundRestSeconds === null ? '' : "{$this->roundRestSeconds} s after each round",
            $this->doses === [] ? '' : implode('–', $this->doses),
            $this->pick === null ? '' : "{$this->pick} of them",
        ], static fn (string $part): bool => $part !== ''));
    }

    /** @return list<string> The keys a rule is written in. */
    public static function keys(): array
    {
        return self::KEYS;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<int>
     */
    private static function doses(array $data): array
    {
        $given = $data['doses'] ?? [];
        if (! is_array($given) || ! array_is_list($given)) {
            throw InvalidQuantity::because('doses', 'doses must be a list of numbers, one a round.');
        }
        $doses = [];
        foreach ($given as $i => $dose) {
            if (! is_int($dose) || $dose < 1 || $dose > 300) {
                throw InvalidQuantity::because(
                    "doses.{$i}",
                    sprintf('doses.%d must be a whole number from 1 to 300: a ladder has no hole.', $i),
                );
            }
            $doses[] = $dose;
        }
        if (count($doses) > 20) {
            throw InvalidQuantity::because('doses', 'A ladder has 20 rounds at most.');
        }
        $turns = 0;
        $way = 0;
        for ($i = 1; $i < count($doses); $i++) {
            $now = $doses[$i] <=> $doses[$i - 1];
            $turns += $now !== 0 && $way !== 0 && $now !== $way ? 1 : 0;
            $way = $now === 0 ? $way : $now;
            if ($turns > 1) {
                throw InvalidQuantity::because("doses.{$i}", 'A ladder goes down, or up, or turns once: 6, 8, 10, 8, 6.');
            }
        }

        return $doses;
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return list<Phase>
     */
    private static function phases(array $data): array
    {
        $phases = [];
        foreach (is_array($data['phases'] ?? null) ? $data['phases'] : [] as $i => $phase) {
            $sides = is_array($phase) && is_string($phase['sides'] ?? null) ? Sides::tryFrom($phase['sides']) : null;
            if ($sides === null) {
                throw InvalidQuantity::because(
                    "phases.{$i}.sides",
                    sprintf('phases.%s.sides must be one of %s.', $i, implode(', ', array_column(Sides::cases(), 'value'))),
                );
            }
            $phases[] = new Phase($sides, self::whole(is_array($phase) ? $phase : [], 'seconds', 1, 600, 's', "phases.{$i}.")
                ?? throw InvalidQuantity::because("phases.{$i}.seconds", "phases.{$i}.seconds is missing."));
        }

        return $phases;
    }

    /** @param  array<array-key, mixed>  $data */
    private static function whole(array $data, string $key, int $low, int $high, string $unit, string $under = ''): ?int
    {
        $value = $data[$key] ?? null;
        if ($value === null) {
            return null;
        }
        if (! is_int($value) && ! (is_float($value) && floor($value) === $value)) {
            throw InvalidQuantity::because($under.$key, "{$under}{$key} must be a whole number.");
        }
        InvalidQuantity::unlessBetween($under.$key, (float) $value, $low, $high, $unit);

        return (int) $value;
    }
}
