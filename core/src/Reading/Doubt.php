<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

use NimbleShelf\Core\Catalogue\Exercise;

/** Words of a note that mean nothing certain: they are asked about, and stand for nothing until they are answered. */
final readonly class Doubt
{
    /**
     * @param  int  $from  Where they begin in the note, in characters.
     * @param  int  $to  Behind their end.
     * @param  list<Exercise>  $nearest  Where an exercise is meant, those that come nearest; else none.
     * @param  list<string>  $choices  Words that can stand in their place.
     */
    public function __construct(
        public string $text,
        public int $from,
        public int $to,
        public array $nearest = [],
        public array $choices = [],
    ) {
    }

    public function movedBy(int $characters): self
    {
        return new self($this->text, $this->from + $characters, $this->to + $characters, $this->nearest, $this->choices);
    }

    /** What to ask, as a sentence. */
    public function question(): string
    {
        return match (true) {
            $this->nearest !== [] => "Which exercise is “{$this->text}”?",
            $this->choices !== [] => "What does “{$this->text}” mean?",
            default => "“{$this->text}” is not understood.",
        };
    }
}
