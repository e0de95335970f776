<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What a check says of a week or a session. */
enum Verdict: string
{
    case Ok = 'ok';
    case Watch = 'watch';
    case No = 'no';
}
