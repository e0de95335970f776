<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\Fields;
use App\Console\Input\SessionShape;
use App\Console\Input\Shapes;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Planning\KitConflict;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\ThingInUse;
use NimbleShelf\Core\Planning\Timeline;

final class StepsCommand extends JsonCommand
{
    protected $signature = 'nimble:steps';

    protected $description = 'Plays one session as steps: work, rest, changes and announcements, with their seconds';

    public function __construct(private readonly Catalogue $catalogue)
    {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $client = Shapes::client($asked->object('client'), array_keys($this->catalogue->patterns));
        $shelf = $asked->has('shelf') ? Shapes::shelf($asked->objects('shelf')) : [];
        if ($asked->has('home')) {
            Shapes::home($asked->object('home'));
        }
        $timeline = Timeline::of(
            (new SessionShape($this->catalogue, $shelf))->read($asked->object('session')),
            $client->isSlowOnFeet(),
            resting: $client->resting(),
        );

        return [
            'steps' => array_map($this->step(...), $timeline->steps),
            'seconds' => round($timeline->seconds(), 1),
            'likely_seconds' => round($timeline->likelySeconds(), 1),
            'position_changes' => $timeline->positionChanges,
            'conflicts' => array_map(
                static fn (KitConflict $conflict): array => [
                    'thing' => $conflict->thing->id,
                    'fits' => $conflict->fits(),
                    'words' => $conflict->inWords(),
                ],
                $timeline->conflicts,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function step(Step $step): array
    {
        $ids = static fn (ThingInUse $use): string => $use->id;

        return array_filter([
            'kind' => $step->kind->value,
            'seconds' => round($step->seconds, 1),
            'thread' => $step->slot?->thread,
            'side' => $step->side,
            'round' => $step->round,
            'dose' => $step->dose,
            'unit' => $step->unit,
            'words' => $step->words,
        ], static fn (mixed $value): bool => $value !== null) + [
            'pick_up' => array_map($ids, $step->pickUp),
            'put_down' => array_map($ids, $step->putDown),
        ];
    }
}
