<?php

declare(strict_types=1);

namespace App\Console\Input;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\SessionPlan;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Planning\Tempo;

/** Reads one session of the planner's outside shape. */
final readonly class SessionShape
{
    private const USUAL_REST_SECONDS = 60;

    private const USUAL_RESERVE = 2;

    /** @param  list<Thing>  $shelf  Empty where none was given; then things are known by their ids alone. */
    public function __construct(private Catalogue $catalogue, private array $shelf)
    {
    }

    /**
     * @param  string  $at  Where it stands, for naming what is wrong.
     *
     * @throws InvalidQuantity If something is missing, unknown or out of range, naming it.
     */
    public function read(Fields $session, string $at = 'session'): SessionPlan
    {
        $blocks = [];
        foreach ($session->objects('blocks') as $i => $block) {
            $under = "{$at}.blocks.{$i}";
            $kind = BlockKind::from($block->oneOf('kind', array_column(BlockKind::planned(), 'value')));
            $rule = InvalidQuantity::under(
                $under,
                static fn (): BlockRule => BlockRule::fromArray($kind, array_intersect_key($block->all(), array_flip(BlockRule::keys()))),
            );
            $slots = [];
            foreach ($block->objects('items') as $j => $item) {
                $slots[] = $this->slot($item, $kind, $rule, "{$i}.{$j}", "{$under}.items.{$j}");
            }
            $blocks[] = InvalidQuantity::under(
                $under,
                static fn (): Block => Block::of($kind, $block->has('name') ? $block->text('name') : $kind->label(), $rule, $slots),
            );
        }

        return new SessionPlan($session->has('name') ? $session->text('name') : 'Session', $blocks);
    }

    private function slot(Fields $item, BlockKind $kind, BlockRule $rule, string $place, string $under): Slot
    {
        $id = $item->text('exercise');
        $exercise = $this->catalogue->exercises[$id]
            ?? throw InvalidQuantity::because("{$under}.exercise", "There is no exercise called \"{$id}\".");
        $setting = $item->has('setting')
            ? InvalidQuantity::under($under, static fn (): Setting => Setting::fromArray($item->map('setting')))
            : Setting::bodyWeight();
        $usual = $exercise->isOneSidedIn($setting) ? Sides::Each : Sides::Both;
        $sides = Sides::from($item->oneOf('sides', array_column(Sides::cases(), 'value'), $usual->value));
        $tempo = $item->has('tempo') ? InvalidQuantity::under($under, static fn (): Tempo => Tempo::fromArray($item->map('tempo'))) : null;
        $assignment = InvalidQuantity::under($under, fn (): Assignment => Assignment::of(
            exercise: $id,
            setting: $setting,
            sets: $item->has('sets') ? $item->whole('sets', 1, 20, 'sets') : 1,
            dose: $this->dose($item, $kind, $rule, $sides),
            reserve: $item->has('reserve') ? $item->whole('reserve', 0, 10, 'repetitions') : self::USUAL_RESERVE,
            restSeconds: $item->has('rest_seconds') ? $item->whole('rest_seconds', 0, 900, 's') : self::USUAL_REST_SECONDS,
            sides: $sides,
            words: $item->has('words') ? $item->text('words') : null,
            tempo: $tempo,
            lastToFailure: $item->has('last_to_failure') && $item->flag('last_to_failure'),
        ));

        return new Slot(
            $item->has('thread') ? $item->text('thread') : $place,
            $exercise,
            $assignment,
            $item->has('things') ? $this->things($item->texts('things'), "{$under}.things") : [],
        );
    }

    private function dose(Fields $item, BlockKind $kind, BlockRule $rule, Sides $sides): Dose
    {
        $given = array_intersect_key($item->all(), array_flip(['reps', 'reps_most', 'seconds', 'as_long_as_clean', 'factor', 'means']));
        $perSide = $item->has('per_side') ? $item->flag('per_side') : $sides !== Sides::Both;
        if ($given === []) {
            $given = match ($kind) {
                BlockKind::Intervals => ['seconds' => $rule->workSeconds],
                BlockKind::Ladder => ['reps' => $rule->doses[0]],
                BlockKind::Hold => ['as_long_as_clean' => true],
                BlockKind::TwoPhase => $rule->phases === [] ? [] : ['seconds' => array_sum(array_column($rule->phases, 'seconds'))],
                default => [],
            };
        }
        try {
            return Dose::fromArray($given + ['per_side' => $perSide]);
        } catch (InvalidQuantity $refused) {
            // In this shape the dose is no object of its own.
            $field = substr($refused->field(), strlen('dose.'));
            throw InvalidQuantity::because($field, str_replace($refused->field(), $field, $refused->getMessage()));
        }
    }

    /**
     * @param  list<string>  $ids
     * @return list<Thing>
     */
    private function things(array $ids, string $under): array
    {
        if ($this->shelf === []) {
            return [];
        }
        $byId = [];
        foreach ($this->shelf as $thing) {
            $byId[$thing->id] = $thing;
        }

        return array_map(
            static fn (string $id): Thing => $byId[$id] ?? throw InvalidQuantity::because(
                $under,
                "There is nothing called \"{$id}\" on the shelf.",
            ),
            $ids,
        );
    }
}
