<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

/** What the Floor plays. */
enum StepKind: string
{
    case Work = 'work';
    case Rest = 'rest';
    case Change = 'change';
    case Announce = 'announce';
}
