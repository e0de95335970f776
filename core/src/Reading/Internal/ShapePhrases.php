<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Reading\Said;

/**
 * Kinds of block, ways of doing, and what joins one exercise to another.
 *
 * @internal
 */
final class ShapePhrases
{
    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> In the shorthand of `Phrases`, and what they mean. */
    public static function all(): array
    {
        return [...self::ways(), ...self::shapes()];
    }

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> */
    private static function ways(): array
    {
        $kit = implode('|', array_map(static fn (string $word): string => preg_quote($word, '/'), array_keys(TradeNames::KIT)));
        $furniture = '(?:chair|step|sofa|bench|table|box|stairs?|stool|block|couch|ball|half - ball)';

        return [
            '(?:alternating|alternate|alt|alternated)(?: (?:sides|legs|arms|hands|reps))?' => static fn (array $m): Said => Said::of(
                ['isAlternating' => true],
            ),
            '(?:swap|switch|change) (?:sides?|legs?|arms?) (?:each|every) round' => static fn (array $m): Said => Said::of(
                ['swapsEachRound' => true],
            ),
            '(?:(?:with|w \\/|w|using|holding|on|in|against|off) )?(?:(?:the|a|an|1|2|both|light|medium|heavy|strong|thin|thick|red'
                .'|green|blue|black|yellow'
                ."|orange|purple|grey|gray|white|your|her|his|my) )*({$kit})" => static fn (array $m): Said => Said::of(
                    ['kit' => TradeNames::KIT[$m[1]]],
                ),
            '(?:with )?(?:the |your )?hands? (?:raised|elevated|up)?(?: ?on (?:the '
                ."|a )?{$furniture})?" => static fn (array $m): Node => Node::way('hands-up', $m[0]),
            '(?:with )?(?:the |your )?(?:feet|foot) (?:raised|elevated|up)?(?: ?on (?:the '
                ."|a )?{$furniture})?" => static fn (array $m): Node => Node::way('feet-up', $m[0]),
            '(?:on|from) (?:the |your )?(?:knees?|kneeling)' => static fn (array $m): Node => Node::way('knees', $m[0]),
            "(?:on|off|from|against|under) (?:the |a |your )?(?:kitchen )?(?:{$furniture}|counter"
                .'|worktop)' => static fn (array $m): Node => Node::way('on', $m[0]),
            "(?:at|by|near|holding|beside) (?:the |a |your )?(?:kitchen )?(?:{$furniture}|counter|worktop"
                .'|sink)' => static fn (array $m): Node => Node::left(),
            '(?:on|against|at) (?:the |a )?wall' => static fn (array $m): Node => Node::way('wall', $m[0]),
        ];
    }

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> */
    private static function shapes(): array
    {
        $kind = static fn (BlockKind $kind): \Closure => static fn (array $m): Node => Node::kind($kind);
        $clock = static fn (string $time, string $unit): int => $unit === '' ? Figures::whole($time) * 60 : Figures::seconds($time, $unit);
        $everyMinute = static fn (int $period, ?int $clock): Node => Node::kind(null, Said::of(['period' => $period, 'clock' => $clock]));

        return [
            'ss(?= :)' => $kind(BlockKind::Superset),
            'super ?-? ?sets?(?: of| with| x)?' => $kind(BlockKind::Superset),
            '(?:tri|giant) ?-? ?sets?(?: of)?' => $kind(BlockKind::Superset),
            '(?:mini )?circuits?(?: of)?' => $kind(BlockKind::Circuit),
            'complex(?: of)?' => $kind(BlockKind::Circuit),
            'finisher' => static fn (array $m): Node => Node::title($m[0]),
            '(?:main|main (?:work|set|part|lifts?)|strength|work|workout|finish|accessories|straight sets?|accessory|accessories'
                .'|(?:upper|lower|full|whole) body|upper|lower|legs?'
                .'|arms|core|abs|conditioning|cardio|power|balance|push|pull|(?:push|pull|leg) day)(?= :'
                    .'|$)' => static fn (array $m): Node => Node::title($m[0]),
            'intervals?' => $kind(BlockKind::Intervals),
            '(?:descending |rising |ascending )?(?:ladder|pyramid)' => $kind(BlockKind::Ladder),
            '(?:descending |rising |ascending )?(?:ladder|pyramid)(?: of| :)? (\d{1,3}(?: (?:(?:\/|,'
                .'|-) )?\d{1,3}){1,11}+)(?: reps)?' => static fn (array $m): Node => Node::kind(BlockKind::Ladder, Said::of(
                    ['doses' => Figures::listed($m[1])]),
                ),
            'two ?-? ?phase' => $kind(BlockKind::TwoPhase),
            '2 - phase|2 phase' => $kind(BlockKind::TwoPhase),
            'layer(?:ed|s)' => $kind(BlockKind::Layered),
            'section' => $kind(BlockKind::Section),
            'warm ?-? ?ups?' => $kind(BlockKind::WarmUp),
            '(?:wu|w \/ u|mobility|mobilise|loosen(?: up)?)(?= :)' => $kind(BlockKind::WarmUp),
            'cool ?-? ?downs?' => $kind(BlockKind::CoolDown),
            '(?:cd|c \/ d|stretch|stretches|stretching)(?= :)' => $kind(BlockKind::CoolDown),
            'hold(?= :)' => $kind(BlockKind::Hold),
            '(?:menu : )?(?:choose|pick|any|select) <N>(?: (?:of|from)(?: these| those'
                .'| the following)?)?' => static fn (array $m): Node => Node::kind(
                    BlockKind::Menu,
                    Said::of(['pick' => Figures::whole($m[1])]),
                ),
            '<N> (?:s|secs?|seconds)(?: of)? alternating(?: ,)? (?:\+|and|then) <N> (?:s|secs?|seconds)(?: of)? (?:both|together'
                .'|both together)' => static fn (array $m): Node => Node::kind(
                    BlockKind::TwoPhase,
                    Said::of(['phases' => [Figures::whole($m[1]), Figures::whole($m[2])]]),
                ),
            'emom(?: (?:for|x|:))? <N>(?: (mins?|minutes?|\'))?' => static fn (array $m): Node => $everyMinute(60, $clock($m[1], $m[2])),
            '<N> (?:mins?|minutes?|\') emom' => static fn (array $m): Node => $everyMinute(60, Figures::whole($m[1]) * 60),
            'emom' => static fn (array $m): Node => $everyMinute(60, null),
            'e <N> mom(?: (?:for|x))? <N>(?: (mins?|minutes?))?' => static fn (array $m): Node => $everyMinute(
                Figures::whole($m[1]) * 60,
                $clock($m[2], $m[3]),
            ),
            'every (?:min|minute)(?: on the minute)?(?:(?: for| x)? <N>(?: (?:mins?'
                .'|minutes?))?)?' => static fn (array $m): Node => $everyMinute(
                    60,
                    $m[1] === '' ? null : Figures::whole($m[1]) * 60,
                ),
            'every <T>(?: for| x)? <N> (mins?|minutes?)' => static fn (array $m): Node => $everyMinute(
                Figures::seconds($m[1], $m[2]),
                Figures::whole($m[3]) * 60,
            ),
            'every <T> x <N>' => static fn (array $m): Node => $everyMinute(
                Figures::seconds($m[1], $m[2]),
                Figures::seconds($m[1], $m[2]) * Figures::whole($m[3]),
            ),
            '(?:amrap|as many rounds as (?:possible|clean|you can))(?: (?:in|for|:))? <N>(?: (mins?|minutes?'
                .'|\'))?' => static fn (array $m): Node => Node::kind(
                    null,
                    Said::of(['clock' => $clock($m[1], $m[2])]),
                ),
            '<N> (?:-? ?)?(?:mins?|minutes?|\')(?: of)? (?:amrap|as many rounds as (?:possible'
                .'|clean))' => static fn (array $m): Node => Node::kind(
                    null,
                    Said::of(['clock' => Figures::whole($m[1]) * 60]),
                ),
            '(?:(?:and )?then|followed by|straight into|into|paired with|super ?-? ?set(?:ted)? with'
                .'|combined with)' => static fn (array $m): Node => Node::joint(),
            // What the plan does by itself, week by week.
            '(?:add|\+|plus|increase by|up by|go up)(?: by)? (?:a|an|1|2|another) (?:reps?|sets?|seconds?|kg|kilos?)(?: (?:a|per|each'
                .'|every|\/) (?:week|session|time))?' => static fn (array $m): Node => Node::left('growth'),
            '(?:\+|add) <N>(?: (?:s|secs?|seconds|reps?|kg))? (?:a|per|each|every|\/) (?:week|session'
                .'|time)' => static fn (array $m): Node => Node::left('growth'),
            '(?:go )?(?:heavier|harder|up|increase)(?: the load| weight)? (?:when|once|if)(?: all| you get| she gets'
                .'| he gets)? <N>(?: reps?)?(?: are| is| feels?)? ?(?:clean|easy|done|solid)?' => static fn (array $m): Node => Node::left(
                    'growth',
                ),
            '(?:go up|increase|progress|heavier|lighter)(?: the (?:load|weight))? (?:each|every|next) (?:week'
                .'|time|session|set|round)' => static fn (array $m): Node => Node::left('growth'),
            'weeks? <N>(?: <UPTO> <N>)?(?: (?:lighter|easier|deload|easy|light))?' => static fn (array $m): Node => Node::left('weeks'),
            'deload(?: in)?(?: week)? <N>' => static fn (array $m): Node => Node::left('weeks'),
            '(?:left|right)(?: (?:side|leg|arm|hand))?(?: (?:only|first))?' => static fn (array $m): Node => Node::left(),
            'weak(?:er)? (?:side|leg|arm) first' => static fn (array $m): Node => Node::left(),
        ];
    }
}
