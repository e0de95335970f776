<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** One thing that two slots of a block want in two set-ups at once. */
final readonly class KitConflict
{
    /**
     * @param  float  $neededSeconds  To set it up anew.
     * @param  float  $restSeconds  There are between the two.
     */
    public function __construct(
        public ThingInUse $thing,
        public Slot $from,
        public Slot $to,
        public float $neededSeconds,
        public float $restSeconds,
    ) {
    }

    /** True where the rest is long enough to change it; then the change is counted. */
    public function fits(): bool
    {
        return $this->neededSeconds <= $this->restSeconds;
    }

    public function inWords(): string
    {
        if ($this->thing->isPacked() || $this->thing->kind === 'object') {
            return sprintf(
                'The %s is part of what is packed for %s and is wanted by itself for %s: moving it takes %.0f s and the rest between '
                    .'is %.0f s.',
                $this->thing->name,
                mb_strtolower(($this->thing->isPacked() ? $this->to : $this->from)->exercise->name),
                mb_strtolower(($this->thing->isPacked() ? $this->from : $this->to)->exercise->name),
                $this->neededSeconds,
                $this->restSeconds,
            );
        }

        return sprintf(
            'The %s is needed in two set-ups, for %s and for %s: changing it takes %.0f s and the rest between is %.0f s.',
            $this->thing->name,
            mb_strtolower($this->from->exercise->name),
            mb_strtolower($this->to->exercise->name),
            $this->neededSeconds,
            $this->restSeconds,
        );
    }
}
