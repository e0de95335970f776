<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Exception;

/** Shipped catalogue data that cannot be turned into a figure or an exercise. */
final class BrokenCatalogue extends \LogicException implements CoreException
{
    private function __construct(private readonly string $field, string $message)
    {
        parent::__construct($message);
    }

    public static function inFigure(string $figure, string $problem): self
    {
        return new self('figure', sprintf('Figure "%s": %s', $figure, $problem));
    }

    public static function inExercise(string $exercise, string $problem): self
    {
        return new self('exercise', sprintf('Exercise "%s": %s', $exercise, $problem));
    }

    public static function because(string $problem): self
    {
        return new self('catalogue', ucfirst($problem));
    }

    public function field(): string
    {
        return $this->field;
    }
}
