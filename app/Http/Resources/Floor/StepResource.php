<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Planning\Step;
use NimbleShelf\Core\Planning\StepKind;
use NimbleShelf\Core\Planning\ThingInUse;

/** One thing the Floor plays. */
final readonly class StepResource extends Resource
{
    /**
     * @param  string  $kind  `work`, `rest`, `change` or `announce`.
     * @param  int|null  $itemId  Whose work it is, or what is made ready for.
     * @param  int|null  $setNumber  Of work, and of what is announced before it.
     * @param  int|null  $dose  Of work: repetitions or seconds to aim at.
     * @param  string|null  $counting  Of work: `repetitions`, `down` or `up`, what tells that it is through.
     * @param  string|null  $side  `left` or `right` where sides are done apart.
     * @param  bool  $endsSet  True where a set, or a side of it, is through and is logged.
     * @param  list<string>  $pickUp
     * @param  list<string>  $putDown
     */
    public function __construct(
        public string $kind,
        public int $seconds,
        public string $words,
        public ?int $itemId,
        public ?int $setNumber,
        public ?string $side,
        public bool $endsSet,
        public ?int $dose,
        public ?string $counting,
        public array $pickUp,
        public array $putDown,
    ) {
    }

    /** A step of a day's session, whose threads are the ids of its items. */
    public static function of(Step $step): self
    {
        $names = static fn (ThingInUse $use): string => $use->name;

        return new self(
            kind: $step->kind->value,
            seconds: (int) round($step->seconds),
            words: $step->words,
            itemId: $step->slot === null ? null : (int) $step->slot->thread,
            setNumber: in_array($step->kind, [StepKind::Work, StepKind::Announce], true) ? $step->round : null,
            side: $step->side,
            endsSet: $step->endsSet,
            dose: $step->dose,
            counting: $step->counting?->value,
            pickUp: array_map($names, $step->pickUp),
            putDown: array_map($names, $step->putDown),
        );
    }
}
