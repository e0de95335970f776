<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Models\Client;

/** A name that nothing on a shelf has yet. */
final readonly class FreeName
{
    private const LONGEST = 57;

    /** "red tube", or "red tube 2" where there is one of that name. */
    public function on(Client $client, string $name): string
    {
        $taken = $client->shelfItems()->pluck('name')->all();
        $free = $name;
        for ($n = 2; in_array($free, $taken, true); $n++) {
            $free = mb_substr($name, 0, self::LONGEST)." {$n}";
        }

        return $free;
    }
}
