<?php

declare(strict_types=1);

namespace App\Http\Resources\Shared;

use App\Http\Resources\Resource;

/** What locks a programme, and what to do about it. */
final readonly class HealthLockResource extends Resource
{
    public function __construct(
        public ?string $question,
        public string $why,
        public string $do,
    ) {
    }

    /**
     * @param  list<array{question: string|null, why: string, do: string}>  $locks
     * @return list<self>
     */
    public static function allOf(array $locks): array
    {
        return array_map(static fn (array $lock): self => new self($lock['question'], $lock['why'], $lock['do']), $locks);
    }
}
