<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Equivalence;

/** What must agree for two settings to count as equally heavy. */
enum School: string
{
    /** The same mean over the range, which is the same work. */
    case Mean = 'mean';

    case Peak = 'peak';

    case EndOfRange = 'end-of-range';
}
