<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

/** One exercise of a note. */
final readonly class NotedItem
{
    /**
     * @param  string  $written  Its name as it was written.
     * @param  int  $from  Where the name begins in the note, in characters.
     * @param  int  $to  Behind its end.
     * @param  Said  $said  What is said of it alone.
     */
    public function __construct(
        public string $written,
        public int $from,
        public int $to,
        public Meant $meant,
        public Said $said,
    ) {
    }

    public function saying(Said $said): self
    {
        return new self($this->written, $this->from, $this->to, $this->meant, $said);
    }

    public function movedBy(int $characters): self
    {
        return new self($this->written, $this->from + $characters, $this->to + $characters, $this->meant, $this->said);
    }
}
