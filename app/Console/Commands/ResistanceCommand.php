<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use App\Console\Input\Shapes;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\NearestBandSetting;
use NimbleShelf\Core\Mechanics\Certainty;
use NimbleShelf\Core\Mechanics\ResistanceCurve;
use NimbleShelf\Core\Mechanics\Setting;

final class ResistanceCommand extends JsonCommand
{
    protected $signature = 'nimble:resistance';

    protected $description = 'Reckons the resistance of an exercise in a setting, and what it equals';

    public function __construct(private readonly Catalogue $catalogue, private readonly ResistanceModel $model)
    {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $body = Shapes::body($asked->object('client'));
        $id = $asked->text('exercise');
        $exercise = $this->catalogue->exercises[$id]
            ?? throw InvalidQuantity::because('exercise', "There is no exercise called \"{$id}\".");
        $setting = Setting::fromArray($asked->map('setting'));
        $school = School::from($asked->oneOf('school', array_column(School::cases(), 'value'), School::Mean->value));

        Shapes::refuseUnfinished($exercise, $setting, '');

        $curve = InvalidQuantity::under('setting', fn (): ResistanceCurve => $this->model->curve($exercise, $body, $setting));
        $problem = self::problemOf($curve, $setting);
        $nearest = $problem === null ? null : (new NearestBandSetting($this->model))->to($exercise, $body, $setting);
        $equivalent = $this->model->equivalent(
            $exercise,
            $body,
            $setting,
            $school,
            $setting->band === null ? Certainty::Labelled : Certainty::Measured,
        );
        $hands = $this->model->handsReading($exercise, $body, $setting);
        $points = [];
        foreach ($curve->us as $i => $u) {
            $points[] = ['u' => round($u, 4), 'effort' => round($curve->effort[$i], 5), 'resistance' => round($curve->resistance[$i], 4)];
        }

        return [
            'usable' => $problem === null,
            'problem' => $problem,
            'nearest_setting' => $nearest?->toArray(),
            'curve' => $points,
            'unit' => $curve->unit,
            'mean' => round($curve->mean(), 4),
            'peak' => round($curve->peak(), 4),
            'hardest_u' => round($curve->hardestAt(), 4),
            'share_of_body_weight' => $curve->shareOfBodyWeight === null ? null : round($curve->shareOfBodyWeight, 4),
            'hands_share' => $hands === null ? null : array_map(static fn (float $share): float => round($share, 4), $hands),
            'slack_fraction' => round($curve->slackFraction, 4),
            'longest_stretch' => $curve->longestStretch === null ? null : round($curve->longestStretch, 4),
            'equivalent_kg' => $equivalent->isMeasured ? round($equivalent->kg, 3) : null,
            'low_kg' => $equivalent->isMeasured ? round($equivalent->lowKg(), 3) : null,
            'high_kg' => $equivalent->isMeasured ? round($equivalent->highKg(), 3) : null,
            'shape_difference' => $equivalent->isMeasured ? round($equivalent->shapeDifference, 4) : null,
            'reference_exercise' => $equivalent->isMeasured ? $equivalent->referenceExercise : null,
        ];
    }

    private static function problemOf(ResistanceCurve $curve, Setting $setting): ?string
    {
        if ($setting->band !== null && $curve->longestStretch !== null && $curve->longestStretch > $setting->band->limitRatio) {
            return sprintf(
                'over-stretched: the band reaches %.2f times its length, and %.2f is its limit.',
                $curve->longestStretch,
                $setting->band->limitRatio,
            );
        }
        if ($curve->slackFraction >= 1.0) {
            return 'slack: the band hangs loose over the whole range.';
        }

        return null;
    }
}
