<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Exception;

/** Marks every error the core throws for broken input; expected outcomes are return values instead. */
interface CoreException extends \Throwable
{
    /** Names the input that was wrong, in the words of the outside shapes, such as `points.1.force_n`. */
    public function field(): string;
}
