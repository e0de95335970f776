<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Exception\InvalidQuantity;

/** The health questions, and what the answers lead to. It sorts and says whom to ask; it never names an illness. */
final readonly class Screening
{
    /**
     * @param  list<Question>  $questions
     * @param  list<Joint>  $joints
     */
    private function __construct(public array $questions, public array $joints)
    {
    }

    /**
     * @param  array<array-key, mixed>  $data  Decoded `catalogue/screening.json`.
     *
     * @throws BrokenCatalogue If a question or a joint is not one.
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

        $joints = [];
        foreach (is_array($data['joints'] ?? null) ? $data['joints'] : [] as $joint) {
            $joints[] = Joint::fromArray(is_array($joint) ? $joint : []);
        }

        return new self($questions, $joints);
    }

    /**
     * The same without what cannot be: nobody is asked whether he is pregnant.
     *
     * @param  string  $sex  `female`, `male`, or empty where nobody said.
     * @param  int|null  $age  Years; null where not known.
     */
    public function askedOf(string $sex, ?int $age): self
    {
        $asked = array_filter($this->questions, static fn (Question $question): bool => $question->isAskedOf($sex, $age));

        return new self(array_values($asked), $this->joints);
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
