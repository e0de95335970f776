<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Exception;

/** An exercise id the catalogue does not hold. */
final class UnknownExercise extends \InvalidArgumentException implements CoreException
{
    private function __construct(public readonly string $id)
    {
        parent::__construct(sprintf('The catalogue has no exercise "%s".', $id));
    }

    public static function withId(string $id): self
    {
        return new self($id);
    }

    public function field(): string
    {
        return 'exercise';
    }
}
