<?php

declare(strict_types=1);

namespace App\Actions\Catalogue;

use App\Http\Resources\Catalogue\CatalogueEntryResource;
use App\Http\Resources\Catalogue\CatalogueResource;
use App\Http\Resources\Catalogue\VariantResource;
use App\Http\Resources\Shared\FigureResource;
use App\Http\Resources\Shared\LimitResource;
use App\Models\ExerciseVariant;
use App\Models\User;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Mechanics\Body;

/** Lists the catalogue with a small picture of each exercise. */
final readonly class ShowCatalogue
{
    public function __construct(private Catalogue $catalogue, private ResistanceModel $model)
    {
    }

    public function handle(User $trainer): CatalogueResource
    {
        $trainer->load('exerciseVariants');
        $body = ShowExercise::usualBody();
        $order = array_flip(array_keys($this->catalogue->patterns));
        $exercises = array_values($this->catalogue->exercises);
        usort($exercises, static fn (Exercise $one, Exercise $other): int => $order[$one->pattern] <=> $order[$other->pattern]);

        return new CatalogueResource(
            exercises: array_map(fn (Exercise $exercise): CatalogueEntryResource => $this->entry($exercise, $body), $exercises),
            variants: array_values(
                $trainer->exerciseVariants->map(
                    fn (ExerciseVariant $variant): VariantResource => VariantResource::of($variant, $this->catalogue),
                )->all(),
            ),
            limits: array_map(LimitResource::of(...), Limit::cases()),
        );
    }

    private function entry(Exercise $exercise, Body $body): CatalogueEntryResource
    {
        $setting = ShowExercise::drawnSetting($exercise);

        return new CatalogueEntryResource(
            id: $exercise->id,
            name: $exercise->name,
            aliases: $exercise->aliases,
            pattern: $exercise->pattern,
            patternName: $this->catalogue->pattern($exercise->pattern)->name,
            muscles: array_map(ShowExercise::inWords(...), array_keys($exercise->mainMuscles)),
            kit: ShowExercise::kitOf($exercise),
            position: ShowExercise::inWords($exercise->position),
            quiet: $exercise->noise !== 'loud',
            skill: $exercise->skill,
            excludes: array_keys(array_filter($exercise->limits, static fn (array $rule): bool => $rule['effect'] === 'exclude')),
            figure: FigureResource::of($this->model->rig($exercise, $body, $setting), $exercise, $setting, $body, moments: 1),
        );
    }
}
