<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Mechanics\BandAttachment;
use NimbleShelf\Core\Mechanics\BandLayout;
use NimbleShelf\Core\Mechanics\Effort;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Placement;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Mechanics\WorkingLimbs;

/** One exercise of the catalogue: its movement, what can load it, whom it suits and the words that go with it. */
final readonly class Exercise
{
    /** Kinds of things that are held like another. */
    private const WITH_A_BAG = ['hinge', 'horizontal-pull', 'elbow-flexion', 'carry'];

    private const HELD_LIKE = ['adjustable-dumbbell' => 'dumbbell', 'pourable' => 'object'];

    /** Distinguishes in a cache what resists in different ways: figure, coordinate, limbs, what a band pulls at, usual support. */
    public string $geometryKey;

    /** Distinguishes in a cache what moves in different ways: figure, coordinate, limbs. */
    public string $motionKey;

    /**
     * Cues: outward says what to do to floor, wall or load; inward where it should be felt working.
     *
     * @param  list<string>  $aliases
     * @param  array<string, float>  $mainMuscles  Share of the work by muscle; main and helping add up to 1.
     * @param  array<string, float>  $helpingMuscles
     * @param  string|null  $reckonedAs  The part that limits a combined movement, an exercise of its own; its curve is used.
     * @param  string  $side  `both`, `each` (one after the other) or `alternating`.
     * @param  list<array{point: LoadPoint, implements: list<string>}>  $loads
     * @param  list<BandLayout>  $bandLayouts
     * @param  list<string>  $layOut  What stands on no shelf and has to be at hand all the same: a door.
     * @param  list<string>  $needs  Things and room that must be there: `towel`, `wall`, `overhead`, `smooth-floor`, …
     * @param  list<string>  $traits  What limits look at; see LimitRules.
     * @param  list<string>  $schools  Points on which trainers differ, by their ids.
     * @param  array{lower: int, pause: int, lift: int, top: int}  $tempo  Seconds of one repetition.
     * @param  array<string, list<string>>  $ladder  Neighbours by kind: `easier`, `harder`, `seated`, `quiet`,
     *     `without_kit`, `small_space`.
     * Cues: outward says what to do to floor, wall or load; inward where it should be felt working.
     * @param  array{set_up: list<string>, outward: list<string>, inward: list<string>, breath: string, feel: string}  $cues
     * @param  list<array{fault: string, fix: string}>  $faults
     * @param  list<string>  $cautions
     * @param  array<string, string>  $cautionsWhen  Of cautions that hold only with a `band`, with a `weight`, or in pregnancy and
     *     after `birth`.
     * @param  array<string, array{effect: string, why: string}>  $limits
     * @param  list<string>  $formerly  Ids of what is now a way of doing this.
     * @param  string  $palms  How the hands are turned where that tells two movements apart: `up`, `in`, `down`, or `turning` from in
     *     to up; empty where it does not. For the drawing; no sum uses it.
     * @param  array{bare: Role, weight: Role, band: Role}  $roles  By kind of load.
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $aliases,
        public string $pattern,
        public array $mainMuscles,
        public array $helpingMuscles,
        public string $figureId,
        public Effort $effort,
        public WorkingLimbs $workingLimbs,
        public ?string $reckonedAs,
        public string $side,
        public bool $oneSideAtATime,
        public bool $isHold,
        public bool $usesBodyWeight,
        public array $loads,
        public array $bandLayouts,
        public BandAttachment $bandAttachment,
        public ?Support $support,
        public array $needs,
        public array $layOut,
        public array $traits,
        public array $schools,
        public string $position,
        public string $impact,
        public string $noise,
        public int $skill,
        public int $setUpSeconds,
        public array $tempo,
        public array $ladder,
        public array $cues,
        public array $faults,
        public array $cautions,
        public array $cautionsWhen,
        public array $limits,
        public array $formerly,
        public string $palms,
        private array $roles,
    ) {
        $this->motionKey = "{$figureId}|{$effort->value}|{$workingLimbs->value}";
        $this->geometryKey = implode('|', [
            $this->motionKey,
            $bandAttachment->key,
            $support === null || ! $support->required ? '' : $support->under.$support->usualM,
        ]);
    }

    /**
     * @param  array<string, mixed>  $data  A resolved catalogue entry that satisfies `catalogue/schema/exercise.schema.json`.
     *
     * @throws BrokenCatalogue If the id is missing.
     */
    public static function fromArray(array $data, LimitRules $rules): self
    {
        if (! is_string($data['id'] ?? null)) {
            throw BrokenCatalogue::inExercise('?', 'it has no id.');
        }
        /**
         * @var array{
         *     id: string, name: string, aliases: list<string>, pattern: string,
         *     muscles: array{main: array<string, float>, helping?: array<string, float>}, figure: string,
         *     effort: string, working_limbs: string, reckoned_as?: string, side?: string, hold?: bool,
         *     body_weight?: bool, loads?: list<array{at: string, implements: list<string>}>,
         *     band_layouts?: list<string>,
         *     band?: array{end?: string, anchor?: string, anchor_height?: float|int, anchor_distance_m?: float|int},
         *     support?: array{
         *         kinds: list<string>, under: string, required?: bool,
         *         usual_cm?: float|int, least_cm?: float|int, most_cm?: float|int
         *     }|null,
         *     needs?: list<string>, lay_out?: list<string>,
         *     traits?: list<string>, schools?: list<string>, position: string, impact: string,
         *     noise: string, skill: int, set_up_seconds: int,
         *     tempo: array{lower: int, pause: int, lift: int, top: int}, ladder: array<string, list<string>>,
         *     cues: array{set_up: list<string>, outward: list<string>, inward: list<string>, breath: string, feel: string},
         *     faults: list<array{fault: string, fix: string}>, cautions: list<string|array{say: string, when: string}>,
         *     limits?: array<string, array{effect: string, why: string}|null>, formerly?: list<string>, palms?: string,
         *     role: string|array{bare: string, weight: string, band: string}
         * } $data
         */
        $side = $data['side'] ?? 'both';
        $support = $data['support'] ?? null;

        return new self(
            id: $data['id'],
            name: $data['name'],
            aliases: $data['aliases'],
            pattern: $data['pattern'],
            mainMuscles: array_map(floatval(...), $data['muscles']['main']),
            helpingMuscles: array_map(floatval(...), $data['muscles']['helping'] ?? []),
            figureId: $data['figure'],
            effort: Effort::from($data['effort']),
            workingLimbs: WorkingLimbs::from($data['working_limbs']),
            reckonedAs: $data['reckoned_as'] ?? null,
            side: $side,
            oneSideAtATime: $side === 'each',
            isHold: $data['hold'] ?? false,
            usesBodyWeight: $data['body_weight'] ?? false,
            loads: array_map(static fn (array $load): array => [
                'point' => LoadPoint::from($load['at']),
                'implements' => $load['implements'],
            ], $data['loads'] ?? []),
            bandLayouts: array_map(BandLayout::from(...), $data['band_layouts'] ?? []),
            bandAttachment: BandAttachment::fromArray($data['band'] ?? []),
            support: $support === null ? null : new Support(
                kinds: $support['kinds'],
                under: $support['under'],
                required: $support['required'] ?? true,
                usualM: ($support['usual_cm'] ?? 0) / 100,
                leastM: ($support['least_cm'] ?? 0) / 100,
                mostM: ($support['most_cm'] ?? 200) / 100,
            ),
            needs: $data['needs'] ?? [],
            layOut: $data['lay_out'] ?? [],
            traits: [$data['position'], ...$data['traits'] ?? []],
            schools: $data['schools'] ?? [],
            position: $data['position'],
            impact: $data['impact'],
            noise: $data['noise'],
            skill: $data['skill'],
            setUpSeconds: $data['set_up_seconds'],
            tempo: $data['tempo'],
            ladder: $data['ladder'],
            cues: $data['cues'],
            faults: $data['faults'],
            cautions: array_map(static fn (string|array $one): string => is_array($one) ? $one['say'] : $one, $data['cautions']),
            cautionsWhen: array_column(array_filter($data['cautions'], is_array(...)), 'when', 'say'),
            limits: $rules->limitsFor([$data['position'], ...$data['traits'] ?? []], $data['limits'] ?? []),
            formerly: $data['formerly'] ?? [],
            palms: $data['palms'] ?? '',
            roles: [
                'bare' => self::roleIn($data['role'], 'bare'),
                'weight' => self::roleIn($data['role'], 'weight'),
                'band' => self::roleIn($data['role'], 'band'),
            ],
        );
    }

    /** @param  string|array{bare: string, weight: string, band: string}  $roles */
    private static function roleIn(string|array $roles, string $kind): Role
    {
        return Role::from(is_string($roles) ? $roles : $roles[$kind]);
    }

    /** Its name within a sentence: small, unless it is called after a people. */
    public function nameInASentence(): string
    {
        return str_starts_with($this->name, 'Romanian') ? $this->name : mb_strtolower($this->name);
    }

    /** What it is to a plan with what loads it: nothing but the body, a weight, or a band. */
    public function role(Setting $setting): Role
    {
        return $this->roles[match (true) {
            $setting->massKg > 0 => 'weight',
            $setting->band !== null => 'band',
            default => 'bare',
        }];
    }

    /** Where an implement loads this exercise, or null where it cannot. */
    public function loadPointFor(string $implement): ?LoadPoint
    {
        if ($implement === 'vest') {
            return $this->wornOnTheBack();
        }
        $implement = self::HELD_LIKE[$implement] ?? $implement;
        foreach ($this->loads as $load) {
            if (in_array($implement, $load['implements'], true)) {
                return $load['point'];
            }
        }

        return $implement === 'rucksack' && $this->takesABagInTheHand() ? $this->loadPointFor('object') : null;
    }

    /** A vest loads the trunk where a bag on the back does; it is reckoned like one. */
    private function wornOnTheBack(): ?LoadPoint
    {
        foreach ($this->loads as $load) {
            if ($load['point'] === LoadPoint::Back && in_array('rucksack', $load['implements'], true)) {
                return LoadPoint::Back;
            }
        }

        return null;
    }

    /** A bag hangs from its loop: pulled, hinged with, curled or carried, and never above the head, swung or pressed. */
    private function takesABagInTheHand(): bool
    {
        return ! $this->has('overhead')
            && (in_array($this->pattern, self::WITH_A_BAG, true) || $this->loadPointFor('object') === LoadPoint::Goblet);
    }

    /** True where a band can be rigged this way; from limb to limb its name only says from which. */
    public function takesBand(BandLayout $layout): bool
    {
        return in_array($layout, $this->bandLayouts, true)
            || ($this->bandAttachment->isBetweenLimbs
                && $this->bandLayouts !== []
                && ($layout->isBetweenLimbs() || $layout === BandLayout::AnchoredMiddle));
    }

    /** True where one arm works by what the movement is, whatever is held. */
    public function worksOneArm(): bool
    {
        return $this->effort->isOfArms() && $this->workingLimbs === WorkingLimbs::One;
    }

    /** True where a set is done with one side at a time, and then with the other. */
    public function isOneSidedIn(Setting $setting): bool
    {
        return $this->oneSideAtATime || $setting->limbs === 1;
    }

    /**
     * Every muscle's share of the work, main and helping together.
     *
     * @return array<string, float>
     */
    public function muscles(): array
    {
        return $this->mainMuscles + $this->helpingMuscles;
    }

    /** Seconds one repetition takes at the usual tempo. */
    public function secondsPerRepetition(): int
    {
        return max(1, array_sum($this->tempo));
    }

    public function has(string $trait): bool
    {
        return in_array($trait, $this->traits, true);
    }

    /**
     * Where a setting puts the figure. What an exercise cannot do without stands at its usual height where the
     * setting names none.
     */
    public function placementOf(Setting $setting): Placement
    {
        $missing = $this->support !== null && $this->support->required && $setting->supportHeightM <= 0 && $setting->footHeightM <= 0;

        return $missing ? $setting->withHeights(
            supportHeightM: $this->support->isUnderFeet() ? 0.0 : $this->support->usualM,
            footHeightM: $this->support->isUnderFeet() ? $this->support->usualM : 0.0,
        )->placement() : $setting->placement();
    }
}
