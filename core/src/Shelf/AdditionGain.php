<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Shelf;

/** How much one addition opens, with the arithmetic. */
final readonly class AdditionGain
{
    /** What each kind of gain counts; our judgement: a new pattern is worth a handful of smaller steps. */
    private const OPENED = 10;

    private const FURTHER = 2;

    private const CLOSED = 1;

    /**
     * @param  list<string>  $opened  Names of patterns that could not be trained.
     * @param  list<string>  $further  Names of patterns where it reaches at least a tenth further up.
     * @param  int  $closed  Jumps above fifteen per cent that it fills.
     */
    public function __construct(public Addition $addition, public array $opened, public array $further, public int $closed)
    {
    }

    public function score(): int
    {
        return self::OPENED * count($this->opened) + self::FURTHER * count($this->further) + self::CLOSED * $this->closed;
    }

    public function sum(): string
    {
        return sprintf(
            '%d new × %d + %d further × %d + %d jumps filled × %d = %d',
            count($this->opened),
            self::OPENED,
            count($this->further),
            self::FURTHER,
            $this->closed,
            self::CLOSED,
            $this->score(),
        );
    }
}
