<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Reading\Said;
use NimbleShelf\Core\Text\BodyMeasures;

/**
 * How hard, how heavy, how fast, and the rest between.
 *
 * @internal
 */
final class EffortPhrases
{
    /** Left in reserve where only a word says how heavy, repetitions; ours. */
    private const HEAVINESS = ['light' => 5, 'easy' => 5, 'moderate' => 3, 'medium' => 3, 'heavy' => 1, 'hard' => 1];

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> In the shorthand of `Phrases`, and what they mean. */
    public static function all(): array
    {
        return [...self::rests(), ...self::efforts()];
    }

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> */
    private static function rests(): array
    {
        $where = static fn (string $between, int $seconds): Said => Said::of(
            [match (true) {
                preg_match('/^(?:round|rd|circuit|superset|pair)/', $between) === 1 => 'roundRest',
                preg_match('/^(?:exercise|move|station)/', $between) === 1 => 'gap',
                default => 'rest',
            } => $seconds],
        );
        $rest = '(?:rest|rests|recover|recovery|break|breather|off)';

        return [
            "{$rest}(?: is| for| of| :| =)? <T>(?: <BETWEEN>)?" => static fn (array $m): Said => $where(
                $m[3],
                Figures::rest($m[1], $m[2]),
            ),
            "{$rest}(?: is| for| of| :)? <N>(?: (?:s|secs?|mins?))? <UPTO> <T>(?: <BETWEEN>)?" => static fn (array $m): Said => $where(
                $m[4],
                Figures::middle(Figures::rest($m[1], $m[3]), Figures::rest($m[2], $m[3])),
            ),
            "{$rest} <BETWEEN> <T>" => static fn (array $m): Said => $where($m[1], Figures::rest($m[2], $m[3])),
            "<T>(?: of)? {$rest}(?: <BETWEEN>)?" => static fn (array $m): Said => $where($m[3], Figures::rest($m[1], $m[2])),
            "<N> <UPTO> <T>(?: of)? {$rest}(?: <BETWEEN>)?" => static fn (array $m): Said => $where(
                $m[4],
                Figures::middle(Figures::rest($m[1], $m[3]), Figures::rest($m[2], $m[3])),
            ),
            '<TU> <BETWEEN>' => static fn (array $m): Said => $where($m[3], Figures::rest($m[1], $m[2])),
            '(?:no|without|zero|0) (?:rest|break|breaks)(?: <BETWEEN>)?' => static fn (array $m): Said => $where($m[1], 0),
            "{$rest} (?:as needed|as required|when needed|a bit|well|fully)" => static fn (array $m): Node => Node::left(),
        ];
    }

    /** @return array<string, \Closure(array<int|string, string>): (Said|Node)> */
    private static function efforts(): array
    {
        $load = static fn (string $kg, string $unit): Said => Said::of([
            'kg' => round((float) $kg * (preg_match('/^[lp#]/', $unit) === 1 ? BodyMeasures::KG_PER_POUND : 1.0), 3),
        ]);
        $rpe = static fn (string ...$figures): Said => Said::of(
            ['reserve' => (int) max(0, ceil(10 - array_sum(array_map(floatval(...), $figures)) / count($figures) - 1e-9))],
        );
        $tempo = static fn (array $m, int $from): Said => Said::of(['tempo' => [
            Figures::whole($m[$from]),
            Figures::whole($m[$from + 1]),
            $m[$from + 2] === 'x' ? 1 : Figures::whole($m[$from + 2]),
            Figures::whole($m[$from + 3]),
        ]]);
        $figures = '(\d)(?: (?:-|\/|,|:))? (\d)(?: (?:-|\/|,|:))? (\d|x)(?: (?:-|\/|,|:) (\d))?';
        $inOne = static fn (string $all): Said => Said::of(['tempo' => array_map(
            static fn (string $one): int => $one === 'x' ? 1 : (int) $one,
            str_split(str_pad($all, 4, '0')),
        )]);
        $at = '(?: (?:at|in|on) (?:the )?(?:top|bottom|end|peak|contraction|stretch))?';

        return [
            '(?:@ |at )?rpe(?: of| :| =)? <D>' => static fn (array $m): Said => $rpe($m[1]),
            '(?:@ |at )?rpe(?: of| :| =)? <D> <UPTO> <D>' => static fn (array $m): Said => $rpe($m[1], $m[2]),
            '(?:@ )?<D> rpe' => static fn (array $m): Said => $rpe($m[1]),
            '(?:@ |at |with )?<N> (?:rir|(?:reps? )?(?:left|spare|in reserve|in the tank|in hand|to spare|left in the tank'
                .'|short of failure))' => static fn (array $m): Said => Said::of(['reserve' => min(10, Figures::whole($m[1]))]),
            '(?:@ )?<N> <UPTO> <N> (?:rir|in reserve|left|in the tank)' => static fn (array $m): Said => Said::of(
                ['reserve' => min(10, Figures::whole($m[2]))],
            ),
            '(?:@ |at )?rir(?: of| :| =)? <N>' => static fn (array $m): Said => Said::of(['reserve' => min(10, Figures::whole($m[1]))]),
            '(?:@ |at )?rir(?: of| :)? <N> <UPTO> <N>' => static fn (array $m): Said => Said::of(
                ['reserve' => min(10, Figures::whole($m[2]))],
            ),
            '(?:leave|leaving|keep|stop|stopping|with)(?: about)? <N>(?: reps?)?(?: left| in the tank| in reserve| in hand| short'
                .'| to spare| early)' => static fn (array $m): Said => Said::of(['reserve' => min(10, Figures::whole($m[1]))]),
            '(?:to|till|until) (?:technical )?(?:failure|fail)' => static fn (array $m): Said => Said::of(['toFailure' => true]),
            '(?:the )?(?:last|final)(?: (?:set|round|one))?(?: is| goes)?(?: to| all the way to'
                .'| :)? (?:failure|fail|max|amrap|all out)' => static fn (array $m): Said => Said::of(['lastToFailure' => true]),
            '(?:@ )?(light|easy|moderate|medium|heavy|hard)(?: (?:load|weight|effort))?' => static fn (array $m): Said => Said::of(
                ['reserve' => self::HEAVINESS[$m[1]]],
            ),
            '<AT>(?:a |an |the )?<D> <KG>' => static fn (array $m): Said => $load($m[1], $m[2]),
            '<AT>(?:a |an |the )?<D> <KG><EACHHAND>' => static fn (array $m): Said => $load($m[1], $m[2]),
            '<AT>(?:2 x|2|a pair of|pair of|both) <D> <KG>(?:<EACHHAND>)?' => static fn (array $m): Said => $load($m[1], $m[2]),
            '(?:@|at|with|w \/|w|using|x|on)? ?(?:the|2|a pair of|pair of) <D>(?: <KG>)? s' => static fn (array $m): Said => $load(
                $m[1], 'kg',
            ),
            '(?:@|with|w \/|w|using) <D> s' => static fn (array $m): Said => $load($m[1], 'kg'),
            '(?:with|w \/|w|using) <D>' => static fn (array $m): Said => $load($m[1], 'kg'),
            '@ <D>' => static fn (array $m): Said|Node => (float) $m[1] >= 5 && (float) $m[1] <= 10
                ? Node::either('at', ["rpe {$m[1]}", "{$m[1]} kg"])
                : $load($m[1], 'kg'),
            '(?:body ?weight|bw|bodyweight only|no weight|no load|unweighted|unloaded'
                .'|own weight)' => static fn (array $m): Said => Said::of(
                    ['isBodyWeight' => true],
                ),
            'body weight(?: only)?' => static fn (array $m): Said => Said::of(['isBodyWeight' => true]),
            "(?:at )?tempo(?: of| :)? {$figures}" => static fn (array $m): Said => $tempo($m, 1),
            "{$figures} tempo" => static fn (array $m): Said => $tempo($m, 1),
            'tempo(?: of| :)? (\d{3,4})' => static fn (array $m): Said => $inOne($m[1]),
            '(?:tempo(?: of| :)? |@ )(\d)(\d) x (\d)' => static fn (array $m): Said => $inOne("{$m[1]}{$m[2]}x{$m[3]}"),
            '(\d{3,4}) tempo' => static fn (array $m): Said => $inOne($m[1]),
            '@ (\d{4})' => static fn (array $m): Said => $inOne($m[1]),
            '(?:with (?:a )?)?<N>(?: (?:s|secs?|seconds?|count|"))?(?: -)? (?:eccentrics?|ecc|negatives?|down|lower|lowers|lowering'
                .'|on the way down)' => static fn (array $m): Said => Said::of(['lower' => min(10, Figures::whole($m[1]))]),
            '(?:lower|lowering|down|descend|eccentric)(?: (?:for|in|over|slowly for))? <N>(?: (?:s|secs?'
                .'|seconds?|count|"))?' => static fn (array $m): Said => Said::of(['lower' => min(10, Figures::whole($m[1]))]),
            '<N>(?: s)? down(?: ,| and| \/)? <N>(?: s)? up' => static fn (array $m): Said => Said::of(
                ['tempo' => [min(10, Figures::whole($m[1])), 0, min(10, Figures::whole($m[2])), 0]],
            ),
            '<N>(?: s)? up(?: ,| and| \/)? <N>(?: s)? down' => static fn (array $m): Said => Said::of(
                ['tempo' => [min(10, Figures::whole($m[2])), 0, min(10, Figures::whole($m[1])), 0]],
            ),
            '(?:slow|slowly|slower|slow (?:lower|lowering|down|on the way down|eccentric|negatives?|ecc'
                .'|tempo))' => static fn (array $m): Said => Said::of(
                    ['lower' => 4],
                ),
            '(?:with (?:a )?)?<N> (?:s|secs?|seconds?|count|")(?: -)? (?:pauses?|stop'
                ."|stops){$at}" => static fn (array $m): Said => Said::of(
                    ['pause' => min(10, Figures::whole($m[1]))],
                ),
            '(?:paused?|pausing|stop|hold)(?: for)? <N> (?:s|secs?|seconds?|count|")(?: (?:at'
                .'|in) (?:the )?bottom)' => static fn (array $m): Said => Said::of(
                    ['pause' => min(10, Figures::whole($m[1]))],
                ),
            '(?:pause|pausing)(?: for)? <N>(?: (?:s|secs?|seconds?|count|"))?' => static fn (array $m): Said => Said::of(
                ['pause' => min(10, Figures::whole($m[1]))],
            ),
            '(?:paused|with (?:a )?pause|pause(?: (?:at|in) (?:the )?bottom)?)' => static fn (array $m): Said => Said::of(['pause' => 2]),
            '(?:squeeze|hold|pause)(?: for)? <N>(?: (?:s|secs?|seconds?|count|"))? (?:at|on'
                .'|in) (?:the )?top' => static fn (array $m): Said => Said::of(
                    ['top' => min(10, Figures::whole($m[1]))],
                ),
            '(?:with (?:a )?)?<N>(?: (?:s|secs?|seconds?|count|"))? (?:squeeze|hold|pause|stop)(?:s)? (?:at'
                .'|on|in) (?:the )?top' => static fn (array $m): Said => Said::of(
                    ['top' => min(10, Figures::whole($m[1]))],
                ),
            '(?:pause|hold|squeeze) (?:at|on|in) (?:the )?top' => static fn (array $m): Said => Said::of(['top' => 2]),
            'squeeze(?: for)? <N> (?:s|secs?|seconds?|count|")' => static fn (array $m): Said => Said::of(
                ['top' => min(10, Figures::whole($m[1]))],
            ),
        ];
    }
}
