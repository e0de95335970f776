<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Resource;

/** Words of a written session that mean nothing certain. */
final readonly class WrittenDoubtResource extends Resource
{
    /**
     * @param  string  $question  As a sentence.
     * @param  int  $from  Where they begin in the text, in characters.
     * @param  int  $to  Behind their end.
     * @param  list<string>  $choices  What can stand in their place.
     */
    public function __construct(public string $question, public int $from, public int $to, public array $choices)
    {
    }
}
