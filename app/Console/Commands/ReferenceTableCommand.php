<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\FitnessTest;
use NimbleShelf\Core\Strength\Norms;
use NimbleShelf\Core\Strength\Person;
use NimbleShelf\Core\Strength\StrengthPrior;

/** Writes the tables of model against measurement, of the legs then and now, and of norms, into docs/engine.md, between their marks. */
final class ReferenceTableCommand extends Command
{
    protected $signature = 'nimble:reference-table {--print : Only print it}';

    protected $description = 'Compares the model with published measurements';

    private const DOCUMENT = 'docs/engine.md';

    /**
     * Movements of the legs without load: exercise, seat and feet above the floor in metres; and what they came to while legs
     * were reckoned along the straight line from hip to ankle: newtons per leg, kilograms as a squat, kilograms per hand as a split squat.
     */
    private const LEGS = [
        ['squat', 0.0, 0.0, 337.0, 0.0, -5.4],
        ['box-squat', 0.46, 0.0, 420.5, 14.6, 1.2],
        ['box-squat', 0.40, 0.0, 408.9, 12.6, 0.3],
        ['narrow-squat', 0.0, 0.0, 327.0, -1.7, -6.2],
        ['wide-squat', 0.0, 0.0, 313.2, -4.2, -7.3],
        ['heels-raised-squat', 0.0, 0.0, 318.9, -3.2, -6.8],
        ['pulse-squat', 0.0, 0.0, 329.0, -1.4, -6.0],
        ['wall-sit', 0.0, 0.0, 413.9, 13.4, 0.7],
        ['jump-squat', 0.0, 0.0, 522.2, 32.4, 9.3],
        ['split-squat', 0.0, 0.0, 405.0, 11.9, 0.0],
        ['rear-foot-elevated-split-squat', 0.0, 0.42, 625.8, 50.5, 17.5],
        ['front-foot-elevated-split-squat', 0.0, 0.12, 419.5, 14.4, 1.1],
        ['reverse-lunge', 0.0, 0.0, 866.4, 92.5, 36.7],
        ['overhead-lunge', 0.0, 0.0, 861.2, 91.6, 36.2],
        ['lateral-lunge', 0.0, 0.0, 429.1, 16.1, 1.9],
        ['cossack-squat', 0.0, 0.0, 429.1, 16.1, 1.9],
        ['step-up', 0.0, 0.15, 1261.0, 161.5, 68.0],
        ['step-up', 0.0, 0.25, 1005.6, 116.9, 47.7],
        ['step-up', 0.0, 0.35, 930.3, 103.7, 41.7],
        ['step-up', 0.0, 0.45, 904.5, 99.2, 39.7],
        ['step-down', 0.0, 0.20, 1088.6, 131.4, 54.3],
        ['single-leg-box-squat', 0.46, 0.0, 750.1, 72.2, 27.4],
        ['single-leg-squat', 0.0, 0.0, 759.5, 73.9, 28.2],
    ];

    /** Share of body weight on both hands: exercise, hands and feet above the floor in metres, where in the lift, measured, source. */
    private const MEASURED = [
        ['push-up', 'on the floor, arms long', 0.0, 0.0, 'end', 0.64, 'Ebben 2011'],
        ['knee-push-up', 'on the knees, arms long', 0.0, 0.0, 'end', 0.49, 'Ebben 2011'],
        ['push-up', 'hands on 30.5 cm', 0.305, 0.0, 'end', 0.55, 'Ebben 2011'],
        ['push-up', 'hands on 61 cm', 0.61, 0.0, 'end', 0.41, 'Ebben 2011'],
        ['push-up', 'feet on 30.5 cm', 0.0, 0.305, 'end', 0.70, 'Ebben 2011'],
        ['push-up', 'feet on 61 cm', 0.0, 0.61, 'end', 0.74, 'Ebben 2011'],
        ['push-up', 'on the floor, arms long', 0.0, 0.0, 'end', 0.692, 'Suprak 2011'],
        ['push-up', 'on the floor, chest low', 0.0, 0.0, 'start', 0.750, 'Suprak 2011'],
        ['knee-push-up', 'on the knees, arms long', 0.0, 0.0, 'end', 0.536, 'Suprak 2011'],
        ['knee-push-up', 'on the knees, chest low', 0.0, 0.0, 'start', 0.618, 'Suprak 2011'],
    ];

    public function handle(Catalogue $catalogue, ResistanceModel $model): int
    {
        $tables = [
            'measured' => self::measured($catalogue, $model),
            'legs' => self::legs($catalogue, $model),
            'norms' => self::norms($catalogue, $model),
        ];
        if ($this->option('print') === true) {
            $this->output->write(implode("\n---\n", $tables));

            return self::SUCCESS;
        }
        $file = base_path(self::DOCUMENT);
        $text = (string) file_get_contents($file);
        foreach ($tables as $mark => $table) {
            $text = (string) preg_replace(
                "/<!-- {$mark}: begin -->.*<!-- {$mark}: end -->/s",
                "<!-- {$mark}: begin -->\n{$table}<!-- {$mark}: end -->",
                $text,
            );
        }
        file_put_contents($file, $text);
        $this->info('Wrote the tables into '.self::DOCUMENT.'.');

        return self::SUCCESS;
    }

    private static function measured(Catalogue $catalogue, ResistanceModel $model): string
    {
        $body = Body::of(1.75, 75);
        $table = "| share of body weight on both hands | measured | source | a plate would read | difference | felt | difference |\n"
            ."|---|---:|---|---:|---:|---:|---:|\n";
        $errors = [];
        foreach (self::MEASURED as [$id, $how, $handsM, $feetM, $where, $measured, $source]) {
            $exercise = $catalogue->exercise($id);
            $setting = Setting::bodyWeight(supportHeightM: $handsM, footHeightM: $feetM);
            $curve = $model->curve($exercise, $body, $setting);
            $felt = 2 * ($where === 'end' ? $curve->end() : $curve->resistance[0]) / $body->weightN();
            $plate = $model->handsReading($exercise, $body, $setting)[$where]
                ?? throw new \LogicException("{$id} has no weight on the hands.");
            $errors[] = abs($plate - $measured);
            $table .= sprintf(
                "| %s, %s | %.2f | %s | %.2f | %+.2f | %.2f | %+.2f |\n",
                mb_strtolower($exercise->name),
                $how,
                $measured,
                $source,
                $plate,
                $plate - $measured,
                $felt,
                $felt - $measured,
            );
        }

        return $table.sprintf("\nThe plate's mean error is %.3f, its worst %.3f.\n", array_sum($errors) / count($errors), max($errors));
    }

    private static function legs(Catalogue $catalogue, ResistanceModel $model): string
    {
        $body = Body::of(1.75, 75);
        $table = "| nothing added | before: N per leg | squat | split squat | now: N·m per leg | squat | split squat |\n"
            ."|---|---:|---:|---:|---:|---:|---:|\n";
        foreach (self::LEGS as [$id, $seatM, $feetM, $newtons, $asSquatKg, $asSplitKg]) {
            $exercise = $catalogue->exercise($id);
            $setting = Setting::bodyWeight(supportHeightM: $seatM, footHeightM: $feetM);
            $kg = static fn (string $pattern): float => $model->equivalent($exercise, $body, $setting, School::Mean, pattern: $pattern)->kg;
            $height = max($seatM, $feetM);
            $table .= sprintf(
                "| %s%s | %.0f | %s | %s | %.0f | %s | %s |\n",
                mb_strtolower($exercise->name),
                $height > 0 ? sprintf(', %.0f cm', $height * 100) : '',
                $newtons,
                self::against($asSquatKg),
                self::against($asSplitKg),
                $model->curve($exercise, $body, $setting)->mean(),
                self::against($kg('squat')),
                self::against($kg('single-leg')),
            );
        }

        return $table;
    }

    /** What the middle person of each sex and age is expected to do, beside the norms. */
    private static function norms(Catalogue $catalogue, ResistanceModel $model): string
    {
        $prior = new StrengthPrior($catalogue, $model);
        $count = static function (string $sex, int $age, string $id, Setting $setting) use ($prior, $catalogue, $model): float {
            $body = Body::of(...Norms::MEASURED_ON[$sex]);
            $exercise = $catalogue->exercise($id);
            $wholeKg = $model->wholeKg($exercise, $body, $model->summary($exercise, $body, $setting), School::Mean, $exercise->pattern);
            $capacity = $prior->of(Person::of($body, $sex, $age, Experience::Some))->capacity($exercise->pattern);

            return $capacity->repetitionsAround($wholeKg, 0.0)[1];
        };
        $table = "| push-ups to fatigue | men, norm fair · good · very good | expected | women on the knees, norm | expected |\n"
            ."|---|---:|---:|---:|---:|\n";
        foreach (array_keys(Norms::PUSH_UPS[Person::MALE]) as $age) {
            $table .= "| about {$age} years |";
            foreach ([[Person::MALE, 'push-up'], [Person::FEMALE, 'knee-push-up']] as [$sex, $id]) {
                $table .= sprintf(
                    ' %s | %.0f |',
                    implode(' · ', array_slice(Norms::PUSH_UPS[$sex][$age], 0, 3)),
                    $count($sex, $age, $id, Setting::bodyWeight()),
                );
            }
            $table .= "\n";
        }
        $table .= "\n| older people, 30 s by the clock | rises, men | to failure | rises, women | to failure | curls, men | to failure |"
            ." curls, women | to failure |\n|---|---:|---:|---:|---:|---:|---:|---:|---:|\n";
        foreach (array_keys(Norms::CHAIR_STANDS[Person::MALE]) as $age) {
            $table .= "| about {$age} years |";
            foreach ([[Norms::CHAIR_STANDS, FitnessTest::ChairStand], [Norms::ARM_CURLS, FitnessTest::ArmCurl]] as [$norm, $test]) {
                foreach ([Person::MALE, Person::FEMALE] as $sex) {
                    $most = $count($sex, $age, $test->exercise(), $test->setting(Norms::CURL_KG[$sex]));
                    $table .= sprintf(' %s | %s |', implode('–', $norm[$sex][$age]), $most >= 59.9 ? 'over 60' : sprintf('%.0f', $most));
                }
            }
            $table .= "\n";
        }

        return $table;
    }

    /** "+12 kg" or "less 5 kg" against a bare lift. */
    private static function against(float $kg): string
    {
        $shown = round(abs($kg), 1);

        return $shown < 0.05 ? 'as it is' : sprintf('%s%.1f kg', $kg < 0 ? 'less ' : '+', $shown);
    }
}
