<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Casts\AsMoment;
use App\Http\Resources\Resource;
use App\Models\FloorEvent;

/** Something that happened on the Floor and stands; sets apart. */
final readonly class FloorFactResource extends Resource
{
    /**
     * @param  string  $key  Taking it back names it.
     * @param  string|null  $to  Of a move: `now` or `later`.
     * @param  string|null  $why  Of a skip: `left-out`, `cut` or `pain`.
     * @param  list<int>  $itemIds  Of what was picked from a menu.
     */
    public function __construct(
        public string $key,
        public string $kind,
        public string $at,
        public ?int $itemId,
        public ?int $setNumber,
        public ?string $side,
        public ?int $seconds,
        public ?string $to,
        public ?string $why,
        public array $itemIds,
        public ?int $effort,
    ) {
    }

    public static function of(FloorEvent $event): self
    {
        $whole = static fn (string $field): ?int => is_int($event->said[$field] ?? null) ? $event->said[$field] : null;
        $word = static fn (string $field): ?string => is_string($event->said[$field] ?? null) ? $event->said[$field] : null;
        $picked = $event->said['itemIds'] ?? [];

        return new self(
            key: $event->key,
            kind: $event->kind->value,
            at: AsMoment::said($event->at),
            itemId: $event->item_id,
            setNumber: $whole('setNumber'),
            side: $word('side'),
            seconds: $whole('seconds'),
            to: $word('to'),
            why: $word('why'),
            itemIds: array_values(array_filter(is_array($picked) ? $picked : [], is_int(...))),
            effort: $whole('effort'),
        );
    }
}
