<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

/** What somebody wrote for one day. */
final readonly class WrittenDay
{
    /**
     * @param  int|null  $weekday  1 for Monday to 7; null where none is named.
     * @param  string  $name  "Day A"; empty where it has none.
     * @param  list<WrittenBlock>  $blocks
     */
    public function __construct(public ?int $weekday, public string $name, public array $blocks)
    {
    }
}
