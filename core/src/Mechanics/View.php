<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics;

/** From where a planar figure is seen; in the front view the far side mirrors the near one. */
enum View: string
{
    case Side = 'side';
    case Front = 'front';
}
