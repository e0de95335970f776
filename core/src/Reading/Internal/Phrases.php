<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Reading\Said;

/**
 * What can be said of a dose, and what it means. A phrase is looked for at a token; the one that takes most of them is meant.
 *
 * @internal
 */
final class Phrases
{
    /** Shorthand within the patterns below. */
    private const PIECES = [
        '<N>' => '(\d{1,5})',
        '<D>' => '(\d{1,5}(?:\.\d+)?)',
        '<T>' => '(\d{1,2} : \d{2}|\d{1,5}(?:\.\d+)?)(?: (secs?|seconds?|s|"|mins?|minutes?|m|\'))?',
        '<TU>' => '(\d{1,2} : \d{2}|\d{1,5}(?:\.\d+)?)(?: (secs?|seconds?|s|"|mins?|minutes?|\'))',
        '<SIDE>' => '(?:(?:(?:per|each|every|ea|both|\/|on each|for each) )+(?:sides?|legs?|arms?|hands?|foot|feet|way|ways|directions?)'
            .'|each|ea|es|el|e|ps|pl|pa|e \/ s|l \/ r|r \/ l|l and r|\/ (?:s|l|a|e)(?= |$))',
        '<REPS>' => '(?:reps?|repetitions?|times)',
        '<OF>' => '(?: (?:of|for|at))?',
        '<UPTO>' => '(?:-|to|or)',
        '<AT>' => '(?:(?:@|at|with|w \/|w|using|x|on) )?',
        '<BETWEEN>' => '(?:(?:in )?between|after|b \/ w|btw|btwn)(?: (?:the|each|every|all))?'
            .'(?: (sets?|rounds?|rds?|exercises?|moves?|movements|stations?|sides?|legs?|supersets?|circuits?|efforts?|pairs?))?(?: each)?',
        '<EACHHAND>' => '(?: (?:each(?: hand| arm| side)?|per (?:hand|arm|side)|in each hand|ea|a hand|\/ hand))',
        '<KG>' => '(kgs?|kilos?|k|lbs?|pounds?|#)',
        '<LIST>' => '(\d{1,3}(?: (?:\/|,|-) \d{1,3}){2,11}+)',
        '<FAIL>' => '(?:max(?:imum)?|amrap|amap|failure|fail|as many (?:reps )?as (?:is )?(?:clean|possible|you can|she can|he can'
            .'|they can))',
    ];

    /** @var list<array{string, \Closure(array<int|string, string>): (Said|Node)}>|null */
    private static ?array $all = null;

    /** What begins at this token and takes most of them; null where nothing does. */
    public static function at(Tokens $tokens, int $at): ?Node
    {
        $best = null;
        $longest = 0;
        foreach (self::$all ??= self::compiled() as [$pattern, $meaning]) {
            if (preg_match($pattern, $tokens->said, $found, PREG_UNMATCHED_AS_NULL, $tokens->places[$at]) !== 1
                || strlen((string) $found[0]) <= $longest) {
                continue;
            }
            $found = array_map(strval(...), $found);
            $longest = strlen($found[0]);
            $best = [$found, $meaning];
        }
        if ($best === null) {
            return null;
        }
        $last = $tokens->at($tokens->places[$at] + $longest) - 1;
        $read = $best[1]($best[0]);

        return $read instanceof Node ? $read->over($at, $last) : Node::said($read, $at, $last);
    }

    /** @return list<array{string, \Closure(array<int|string, string>): (Said|Node)}> */
    private static function compiled(): array
    {
        $compiled = [];
        foreach ([...DosePhrases::all(), ...EffortPhrases::all(), ...ShapePhrases::all()] as $said => $meaning) {
            $compiled[] = ['/\G'.strtr($said, self::PIECES).'(?= |$)/', $meaning];
        }

        return $compiled;
    }
}
