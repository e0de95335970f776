<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** Which limbs share the resistance. */
enum WorkingLimbs: string
{
    /** Both alike. */
    case Both = 'both';

    /** Only the near one. */
    case One = 'one';

    /** The near one mostly; the far one helps as far as the balance of moments about the feet says. */
    case Shared = 'shared';

    /** As shared at the start; the far foot leaves its place on the way, and the near leg ends up with all of it: lunges. */
    case HandedOver = 'handed-over';

    /** True where the far leg bears a part that changes over the movement. */
    public function areUnequal(): bool
    {
        return $this === self::Shared || $this === self::HandedOver;
    }
}
