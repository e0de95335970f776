<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use App\Console\Input\Shapes;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Candidate;
use NimbleShelf\Core\Matching\Exclusion;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Matching\SwapDesk;
use NimbleShelf\Core\Matching\SwapResult;

final class SwapCommand extends JsonCommand
{
    private const USUAL_LIMIT = 12;

    protected $signature = 'nimble:swap';

    protected $description = 'Ranks what a shelf offers in place of a prescribed exercise';

    public function __construct(private readonly Catalogue $catalogue, private readonly SwapDesk $desk)
    {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $client = Shapes::client($asked->object('client'), array_keys($this->catalogue->patterns));
        $shelf = Shapes::shelf($asked->objects('shelf'));
        $home = Shapes::home($asked->object('home'));
        $prescription = Shapes::prescription($asked->object('prescription'));
        $exercise = $this->catalogue->exercises[$prescription->exercise]
            ?? throw InvalidQuantity::because('prescription.exercise', "There is no exercise called \"{$prescription->exercise}\".");
        Shapes::refuseUnfinished($exercise, $prescription->setting, 'prescription.');
        if ($prescription->setting->implement === 'body-weight' && ! $exercise->usesBodyWeight) {
            throw InvalidQuantity::because('prescription.setting', "prescription.setting is missing: {$exercise->name} needs a load.");
        }
        $school = School::from($asked->oneOf('school', array_column(School::cases(), 'value'), School::Mean->value));
        $limit = $asked->has('limit') ? $asked->whole('limit', 1, 200, 'candidates') : self::USUAL_LIMIT;
        $result = InvalidQuantity::under(
            'prescription',
            fn (): SwapResult => $this->desk->rank($prescription, new Situation($client, $shelf, $home), $school, $limit),
        );

        return [
            'candidates' => array_map(static fn (Candidate $candidate): array => [
                'exercise' => $candidate->rung->exercise->id,
                'setting' => $candidate->rung->setting->toArray(),
                'equivalent_kg' => $candidate->equivalent->isMeasured ? round($candidate->equivalent->kg, 3) : null,
                'low_kg' => $candidate->equivalent->isMeasured ? round($candidate->equivalent->lowKg(), 3) : null,
                'high_kg' => $candidate->equivalent->isMeasured ? round($candidate->equivalent->highKg(), 3) : null,
                'match' => round($candidate->match, 4),
                'reps' => $candidate->reps,
                'reserve' => $candidate->reserve,
                'reasons' => [...$candidate->reasons, ...$candidate->changes, ...$candidate->lost],
                'cautions' => $candidate->cautions,
            ], $result->candidates),
            'excluded' => array_map(
                static fn (Exclusion $exclusion): array => ['exercise' => $exclusion->exercise->id, 'reasons' => $exclusion->reasons],
                $result->excluded,
            ),
        ];
    }
}
