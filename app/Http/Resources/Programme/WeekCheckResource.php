<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Editing\Mend;
use NimbleShelf\Core\Programme\Check;

/** One thing a week is checked for. */
final readonly class WeekCheckResource extends Resource
{
    private const NAMES = [
        'time' => 'Time', 'recovery' => 'Recovery', 'pattern' => 'Patterns', 'balance-push-pull' => 'Push and pull',
        'balance-thigh' => 'Front and back of the leg', 'volume' => 'Working sets', 'order' => 'Order', 'kit' => 'Kit',
        'positions' => 'Changes of position', 'limits' => 'Limits', 'effort' => 'Effort', 'name' => 'Name', 'frame' => 'Frame',
        'variety' => 'Variety', 'hard-days' => 'Hard days',
    ];

    /**
     * @param  int|null  $weekday  The session it is about; null for the week.
     * @param  string  $verdict  `ok`, `watch` or `no`.
     * @param  array<string, string>  $threads  Exercises in the way, each with what is said of it; empty where it is about all.
     * @param  list<MendResource>  $mends  What would answer it, while the week is edited.
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $week,
        public ?int $weekday,
        public string $verdict,
        public string $value,
        public string $wanted,
        public string $words,
        public array $threads,
        public array $mends,
    ) {
    }

    /** @param  list<Mend>  $mends */
    public static function of(Check $check, array $mends = []): self
    {
        return new self(
            $check->id,
            self::NAMES[$check->id] ?? $check->id,
            $check->week,
            $check->weekday,
            $check->verdict->value,
            $check->value,
            $check->wanted,
            $check->words,
            $check->threads,
            array_map(static fn (Mend $mend): MendResource => new MendResource($mend->words, $mend->edit->toArray()), $mends),
        );
    }
}
