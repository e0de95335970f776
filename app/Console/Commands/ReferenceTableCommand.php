<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;

/** Writes the table of model against measurement into docs/engine.md, between its two marks. */
final class ReferenceTableCommand extends Command
{
    protected $signature = 'nimble:reference-table {--print : Only print it}';

    protected $description = 'Compares the model with published measurements';

    private const DOCUMENT = 'docs/engine.md';

    private const MARKS = ['<!-- measured: begin -->', '<!-- measured: end -->'];

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
        $table = self::comparison($catalogue, $model);
        if ($this->option('print') === true) {
            $this->output->write($table);

            return self::SUCCESS;
        }
        $file = base_path(self::DOCUMENT);
        [$begin, $end] = self::MARKS;
        $text = (string) preg_replace(
            '/'.preg_quote($begin, '/').'.*'.preg_quote($end, '/').'/s',
            "{$begin}\n{$table}{$end}",
            (string) file_get_contents($file),
        );
        file_put_contents($file, $text);
        $this->info('Wrote the table into '.self::DOCUMENT.'.');

        return self::SUCCESS;
    }

    private static function comparison(Catalogue $catalogue, ResistanceModel $model): string
    {
        $body = Body::of(1.75, 75);
        $table = "| share of body weight on both hands | measured | source | model | difference |\n|---|---:|---|---:|---:|\n";
        foreach (self::MEASURED as [$id, $how, $handsM, $feetM, $where, $measured, $source]) {
            $exercise = $catalogue->exercise($id);
            $curve = $model->curve($exercise, $body, Setting::bodyWeight(supportHeightM: $handsM, footHeightM: $feetM));
            $share = 2 * ($where === 'end' ? $curve->end() : $curve->resistance[0]) / $body->weightN();
            $table .= sprintf(
                "| %s, %s | %.2f | %s | %.2f | %+.2f |\n",
                mb_strtolower($exercise->name),
                $how,
                $measured,
                $source,
                $share,
                $share - $measured,
            );
        }

        return $table;
    }
}
