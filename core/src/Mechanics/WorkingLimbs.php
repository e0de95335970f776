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
}
