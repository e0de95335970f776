<?php

declare(strict_types=1);

namespace App\Http\Resources\Round;

use App\Http\Resources\Resource;

/** One answer as it would be given to whoever asked for it alone. */
final readonly class PackedAnswerResource extends Resource
{
    /**
     * @param  string  $path  Under which the page asks for it.
     * @param  string  $tag  The same for as long as the answer is.
     * @param  array<string, mixed>  $answer
     */
    private function __construct(public string $path, public string $tag, public array $answer)
    {
    }

    public static function of(string $path, Resource $answer): self
    {
        return new self($path, substr(hash('sha256', json_encode($answer, JSON_THROW_ON_ERROR)), 0, 12), $answer->jsonSerialize());
    }
}
