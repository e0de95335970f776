<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Reading\Meant;
use NimbleShelf\Core\Reading\Said;

/**
 * A part of a line that was understood: something said, a name, a kind of block, a joint, or what is left alone.
 *
 * @internal
 */
final readonly class Node
{
    /**
     * @param  string  $type  `said`, `name`, `kind`, `title`, `joint`, `left`, `way`, `either` or `word`.
     * @param  string  $text  Of a way its words, of a title its name, of what is left alone why.
     * @param  list<string>  $choices  What it may mean, in words that can stand in its place.
     */
    private function __construct(
        public string $type,
        public int $first,
        public int $last,
        public Said $said,
        public ?Meant $meant = null,
        public ?BlockKind $kind = null,
        public string $text = '',
        public array $choices = [],
    ) {
    }

    public static function said(Said $said, int $first, int $last): self
    {
        return new self('said', $first, $last, $said);
    }

    public static function name(Meant $meant, int $first, int $last): self
    {
        return new self('name', $first, $last, Said::nothing(), $meant);
    }

    public static function word(int $at): self
    {
        return new self('word', $at, $at, Said::nothing());
    }

    public static function mark(int $at, string $text): self
    {
        return new self('mark', $at, $at, Said::nothing(), text: $text);
    }

    /** @param  BlockKind|null  $kind  Null for what goes by a clock of its own: every minute, as many rounds as clean. */
    public static function kind(?BlockKind $kind, ?Said $said = null): self
    {
        return new self('kind', 0, 0, $said ?? Said::nothing(), kind: $kind);
    }

    public static function title(string $text): self
    {
        return new self('title', 0, 0, Said::nothing(), text: $text);
    }

    public static function joint(): self
    {
        return new self('joint', 0, 0, Said::nothing());
    }

    /** @param  string  $why  `growth` or `weeks`: the plan does that by itself; empty for what says nothing of a dose. */
    public static function left(string $why = ''): self
    {
        return new self('left', 0, 0, Said::nothing(), text: $why);
    }

    public static function way(string $way, string $text): self
    {
        return new self('way', 0, 0, Said::of(['way' => $way]), text: $text);
    }

    /** @param  list<string>  $choices */
    public static function either(string $text, array $choices): self
    {
        return new self('either', 0, 0, Said::nothing(), text: $text, choices: $choices);
    }

    public function over(int $first, int $last): self
    {
        return new self($this->type, $first, $last, $this->said, $this->meant, $this->kind, $this->text, $this->choices);
    }
}
