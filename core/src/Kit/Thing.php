<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\Certainty;

/** One thing on a client's shelf. */
final readonly class Thing
{
    public const KINDS = [
        'dumbbell', 'adjustable-dumbbell', 'kettlebell', 'tube', 'flat-band', 'long-loop', 'mini-loop', 'rucksack',
        'object', 'pourable', 'chair', 'sofa', 'table', 'step', 'stool', 'pole', 'towel', 'mat', 'half-ball', 'wall',
        'vest', 'ankle-weight', 'barbell', 'hanging-bar', 'big-ball', 'roller',
    ];

    /** What stands on shelves and is planned with in no exercise of ours, and why; said wherever it stands. */
    public const UNSERVED = [
        'barbell' => 'A bar over the body needs a rack and somebody beside it: no exercise here is done with it.',
        'hanging-bar' => 'Hanging needs a bar that was tried with the whole weight: no exercise here is done with it.',
        'big-ball' => 'It rolls away from under a load: no exercise here is done with it.',
        'roller' => 'It is for before and after; no exercise here is done with it.',
    ];

    public const BANDS = ['tube', 'flat-band', 'long-loop', 'mini-loop'];

    /** Kinds that have to weigh something. */
    private const HEAVY = ['dumbbell', 'kettlebell', 'object', 'adjustable-dumbbell', 'vest', 'ankle-weight', 'barbell'];

    private const SUPPORTS = ['chair', 'sofa', 'table', 'step', 'stool', 'wall', 'pole'];

    /** Loads of one adjustable dumbbell up to this many are all rungs; of more, those worth a step apart. */
    private const LOADS_LISTED = 120;

    private const STEP_WORTH_HAVING = 1.02;

    /** Plates of one kind, and what one weighs, kilograms. */
    public const PLATE_COUNT = [0, 60];

    public const PLATE_KG = [0.05, 60.0];

    private const KINDS_OF_PLATE = 12;

    /** No dial has finer steps; it also keeps the loads to a number that can be listed. Our bound. */
    private const LEAST_DIAL_STEP_KG = 0.25;

    /** Handle and strap of a tube unless they were measured, and what they may be; engine contract, section 4. */
    private const TUBE_HANDLE_CM = 12.0;

    public const HANDLE_CM = [0, 50];

    /**
     * @param  list<array{massKg: float, count: int}>  $plates
     * @param  PlateLoading|null  $loading  Of an adjustable dumbbell.
     * @param  SupportVerdict|null  $checked  What its last check came to; null where it was never checked.
     * @param  bool  $isPacked  True for pieces that lie in a carrier, where fewer than two of the kind are left beside it.
     * @param  list<float>  $dialKg  Loads an adjustable dumbbell with a dial can be set to, lightest first; empty where plates go on.
     * @param  string  $filling  What lies in a carrier here, in words: "two clay bags and the jug with 3 L in it".
     * @param  float  $kgPerL  Of what a pourable vessel holds, as are the next two.
     * @param  float  $massKg  Per piece; of a rucksack its own, of an adjustable dumbbell its handle.
     */
    private function __construct(
        public string $id,
        public string $kind,
        public string $name,
        public int $count,
        public float $massKg,
        public Certainty $certainty,
        public float $maxKg,
        public float $kgPerL,
        public float $maxL,
        public float $containerKg,
        public string $grip,
        public bool $sealed,
        public bool $glass,
        public ?Band $band,
        public float $limitRatio,
        public float $handleM,
        public float $heightM,
        public bool $castors,
        public bool $folding,
        public array $plates,
        public ?PlateLoading $loading,
        public ?string $outOfService,
        public ?SupportVerdict $checked,
        public bool $isPacked = false,
        public string $filling = '',
        public array $dialKg = [],
    ) {
    }

    /**
     * @param  array<string, mixed>  $data  A shelf entry of the outside shape: `{id, kind, count, mass_kg, …}`.
     *
     * @throws InvalidQuantity If its kind is unknown or a measure it needs is missing.
     */
    public static function fromArray(array $data): self
    {
        $kind = is_string($data['kind'] ?? null) ? $data['kind'] : '';
        if (! in_array($kind, self::KINDS, true)) {
            throw InvalidQuantity::because(
                'shelf.kind',
                sprintf('shelf.kind must be one of %s; got "%s".', implode(', ', self::KINDS), $kind),
            );
        }
        $number = static fn (string $key, float $default): float => is_numeric($data[$key] ?? null) ? (float) $data[$key] : $default;
        $isBand = self::isBandKind($kind);
        $massKg = match ($kind) {
            'rucksack' => $number('tare_kg', 0.8),
            'adjustable-dumbbell', 'barbell' => $number('handle_kg', 0.0),
            default => $number('mass_kg', 0.0),
        };
        $dialKg = $kind === 'adjustable-dumbbell' && is_array($data['dial'] ?? null) ? self::dialOf($data['dial']) : [];
        $massKg = $dialKg[0] ?? $massKg;
        if (in_array($kind, self::HEAVY, true) && ($massKg <= 0 || $massKg > 200)) {
            throw InvalidQuantity::notBetween('shelf.mass_kg', $massKg, 0, 200, 'kg');
        }
        $limitRatio = $number('limit_ratio', Band::DEFAULT_LIMIT);
        if ($limitRatio < 1.1 || $limitRatio > Band::HIGHEST_LIMIT) {
            throw InvalidQuantity::notBetween('shelf.limit_ratio', $limitRatio, 1.1, Band::HIGHEST_LIMIT, 'times its rest length');
        }
        $handleCm = $number('handle_cm', $kind === 'tube' ? self::TUBE_HANDLE_CM : 0.0);
        InvalidQuantity::unlessBetween('shelf.handle_cm', $handleCm, self::HANDLE_CM[0], self::HANDLE_CM[1], 'cm');
        $plates = [];
        foreach (is_array($data['plates'] ?? null) ? $data['plates'] : [] as $plate) {
            if (is_array($plate) && is_numeric($plate['mass_kg'] ?? null) && is_numeric($plate['count'] ?? null)) {
                InvalidQuantity::unlessBetween(
                    'shelf.plates.mass_kg',
                    (float) $plate['mass_kg'],
                    self::PLATE_KG[0],
                    self::PLATE_KG[1],
                    'kg',
                );
                InvalidQuantity::unlessBetween(
                    'shelf.plates.count',
                    (float) $plate['count'],
                    self::PLATE_COUNT[0],
                    self::PLATE_COUNT[1],
                    'pieces',
                );
                $plates[] = ['massKg' => (float) $plate['mass_kg'], 'count' => (int) $plate['count']];
            }
        }
        if (count($plates) > self::KINDS_OF_PLATE) {
            throw InvalidQuantity::notBetween('shelf.plates', count($plates), 0, self::KINDS_OF_PLATE, 'kinds');
        }
        $source = is_string($data['source'] ?? null) ? $data['source'] : (is_string($data['certainty'] ?? null) ? $data['certainty'] : '');

        return new self(
            id: is_scalar($data['id'] ?? null) ? (string) $data['id'] : $kind,
            kind: $kind,
            name: is_string($data['name'] ?? null) ? $data['name'] : str_replace('-', ' ', $kind),
            count: max(1, (int) $number('count', 1)),
            massKg: $massKg,
            certainty: Certainty::tryFrom($source) ?? ($isBand ? Certainty::Unknown : Certainty::Labelled),
            maxKg: $kind === 'pourable'
                ? $number('container_kg', 0.0) + $number('density_kg_per_l', 1.0) * $number('max_l', 0.0)
                : $number('max_kg', 20.0),
            kgPerL: $number('density_kg_per_l', 1.0),
            maxL: $number('max_l', 0.0),
            containerKg: $number('container_kg', 0.0),
            grip: is_string($data['grip'] ?? null) ? $data['grip'] : ($kind === 'object' ? 'none' : 'handle'),
            sealed: (bool) ($data['sealed'] ?? true),
            glass: (bool) ($data['glass'] ?? false),
            band: $isBand ? Band::of($number('rest_length_cm', 0.0) / 100, $number('a_n', 0.0), $number('b_n', 0.0)) : null,
            limitRatio: $limitRatio,
            handleM: $isBand ? $handleCm / 100 : 0.0,
            heightM: $kind === 'wall' ? 0.0 : $number('height_cm', 0.0) / 100,
            castors: (bool) ($data['castors'] ?? false),
            folding: (bool) ($data['folding'] ?? false),
            plates: $plates,
            loading: $kind === 'adjustable-dumbbell' && $dialKg === []
                ? PlateLoading::of($massKg, $plates, max(1, (int) $number('count', 1)))
                : null,
            outOfService: is_string($data['out_of_service'] ?? null) ? $data['out_of_service'] : null,
            checked: is_string($data['checked'] ?? null) ? SupportVerdict::tryFrom($data['checked']) : null,
            dialKg: $dialKg,
        );
    }

    /** So many of these, in a carrier. */
    public function packed(int $count): self
    {
        return $this->but($count, $this->count - $count < 2, $this->filling);
    }

    /** A carrier with this in it. */
    public function filledWith(string $filling): self
    {
        return $this->but($this->count, $this->isPacked, $filling);
    }

    private function but(int $count, bool $isPacked, string $filling): self
    {
        return new self(
            $this->id, $this->kind, $this->name, $count, $this->massKg, $this->certainty, $this->maxKg, $this->kgPerL, $this->maxL,
            $this->containerKg, $this->grip, $this->sealed, $this->glass, $this->band, $this->limitRatio, $this->handleM, $this->heightM,
            $this->castors, $this->folding, $this->plates, $this->loading, $this->outOfService, $this->checked,
            isPacked: $isPacked,
            filling: $filling,
            dialKg: $this->dialKg,
        );
    }

    /**
     * @param  array<array-key, mixed>  $dial  `{from_kg, to_kg, step_kg}`
     * @return non-empty-list<float>
     */
    private static function dialOf(array $dial): array
    {
        $number = static fn (string $key): float => is_numeric($dial[$key] ?? null) ? (float) $dial[$key] : 0.0;
        [$from, $to, $step] = [$number('from_kg'), $number('to_kg'), $number('step_kg')];
        InvalidQuantity::unlessBetween('shelf.dial.from_kg', $from, 0.2, 60, 'kg');
        InvalidQuantity::unlessBetween('shelf.dial.to_kg', $to, $from, PlateLoading::HEAVIEST_KG, 'kg');
        InvalidQuantity::unlessBetween('shelf.dial.step_kg', $step, self::LEAST_DIAL_STEP_KG, 20, 'kg');
        $loads = [round($from, 3)];
        for ($n = 1; $from + $n * $step <= $to + 1e-6; $n++) {
            $loads[] = round($from + $n * $step, 3);
        }

        return $loads;
    }

    public static function isBandKind(string $kind): bool
    {
        return in_array($kind, self::BANDS, true);
    }

    public static function isSupportKind(string $kind): bool
    {
        return in_array($kind, self::SUPPORTS, true);
    }

    public function isBand(): bool
    {
        return $this->band !== null;
    }

    public function isSupport(): bool
    {
        return self::isSupportKind($this->kind);
    }

    /** Why nothing may lean on it, or null where it may. */
    public function supportProblem(): ?string
    {
        return $this->makeProblem() ?? match (true) {
            $this->checked === SupportVerdict::DoNot => "the {$this->name} was checked and does not hold",
            $this->kind === 'pole' && $this->checked === null => "the {$this->name} has not been checked between its supports",
            default => null,
        };
    }

    /** Why the way it is made rules it out, whatever any sum says; null where sums decide. */
    public function makeProblem(): ?string
    {
        return match (true) {
            $this->castors => "the {$this->name} is on castors and can roll away",
            $this->folding => "the {$this->name} folds and can collapse",
            $this->glass => "the {$this->name} is glass",
            default => null,
        };
    }

    /**
     * Every load one adjustable dumbbell can be built to, balanced on both ends, lightest first.
     *
     * Plates go on in pairs, one to each end; with two dumbbells the plates are shared out evenly.
     *
     * @return list<float> Kilograms, handle included.
     */
    public function reachableLoadsKg(): array
    {
        $loads = $this->dialKg === [] ? array_column($this->loading->builds ?? [], 'loadKg') : $this->dialKg;
        if (count($loads) <= self::LOADS_LISTED) {
            return $loads;
        }
        $worth = [];
        foreach ($loads as $loadKg) {
            if ($worth === [] || $loadKg >= $worth[count($worth) - 1] * self::STEP_WORTH_HAVING) {
                $worth[] = $loadKg;
            }
        }

        return $worth;
    }

    /** A row that can no longer be read: it is there, and serves nothing until it is put right. */
    public static function unreadable(string $id, string $name, string $why): self
    {
        return self::fromArray(['id' => $id, 'kind' => 'towel', 'name' => $name, 'out_of_service' => "it cannot be read: {$why}"]);
    }
}
