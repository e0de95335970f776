<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\TransformsRequest;

/** "7,5" is a number wherever one is entered. Words and names stay as they were typed. */
final class ReadDecimalCommas extends TransformsRequest
{
    /** Fields of words, in which a comma is a comma. */
    private const WORDS = ['line', 'name', 'note', 'text', 'password', 'current', 'again', 'place', 'trade', 'why'];

    /**
     * @param  string  $key
     * @param  mixed  $value
     */
    protected function transform($key, $value): mixed
    {
        if (! is_string($value) || in_array($key, self::WORDS, true)) {
            return $value;
        }

        return preg_match('/^\s*-?\d+,\d+\s*$/', $value) === 1 ? str_replace(',', '.', trim($value)) : $value;
    }
}
