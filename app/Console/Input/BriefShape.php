<?php

declare(strict_types=1);

namespace App\Console\Input;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Programme\Brief;
use NimbleShelf\Core\Programme\OrderSchool;
use NimbleShelf\Core\Programme\Pin;
use NimbleShelf\Core\Programme\Structure;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\StrengthPrior;

/** Reads what a programme is to be planned for, in the planner's outside shape. */
final readonly class BriefShape
{
    /** Goals a programme is planned for. */
    private const GOALS = [
        Goal::Strength, Goal::Muscle, Goal::Endurance, Goal::Beginner, Goal::Health, Goal::Older, Goal::Youth, Goal::Keep,
    ];

    public function __construct(private Catalogue $catalogue, private StrengthPrior $prior)
    {
    }

    /**
     * @param  int|null  $weeks  Where they are not asked for.
     * @param  list<TrainingDay>|null  $days  Where they are not asked for.
     *
     * @throws InvalidQuantity If something is missing, unknown or out of range, naming it.
     */
    public function read(Fields $asked, ?int $weeks = null, ?array $days = null): Brief
    {
        $client = $asked->object('client');
        $experience = Experience::from(
            $client->oneOf('experience', array_column(Experience::cases(), 'value'), Experience::None->value),
        );
        $told = Shapes::client($client, array_keys($this->catalogue->patterns));
        $person = Shapes::person($client, $asked->has('start') ? Shapes::year($asked, 'start') : null, $experience);

        return Brief::of(
            situation: (new Situation(
                $told->knowing($this->prior->knowing($person, $told->capacities)),
                Shapes::shelf($asked->objects('shelf')),
                Shapes::home($asked->object('home')),
            ))->withASeat(),
            goal: Goal::from($asked->oneOf('goal', array_column(self::GOALS, 'value'))),
            experience: $experience,
            days: $days ?? $this->days($asked),
            weeks: $weeks ?? $asked->whole('weeks', 1, 26, 'weeks'),
            order: OrderSchool::from(
                $asked->oneOf('order', array_column(OrderSchool::cases(), 'value'), OrderSchool::CompoundFirst->value),
            ),
            structure: Structure::from($asked->oneOf('structure', array_column(Structure::cases(), 'value'), Structure::Straight->value)),
            pinned: $this->pinned($asked),
            dislikes: $this->dislikes($client),
        );
    }

    /** @return list<TrainingDay> */
    private function days(Fields $asked): array
    {
        if (is_int($asked->all()['days'] ?? null)) {
            return TrainingDay::spread($asked->whole('days', 1, 7, 'days'), $asked->whole('minutes', 10, 180, 'min'));
        }

        return array_map(
            static fn (Fields $day): TrainingDay => TrainingDay::of(
                $day->whole('weekday', 1, 7, ''),
                $day->whole('minutes', 10, 180, 'min'),
            ),
            $asked->objects('days'),
        );
    }

    /** @return list<Pin> */
    private function pinned(Fields $asked): array
    {
        $pins = [];
        foreach ($asked->has('pinned') ? $asked->objects('pinned') : [] as $i => $pin) {
            $pins[] = new Pin(
                $pin->whole('weekday', 1, 7, ''),
                $this->known($pin->text('exercise'), "pinned.{$i}.exercise"),
                $pin->has('setting')
                    ? InvalidQuantity::under("pinned.{$i}", static fn (): Setting => Setting::fromArray($pin->map('setting')))
                    : null,
                $pin->has('sets') ? $pin->whole('sets', 1, 10, 'sets') : null,
            );
        }

        return $pins;
    }

    /** @return list<string> */
    private function dislikes(Fields $client): array
    {
        $dislikes = [];
        foreach ($client->has('dislikes') ? $client->texts('dislikes') : [] as $i => $exercise) {
            $dislikes[] = $this->known($exercise, "client.dislikes.{$i}");
        }

        return $dislikes;
    }

    private function known(string $exercise, string $field): string
    {
        return isset($this->catalogue->exercises[$exercise])
            ? $exercise
            : throw InvalidQuantity::because($field, "There is no exercise called \"{$exercise}\".");
    }
}
