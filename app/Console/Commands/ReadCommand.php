<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Input\BriefShape;
use App\Console\Input\Fields;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\Slot;
use NimbleShelf\Core\Programme\SessionReader;
use NimbleShelf\Core\Programme\TrainingDay;
use NimbleShelf\Core\Programme\WrittenBlock;
use NimbleShelf\Core\Programme\WrittenDay;
use NimbleShelf\Core\Programme\WrittenSlot;
use NimbleShelf\Core\Reading\Doubt;

final class ReadCommand extends JsonCommand
{
    protected $signature = 'nimble:read';

    protected $description = 'Reads a session as trainers scribble it, for a client and a shelf';

    /** A visit of which nothing is said. */
    private const USUAL_MINUTES = 45;

    public function __construct(private readonly BriefShape $briefs, private readonly SessionReader $reader)
    {
        parent::__construct();
    }

    protected function answer(Fields $asked): array
    {
        $brief = $this->briefs->read($asked, weeks: 1, days: TrainingDay::spread(1, self::USUAL_MINUTES));
        $days = $this->reader->days($asked->text('text'), $brief);
        $blocks = array_merge(...[[], ...array_map(static fn (WrittenDay $day): array => $day->blocks, $days)]);
        $isOfDays = array_filter($days, static fn (WrittenDay $day): bool => $day->weekday !== null || $day->name !== '') !== [];

        return ($isOfDays ? ['days' => array_map(static fn (WrittenDay $day): array => array_filter([
            'weekday' => $day->weekday,
            'name' => $day->name,
        ], static fn (mixed $value): bool => $value !== null && $value !== '') + [
            'blocks' => array_map(self::block(...), $day->blocks),
        ], $days)] : []) + [
            'blocks' => array_map(self::block(...), $blocks),
            'not_understood' => array_map(self::doubt(...), self::all($blocks, static fn (WrittenBlock $one): array => $one->doubts)),
            'left_alone' => self::all($blocks, static fn (WrittenBlock $one): array => $one->left),
            'assumed' => self::all($blocks, self::assumed(...)),
        ];
    }

    /**
     * @template T
     *
     * @param  list<WrittenBlock>  $blocks
     * @param  \Closure(WrittenBlock): list<T>  $of
     * @return list<T>
     */
    private static function all(array $blocks, \Closure $of): array
    {
        return array_merge(...[[], ...array_map($of, $blocks)]);
    }

    /** @return array<string, mixed> */
    private static function doubt(Doubt $doubt): array
    {
        return [
            'text' => $doubt->text,
            'from' => $doubt->from,
            'to' => $doubt->to,
            'nearest' => array_map(static fn (Exercise $one): string => $one->id, $doubt->nearest),
        ] + ($doubt->choices === [] ? [] : ['readings' => $doubt->choices]);
    }

    /** @return list<string> */
    private static function assumed(WrittenBlock $block): array
    {
        $words = [];
        foreach ($block->slots as $slot) {
            foreach ($slot->assumed as $one) {
                $words[] = ($slot->exercise === null ? $slot->text : $slot->exercise->name).": {$one}";
            }
        }

        return $words;
    }

    /** @return array<string, mixed> */
    private static function block(WrittenBlock $block): array
    {
        $isClocked = $block->form !== $block->kind->value;

        return [
            'kind' => $block->form,
            'text' => $block->text,
        ] + ($block->block === null ? [] : ['name' => $block->block->name])
            + ($isClocked ? self::clock($block) : self::rule($block->rule, $block->kind))
            + ['items' => array_map(self::item(...), $block->slots)]
            + ($block->refused === [] ? [] : ['refused' => $block->refused]);
    }

    /** @return array<string, mixed> */
    private static function rule(BlockRule $rule, BlockKind $kind): array
    {
        return array_diff_key($rule->toArray(), $kind === BlockKind::Straight ? ['rounds' => 1] : []);
    }

    /** @return array<string, int> */
    private static function clock(WrittenBlock $block): array
    {
        return array_filter(
            ['period_s' => $block->all->period, 'total_s' => $block->all->clock],
            static fn (?int $seconds): bool => $seconds !== null,
        );
    }

    /** @return array<string, mixed> */
    private static function item(WrittenSlot $slot): array
    {
        return ['written' => $slot->text, 'exercise' => $slot->exercise?->id]
            + ($slot->slot === null ? [] : self::rung($slot->slot))
            + ($slot->asked === null ? [] : self::dose($slot->asked, $slot))
            + ($slot->problem === null || $slot->exercise === null ? [] : ['lacking' => $slot->problem])
            + ($slot->instead === null ? [] : [
                'instead' => ['exercise' => $slot->instead->exercise->id, 'words' => $slot->instead->rung->words],
            ]);
    }

    /** @return array<string, mixed> */
    private static function rung(Slot $slot): array
    {
        return array_filter([
            'setting' => $slot->assignment->setting->toArray(),
            'words' => $slot->assignment->words,
            'things' => array_values(array_filter(
                array_map(static fn (Thing $thing): string => $thing->id, $slot->things),
                static fn (string $id): bool => $id !== Situation::OWN_SEAT,
            )),
        ], static fn (mixed $value): bool => $value !== null);
    }

    /** @return array<string, mixed> */
    private static function dose(Assignment $asked, WrittenSlot $slot): array
    {
        $dose = $asked->dose;
        $isCounted = ! $dose->isTimed() && ! $dose->asManyAsClean;

        return array_filter([
            'sets' => $asked->sets,
            'reps' => $isCounted ? $dose->fewest : null,
            'reps_to' => $isCounted && $dose->most !== $dose->fewest ? $dose->most : null,
            'seconds' => $dose->metres === null ? $dose->seconds : null,
            'metres' => $dose->metres,
            'as_long_as_clean' => $dose->asLongAsClean ? true : null,
            'as_many_as_clean' => $dose->asManyAsClean ? true : null,
            'loads_kg' => $slot->said->loads,
            'per_side' => $dose->perSide,
            'sides' => $asked->sides->value,
            'reserve' => $asked->reserve,
            'tempo' => $asked->tempo?->toArray(),
            'rest_seconds' => $asked->restSeconds,
            'to_failure' => match (true) {
                $slot->said->toFailure === true && $asked->reserve === 0 => 'every-set',
                $asked->lastToFailure => 'last-set',
                default => null,
            },
        ], static fn (mixed $value): bool => $value !== null);
    }
}
