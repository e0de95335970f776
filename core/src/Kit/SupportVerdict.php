<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Kit;

/** What a check of furniture comes to. It can only refuse or warn: whatever it says, test by hand first. */
enum SupportVerdict: string
{
    case Fine = 'fine';
    case Brace = 'brace';
    case DoNot = 'do-not';
}
