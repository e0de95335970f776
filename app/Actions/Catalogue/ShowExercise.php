<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Catalogue\CueSchoolResource;
use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Catalogue\ExerciseResource;
use App\Http\Resources\Catalogue\FaultResource;
use App\Http\Resources\Catalogue\LadderStepResource;
use App\Http\Resources\Catalogue\MuscleShareResource;
use App\Http\Resources\Catalogue\VariantResource;
use App\Http\Resources\Clients\LimitRuleResource;
use App\Http\Resources\Shared\CurveResource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;
use App\Models\Client;
use App\Models\ExerciseVariant;
use App\Models\User;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\CueSchool;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\Equivalent;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\JointRange;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Mechanics\Band;
use NimbleShelf\Core\Mechanics\BandSetup;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\Effort;
use NimbleShelf\Core\Mechanics\HandsReading;
use NimbleShelf\Core\Mechanics\LoadPoint;
use NimbleShelf\Core\Mechanics\Setting;

/** Shows one exercise of the catalogue, reckoned for a client and a load. */
final readonly class ShowExercise
{
    /** What an exercise is drawn and compared with where nothing is chosen, kilograms. */
    private const USUAL_KG = 8.0;

    public function __construct(private Catalogue $catalogue, private ResistanceModel $model, private DescribeClient $describe)
    {
    }

    public function handle(Exercise $exercise, User $trainer, ?Client $client, string $implement, ?float $massKg): ExerciseResource
    {
        $trainer->load('exerciseVariants');
        $body = $client === null ? self::usualBody() : $this->describe->body($client);
        $setting = self::settingWith($exercise, $implement, $massKg);
        $problem = null;
        try {
            $this->model->curve($exercise, $body, $setting);
        } catch (InvalidQuantity $refused) {
            $problem = $refused->getMessage();
            $setting = self::drawnSetting($exercise);
        }
        $curve = $this->model->curve($exercise, $body, $setting);
        if ($setting->band !== null && $curve->longestStretch > $setting->band->limitRatio) {
            $problem = sprintf(
                'This band would be stretched to %.1f times its length; %.1f is the limit.',
                $curve->longestStretch,
                $setting->band->limitRatio,
            );
        }
        $equivalent = $this->equivalent($exercise, $body, $setting);
        $limits = $client === null ? [] : array_map(static fn (Limit $limit): string => $limit->value, $this->describe->limits($client));

        return new ExerciseResource(
            id: $exercise->id,
            name: $exercise->name,
            aliases: $exercise->aliases,
            patternName: $this->catalogue->pattern($exercise->pattern)->name,
            muscles: $this->muscles($exercise),
            reckonedAs: $exercise->reckonedAs === null ? null : $this->catalogue->exercise($exercise->reckonedAs)->name,
            side: $exercise->side,
            position: self::inWords($exercise->position),
            noise: $exercise->noise,
            impact: $exercise->impact,
            skill: $exercise->skill,
            tempo: implode('-', $exercise->tempo),
            setUpSeconds: $exercise->setUpSeconds,
            kit: self::kitOf($exercise),
            cues: CuesResource::of($exercise),
            faults: array_map(static fn (array $fault): FaultResource => new FaultResource(...$fault), $exercise->faults),
            cautions: $exercise->cautions,
            limits: $this->limits($exercise, $body),
            schools: array_map(
                fn (string $id): CueSchoolResource => $this->school($this->catalogue->schools[$id], $limits),
                $exercise->schools,
            ),
            ladder: $this->ladder($exercise, $body),
            implements: self::implementsOf($exercise),
            implement: $setting->band === null ? ($setting->massKg > 0 ? $setting->implement : 'none') : 'tube',
            massKg: $setting->massKg,
            words: SettingInWords::of($exercise, $setting),
            forWhom: $client === null ? 'a body of 172 cm and 74 kg' : $client->name,
            figure: FigureResource::of($this->model->rig($exercise, $body, $setting), $exercise, $setting, $body),
            curve: CurveResource::of($curve, $equivalent),
            equivalent: $equivalent->isMeasured ? EquivalentResource::of($equivalent, $this->catalogue) : null,
            plate: HandsReading::inWords($this->model->handsReading($exercise, $body, $setting)),
            problem: $problem,
            variants: array_values(
                $trainer->exerciseVariants->where('exercise', $exercise->id)
                    ->map(fn (ExerciseVariant $variant): VariantResource => VariantResource::of($variant, $this->catalogue))
                    ->all(),
            ),
        );
    }

    /** The body that stands in where no client is chosen. */
    public static function usualBody(): Body
    {
        return Body::of(1.72, 74);
    }

    /**
     * The setting an exercise is pictured in: without load where the body itself is the load, else with its first
     * implement. An arm raised, turned or led round the head is hardly recognised with the hands empty.
     */
    public static function drawnSetting(Exercise $exercise): Setting
    {
        $isArmAlone = in_array($exercise->effort, [Effort::Shoulder, Effort::ShoulderAcross, Effort::ShoulderRotation, Effort::None], true);
        $held = $isArmAlone ? ($exercise->loads[0] ?? null) : null;
        $implement = $held !== null && $held['point'] === LoadPoint::Hands
            ? $held['implements'][0]
            : (self::implementsOf($exercise)[0] ?? 'none');

        return self::settingWith($exercise, $implement, null);
    }

    /** @return list<string> */
    public static function implementsOf(Exercise $exercise): array
    {
        $implements = $exercise->usesBodyWeight ? ['none'] : [];
        foreach ($exercise->loads as $load) {
            $implements = [...$implements, ...array_diff($load['implements'], ['reference'])];
        }

        return $exercise->bandLayouts === [] ? $implements : [...$implements, 'tube'];
    }

    /** @return list<string> */
    public static function kitOf(Exercise $exercise): array
    {
        $kit = array_diff(self::implementsOf($exercise), ['none', 'tube']);
        if ($exercise->bandLayouts !== []) {
            $kit[] = 'band';
        }
        if ($exercise->usesBodyWeight) {
            $kit[] = 'body weight';
        }
        $needs = array_diff($exercise->needs, ['smooth-floor']);
        if ($exercise->support !== null && $exercise->support->required) {
            $needs[] = $exercise->support->kinds[0];
        }

        return array_map(self::inWords(...), array_values(array_unique([...$kit, ...$needs])));
    }

    public static function inWords(string $id): string
    {
        return str_replace('-', ' ', $id);
    }

    private static function settingWith(Exercise $exercise, string $implement, ?float $massKg): Setting
    {
        if ($implement === '' && ! $exercise->usesBodyWeight) {
            $implement = self::implementsOf($exercise)[0] ?? 'none';
        }
        if ($implement === '' || $implement === 'none') {
            return Setting::bodyWeight();
        }
        if ($implement === 'tube') {
            $attachment = $exercise->bandAttachment;

            return Setting::of('tube', band: new BandSetup(
                band: Band::of(restLengthM: $attachment->isBetweenLimbs ? 0.9 : 1.4, aN: 18, bN: 16),
                layout: $exercise->bandLayouts[0] ?? throw InvalidQuantity::because('implement', "A band cannot load {$exercise->name}."),
                anchorHeightM: $attachment->heightShare * self::usualBody()->heightM,
                anchorDistanceM: $attachment->distanceM,
            ));
        }
        $point = $exercise->loadPointFor($implement)
            ?? throw InvalidQuantity::because('implement', sprintf('A %s cannot load %s.', $implement, $exercise->name));

        return Setting::of($implement, $massKg ?? self::USUAL_KG, perHand: $point->isPerHand());
    }

    private function equivalent(Exercise $exercise, Body $body, Setting $setting): Equivalent
    {
        return $this->model->equivalent(
            $exercise,
            $body,
            $setting,
            School::Mean,
            $setting->band === null ? Certainty::Labelled : Certainty::Rated,
        );
    }

    /** @return list<MuscleShareResource> */
    private function muscles(Exercise $exercise): array
    {
        $muscles = [];
        foreach ($exercise->muscles() as $muscle => $share) {
            $muscles[] = new MuscleShareResource(self::inWords($muscle), (int) round(100 * $share), isset($exercise->mainMuscles[$muscle]));
        }

        return $muscles;
    }

    /** @return list<LimitRuleResource> */
    private function limits(Exercise $exercise, Body $body): array
    {
        $rules = [];
        foreach ($exercise->limits as $limit => $rule) {
            $rules[] = new LimitRuleResource($limit, Limit::from($limit)->label(), $rule['effect'] === 'exclude', $rule['why']);
        }
        $bends = $this->model->bends($exercise, $body, Setting::bodyWeight());
        foreach (Limit::cases() as $limit) {
            $why = JointRange::against($limit, $exercise, $bends);
            if ($why !== null) {
                $rules[] = new LimitRuleResource($limit->value, $limit->label(), true, $why);
            }
        }
        usort($rules, static fn (LimitRuleResource $one, LimitRuleResource $other): int => $other->excludes <=> $one->excludes);

        return $rules;
    }

    /** @param  list<string>  $limits */
    private function school(CueSchool $school, array $limits): CueSchoolResource
    {
        $cue = $school->cueFor(limits: $limits);

        return new CueSchoolResource($school->about, $cue, array_values(array_diff($school->sides, [$cue])), $school->why);
    }

    /** @return list<LadderStepResource> */
    private function ladder(Exercise $exercise, Body $body): array
    {
        $steps = [$this->step('this', $exercise, $exercise, $body)];
        foreach ($exercise->ladder as $kind => $neighbours) {
            foreach ($neighbours as $neighbour) {
                if ($neighbour !== $exercise->id) {
                    $steps[] = $this->step(str_replace('_', ' ', $kind), $this->catalogue->exercise($neighbour), $exercise, $body);
                }
            }
        }

        return $steps;
    }

    private function step(string $kind, Exercise $neighbour, Exercise $of, Body $body): LadderStepResource
    {
        $comparable = $neighbour->pattern === $of->pattern && $this->catalogue->pattern($of->pattern)->isMeasured();

        return new LadderStepResource(
            $kind,
            $neighbour->id,
            $neighbour->name,
            $comparable ? EquivalentResource::of(
                $this->equivalent($neighbour, $body, self::drawnSetting($neighbour)),
                $this->catalogue,
            ) : null,
        );
    }
}
