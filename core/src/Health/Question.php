<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Matching\Limit;

/** One health question with what a yes leads to. */
final readonly class Question
{
    /**
     * @param  string|null  $lock  Why a yes locks the programme until a clearance; null where it does not.
     * @param  list<Limit>  $limits  Limits that a yes sets.
     * @param  string  $why  Why those limits.
     * @param  string|null  $note  What a yes asks the trainer to do.
     */
    private function __construct(
        public string $id,
        public string $ask,
        public ?string $lock,
        public array $limits,
        public string $why,
        public ?string $note,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $data  `{id, ask, yes: {lock?, limits?, why?, note?}}`.
     *
     * @throws BrokenCatalogue If a yes leads to nothing, or to a limit there is not.
     */
    public static function fromArray(array $data): self
    {
        $text = static fn (mixed $value): ?string => is_string($value) && $value !== '' ? $value : null;
        $yes = is_array($data['yes'] ?? null) ? $data['yes'] : [];
        $id = $text($data['id'] ?? null) ?? throw BrokenCatalogue::because('a health question has no id.');
        $limits = [];
        foreach (is_array($yes['limits'] ?? null) ? $yes['limits'] : [] as $limit) {
            $limits[] = (is_string($limit) ? Limit::tryFrom($limit) : null)
                ?? throw BrokenCatalogue::because("health question {$id} sets a limit that there is not.");
        }
        $question = new self(
            $id,
            $text($data['ask'] ?? null) ?? throw BrokenCatalogue::because("health question {$id} asks nothing."),
            $text($yes['lock'] ?? null),
            $limits,
            $text($yes['why'] ?? null) ?? '',
            $text($yes['note'] ?? null),
        );
        if ($question->lock === null && $limits === [] && $question->note === null) {
            throw BrokenCatalogue::because("a yes to health question {$id} leads to nothing.");
        }

        return $question;
    }
}
