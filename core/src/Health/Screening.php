<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;

/** The health questions, and what the answers lead to. It sorts and says whom to ask; it never names an illness. */
final readonly class Screening
{
    /** @param  list<Question>  $questions */
    private function __construct(public array $questions)
    {
    }

    /**
     * @param  array<array-key, mixed>  $data  Decoded `catalogue/screening.json`.
     *
     * @throws BrokenCatalogue If a question is not one.
     */
    public static function fromArray(array $data): self
    {
        $questions = [];
        foreach (is_array($data['questions'] ?? null) ? $data['questions'] : [] as $question) {
            if (! is_array($question)) {
                throw BrokenCatalogue::because('a health question is not an object.');
            }
            $questions[] = Question::fromArray($question);
        }

        return new self($questions);
    }

    /**
     * @param  array<string, bool>  $answers  By question; every question must be answered.
     *
     * @throws InvalidQuantity If a question is left out, naming it.
     */
    public function checkComplete(array $answers): void
    {
        foreach ($this->questions as $question) {
            if (! isset($answers[$question->id])) {
                throw InvalidQuantity::because("answers.{$question->id}", "Not answered: {$question->ask}");
            }
        }
    }

    /**
     * @param  array<string, bool>  $answers  By question.
     * @param  list<string>  $cleared  Questions that a clinician's clearance covers.
     */
    public function assess(array $answers, array $cleared = []): Assessment
    {
        $limits = $locks = $notes = [];
        foreach ($this->questions as $question) {
            if (($answers[$question->id] ?? false) === false) {
                continue;
            }
            foreach ($question->limits as $limit) {
                $limits[$limit->value] ??= ['limit' => $limit, 'why' => $question->why, 'question' => $question->id];
            }
            if ($question->lock !== null && ! in_array($question->id, $cleared, true)) {
                $locks[] = ['question' => $question->id, 'why' => $question->lock];
            }
            if ($question->note !== null) {
                $notes[] = $question->note;
            }
        }

        return new Assessment(array_values($limits), $locks, $notes);
    }
}
