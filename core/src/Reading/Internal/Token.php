<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

/**
 * One word, number or mark of a line.
 *
 * @internal
 */
final readonly class Token
{
    /**
     * @param  string  $text  In small letters; a number in digits, whichever way it was written.
     * @param  string  $kind  `word`, `number` or `mark`.
     * @param  int  $from  Where it begins in the line, in bytes.
     * @param  int  $to  Behind its end.
     */
    public function __construct(public string $text, public string $kind, public int $from, public int $to)
    {
    }

    public function isWord(): bool
    {
        return $this->kind === 'word';
    }

    public function isMark(): bool
    {
        return $this->kind === 'mark';
    }
}
