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
     * @param  string|null  $sex  Of whom it is asked; null where of everybody.
     * @param  int  $fromAge  Years, as is the next; both are asked.
     * @param  bool  $namesJoints  True where a yes goes on to say which joint it is.
     */
    private function __construct(
        public string $id,
        public string $ask,
        public ?string $lock,
        public array $limits,
        public string $why,
        public ?string $note,
        public ?string $sex,
        public int $fromAge,
        public int $toAge,
        public bool $namesJoints,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $data  `{id, ask, asked_of?: {sex?, from_age?, to_age?}, names_joints?, yes}`;
     *                                         `yes` is `{lock?, limits?, why?, note?}`.
     *
     * @throws BrokenCatalogue If a yes leads to nothing, or to a limit there is not.
     */
    public static function fromArray(array $data): self
    {
        $text = static fn (mixed $value): ?string => is_string($value) && $value !== '' ? $value : null;
        $yes = is_array($data['yes'] ?? null) ? $data['yes'] : [];
        $id = $text($data['id'] ?? null) ?? throw BrokenCatalogue::because('a health question has no id.');
        $of = is_array($data['asked_of'] ?? null) ? $data['asked_of'] : [];
        $age = static fn (string $end, int $else): int => is_int($of[$end] ?? null) ? $of[$end] : $else;
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
            $text($of['sex'] ?? null),
            $age('from_age', 0),
            $age('to_age', PHP_INT_MAX),
            ($data['names_joints'] ?? false) === true,
        );
        if ($question->lock === null && $limits === [] && $question->note === null) {
            throw BrokenCatalogue::because("a yes to health question {$id} leads to nothing.");
        }

        return $question;
    }

    /**
     * Whether it is asked of this person; where sex or age is not known, it is.
     *
     * @param  string  $sex  `female`, `male` or empty.
     * @param  int|null  $age  Years; null where not known.
     */
    public function isAskedOf(string $sex, ?int $age): bool
    {
        return ($this->sex === null || $sex === '' || $sex === $this->sex)
            && ($age === null || ($age >= $this->fromAge && $age <= $this->toAge));
    }
}
