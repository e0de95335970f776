<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading;

use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Reading\Internal\Names;
use NimbleShelf\Core\Reading\Internal\NearNames;
use NimbleShelf\Core\Reading\Internal\Token;
use NimbleShelf\Core\Reading\Internal\Tokens;

/**
 * Finds the exercise that somebody means by its name, its alias or what the trade calls it: by whole words, plural or not, with
 * the thing it is done with anywhere between. No word is ever taken for an exercise it does not name.
 */
final class NameBook
{
    private readonly Names $names;

    private readonly NearNames $near;

    public function __construct(Catalogue $catalogue)
    {
        $this->names = new Names($catalogue);
        $this->near = new NearNames($this->names);
    }

    /** What a few words mean by themselves. */
    public function meant(string $text): Meant
    {
        $tokens = Tokens::of($text);
        $count = count($tokens->all);
        $at = 0;
        while ($at < $count && isset(Names::SKIPPED[$tokens->all[$at]->text])) {
            $at++;
        }
        $found = $at < $count ? $this->names->at($tokens, $at) : null;
        if ($found !== null && $at + $found[0] === $count) {
            return $found[1];
        }

        return $this->near->meant(array_values(array_map(static fn (Token $one): string => $one->text, $tokens->all)));
    }
}
