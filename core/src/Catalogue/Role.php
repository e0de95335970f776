<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

/** What an exercise is to a plan; planning contract, section 4b. */
enum Role: string
{
    /** It carries its pattern. */
    case Main = 'main';

    /** It fills what the main lifts leave. */
    case Builder = 'builder';

    case Trunk = 'trunk';

    /** Done fast, and first. */
    case Power = 'power';

    /** It warms up or teaches; work only where nothing else is left. */
    case Drill = 'drill';
}
