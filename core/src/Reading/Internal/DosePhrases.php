<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Reading\Said;

/**
 * How many, how long, how far, and how often.
 *
 * @internal
 */
final class DosePhrases
{
    /** Of a quiet breath, seconds; twelve a minute, within the usual 12 to 20 of a grown-up at rest. */
    private const BREATH_SECONDS = 5;

    /** So many sets of so few is more likely the other way round, and is asked. */
    private const MANY_OF_FEW = [12, 6];

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> In the shorthand of `Phrases`, and what they mean. */
    public static function all(): array
    {
        return [...self::sets(), ...self::counts()];
    }

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> */
    private static function sets(): array
    {
        $sets = '<N>(?: <UPTO> <N>)?(?: (?:x|by|sets? x|sets? of|sets?|series of) (?:of )?)';
        $side = '((?: reps?)? <SIDE>)?';
        // A range of sets goes by the fewer: more is easily added.
        $of = static fn (array $m, array $said): Said => Said::of(
            ['sets' => Figures::whole($m[1])] + $said + ($m['side'] === '' ? [] : ['perSide' => true]),
        );

        return [
            "{$sets}<N>(?: <REPS>)?(?<side>{$side})" => static fn (array $m): Said|Node => Figures::whole($m[1]) >= self::MANY_OF_FEW[0]
                && Figures::whole($m[3]) <= self::MANY_OF_FEW[1] && ! str_contains($m[0], 'set')
                ? Node::either($m[0], ["{$m[3]} x {$m[1]}{$m['side']}", "{$m[1]} sets of {$m[3]}{$m['side']}"])
                : $of($m, ['reps' => Figures::whole($m[3])]),
            "{$sets}<N> <UPTO> <N>(?: <REPS>)?(?<side>{$side})" => static fn (array $m): Said => $of(
                $m,
                Figures::range(Figures::whole($m[3]), Figures::whole($m[4])),
            ),
            "{$sets}<TU>(?: holds?)?(?<side>{$side})" => static fn (array $m): Said => $of(
                $m, ['seconds' => Figures::seconds($m[3], $m[4])],
            ),
            "{$sets}<N> <UPTO> <TU>(?: holds?)?(?<side>{$side})" => static fn (array $m): Said => $of(
                $m,
                ['seconds' => Figures::middle(Figures::seconds($m[3], $m[5]), Figures::seconds($m[4], $m[5]))],
            ),
            "{$sets}<D> (m|metres?|meters?|yds?|yards?)(?<side>{$side})" => static fn (array $m): Said => $of(
                $m,
                ['metres' => Figures::metres($m[3], $m[4])],
            ),
            "{$sets}<N> (?:deep |slow )?breaths?(?<side>{$side})" => static fn (array $m): Said => $of(
                $m,
                ['seconds' => Figures::whole($m[3]) * self::BREATH_SECONDS],
            ),
            "{$sets}<FAIL>(?: <REPS>)?(?<side>{$side})" => static fn (array $m): Said => $of($m, ['isMax' => true]),
            "{$sets}(?:as long as clean|max(?:imum)? holds?)(?<side>{$side})" => static fn (array $m): Said => $of($m, ['isClean' => true]),
            "{$sets}(?<list><LIST>)(?: <REPS>)?(?<side>{$side})" => static fn (array $m): Said => $of(
                $m, ['doses' => Figures::listed($m['list'])],
            ),
            '<N> x (?:\( )?<N> \/ <N>(?: \))?' => static function (array $m): Said|Node {
                $both = Figures::stroke(Figures::whole($m[2]), Figures::whole($m[3]));
                if ($both === null) {
                    return Figures::eitherOf($m[2], $m[3], "{$m[1]} x ");
                }

                return Said::of($both + [isset($both['work']) ? 'rounds' : 'sets' => Figures::whole($m[1])]);
            },
            // "12 x 8 kg, 10 x 10 kg, 8 x 12 kg": a load of its own for each set.
            '<N> (?:x|@|at) <D>(?: kg)?(?: ,| \/| then)? <N> (?:x|@|at) <D> (?:kg|k)(?: ?(?: ,| \/'
                .'| then)? <N> (?:x|@|at) <D> kg)?' => static fn (array $m): Said => Said::of([
                    'doses' => array_map(Figures::whole(...), Figures::every($m, 1)),
                    'loads' => array_map(floatval(...), Figures::every($m, 2)),
                    'sets' => count(Figures::every($m, 1)),
                ]),
            '(?:x )?<N> sets?(?: of)?' => static fn (array $m): Said => Said::of(['sets' => Figures::whole($m[1])]),
            'sets : ?<N>' => static fn (array $m): Said => Said::of(['sets' => Figures::whole($m[1])]),
            '<N> x' => static fn (array $m): Said => Said::of(['times' => Figures::whole($m[1])]),
            '(?:x )?<N> (?:rounds?|rds?|circuits|times through|times round|times around|cycles|laps of the lot|rft)(?: <UPTO>)?(?: of'
                .'| for time)?' => static fn (array $m): Said => Said::of(['rounds' => Figures::whole($m[1])]),
            '<N> <UPTO> <N> (?:rounds?|rds?)(?: of)?' => static fn (array $m): Said => Said::of(['rounds' => Figures::whole($m[1])]),
            '(?:rounds?|rds?) (?:: |x )?<N>' => static fn (array $m): Said => Said::of(['rounds' => Figures::whole($m[1])]),
            '(?:repeat|do (?:it|all|this|that|the lot)|go round)(?: all| this| the lot)? (?:x )?<N>(?: x'
                .'| times)?(?: through| round)?' => static fn (array $m): Said => Said::of(['rounds' => Figures::whole($m[1])]),
        ];
    }

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> */
    private static function counts(): array
    {
        $with = static fn (array $m, array $said): Said => Said::of($said + ($m['side'] === '' ? [] : ['perSide' => true]));
        $side = '(?<side>(?: reps?)? <SIDE>)?';

        return [
            "<N>(?! (?:- )?(?:leg|arm|hand)(?:ged|ed)? ){$side}" => static fn (array $m): Said => $with(
                $m, ['bare' => Figures::whole($m[1])],
            ),
            "<N>(?: good| clean| slow| strict)? <REPS>{$side}" => static fn (array $m): Said => $with(
                $m, ['reps' => Figures::whole($m[1])],
            ),
            "(?:<REPS> )?(?:: )?<N> <UPTO> <N>(?: <REPS>)?{$side}" => static fn (array $m): Said => $with(
                $m,
                Figures::range(Figures::whole($m[1]), Figures::whole($m[2])),
            ),
            "<REPS> (?:: )?<N>{$side}" => static fn (array $m): Said => $with($m, ['reps' => Figures::whole($m[1])]),
            "x <N>{$side}" => static fn (array $m): Said => $with($m, ['times' => Figures::whole($m[1])]),
            "x <LIST>{$side}" => static fn (array $m): Said => $with($m, ['doses' => Figures::listed($m[1])]),
            "x <N> x <N>{$side}" => static fn (array $m): Said => $with(
                $m, ['reps' => Figures::whole($m[1]), 'sets' => Figures::whole($m[2])],
            ),
            "x <N> (?:-|to) <N>{$side}" => static fn (array $m): Said => $with(
                $m, Figures::range(Figures::whole($m[1]), Figures::whole($m[2])),
            ),
            "(?:for |x )?<TU>{$side}" => static fn (array $m): Said => $with($m, ['seconds' => Figures::seconds($m[1], $m[2])]),
            "(?:for |x )?<N> <UPTO> <TU>{$side}" => static fn (array $m): Said => $with(
                $m,
                ['seconds' => Figures::middle(Figures::seconds($m[1], $m[3]), Figures::seconds($m[2], $m[3]))],
            ),
            "(?:for |x )?<D> (m|metres?|meters?|yds?|yards?)(?: (?:walk|carry|total))?{$side}" => static fn (array $m): Said => $with(
                $m,
                ['metres' => Figures::metres($m[1], $m[2])],
            ),
            "(?:for |x )?<N> (?:deep |slow )?breaths?{$side}" => static fn (array $m): Said => $with(
                $m,
                ['seconds' => Figures::whole($m[1]) * self::BREATH_SECONDS],
            ),
            '<N> (?:steps|paces)(?: total)?' => static fn (array $m): Said => Said::of(
                ['reps' => Figures::whole($m[1]), 'isAlternating' => true],
            ),
            '<N> total' => static fn (array $m): Said => Said::of(['reps' => Figures::whole($m[1]), 'isAlternating' => true]),
            "<LIST>(?: <REPS>)?{$side}" => static fn (array $m): Said => $with($m, ['doses' => Figures::listed($m[1])]),
            '<N> \/ <N>' => static function (array $m): Said|Node {
                $both = Figures::stroke(Figures::whole($m[1]), Figures::whole($m[2]));

                return $both === null ? Figures::eitherOf($m[1], $m[2], '') : Said::of($both);
            },
            '(\d{1,3})(?: \1){2,11}+' => static fn (array $m): Said => Said::of(['doses' => Figures::listed($m[0])]),
            '<N> (?:s|secs?|seconds|") \/ <N> (?:s|secs?|seconds|")' => static fn (array $m): Said => Said::of(
                ['work' => Figures::whole($m[1]), 'between' => Figures::whole($m[2])],
            ),
            '<T> (?:on|work|hard|of work)(?: ,| \/| and)? <T> (?:off|rest|easy|of rest|recovery)' => static fn (array $m): Said => Said::of(
                ['work' => Figures::seconds($m[1], $m[2]), 'between' => Figures::seconds($m[3], $m[4])],
            ),
            '(?:for |x )?<FAIL>(?: <REPS>)?' => static fn (array $m): Said => Said::of(['isMax' => true]),
            '(?:for )?(?:as long as|while) (?:it is |it stays |its |they are )?(?:clean|good'
                .'|possible)' => static fn (array $m): Said => Said::of(
                    ['isClean' => true],
                ),
            '(?:max(?:imum)?|longest) (?:hold|time|holds)' => static fn (array $m): Said => Said::of(['isClean' => true]),
            '(?:hold|holding)(?: (?:for|it))? <TU>' => static fn (array $m): Said => Said::of(['hold' => Figures::seconds($m[1], $m[2])]),
            '<TU> (?:holds?|iso|isometric)' => static fn (array $m): Said => Said::of(['hold' => Figures::seconds($m[1], $m[2])]),
            '<SIDE>' => static fn (array $m): Said => Said::of(['perSide' => true]),
        ];
    }
}
