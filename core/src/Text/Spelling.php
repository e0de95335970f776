<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Text;

/** How far one spelling is from another. */
final class Spelling
{
    /** Letters wrong, missing or too many; two that changed places count once. */
    public static function slips(string $one, string $other): int
    {
        for ($i = 0; strlen($one) === strlen($other) && $i + 1 < strlen($one); $i++) {
            if (substr($one, 0, $i).$one[$i + 1].$one[$i].substr($one, $i + 2) === $other) {
                return 1;
            }
        }

        return levenshtein($one, $other);
    }
}
