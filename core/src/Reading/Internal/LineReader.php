<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Planning\BlockKind;

/**
 * Reads one line: which exercises it names, what it says of each and of all, and what stays in doubt.
 *
 * @internal
 */
final class LineReader
{
    private const LABEL = '/^\s*(?:\(?(?<letter>[A-Ha-h])\s?(?<number>\d)\)?\s*[.):\-]*\s+|(?<digit>\d)(?<small>[a-d])\s*[.):\-]*\s+'
        .'|(?<alone>[A-Ha-h])\s*[):]\s*|(?<letterAlone>[A-H])\s+(?=[a-zA-Z]{3})'
        .'|(?:section|block|part)\s+(?<section>[A-Ha-h\d])\b\s*[.):\-]*\s*)/';

    private const BULLET = '/^[\s>]*(?:[-•*·–—+☐✓✔▪◦‣]+\s+|\d{1,2}[.)]\s+|\(\d{1,2}\)\s+|#\d{1,2}\s+)*/u';

    public function __construct(private readonly Names $names, private readonly NearNames $near)
    {
    }

    /** @param  bool  $stretches  True under a heading where a muscle's name means its stretch. */
    public function read(string $line, bool $stretches = false): ReadLine
    {
        $label = '';
        $isNumbered = false;
        $from = preg_match(self::BULLET, $line, $found) === 1 ? strlen($found[0]) : 0;
        if (preg_match(self::LABEL, substr($line, $from), $found, PREG_UNMATCHED_AS_NULL) === 1) {
            $from += strlen($found[0]);
            $isNumbered = $found['number'] !== null || $found['small'] !== null;
            $label = strtoupper($found['letter'] ?? $found['digit'] ?? $found['alone'] ?? $found['section'] ?? '');
        }
        $own = str_repeat(' ', mb_strlen(substr($line, 0, $from))).substr($line, $from);
        $tokens = Tokens::of($own);
        $nodes = $this->nodes($tokens);
        [$head, $body] = self::halves($tokens, $nodes);
        $hand = new LineInHand($own, $tokens, $this->names, $this->near);
        $hand->head($head);
        $hand->stretches = $stretches || ($hand->kind === BlockKind::CoolDown);
        foreach (self::segments($tokens, $body) as [$segment, $joint]) {
            $hand->segment($segment, $joint);
        }

        return new ReadLine(
            trim($line),
            $label,
            $isNumbered,
            $hand->items === [],
            $hand->kind ?? ($label !== '' && ! $isNumbered && count($hand->items) > 1 ? BlockKind::Section : null),
            $hand->title,
            $hand->shared(),
            $hand->items(),
            $hand->doubts,
            $hand->left,
            $hand->isList,
        );
    }

    /** @return list<Node> */
    private function nodes(Tokens $tokens): array
    {
        $nodes = [];
        for ($at = 0; $at < count($tokens->all); $at++) {
            $named = $tokens->all[$at]->isMark() ? null : $this->names->at($tokens, $at);
            $phrase = Phrases::at($tokens, $at);
            $takes = $phrase === null ? 0 : $phrase->last - $at + 1;
            if ($named !== null && $named[0] >= $takes) {
                $nodes[] = Node::name($named[1], $at, $at + $named[0] - 1);
            } elseif ($phrase !== null && ($phrase->type !== 'title' || $at === 0)) {
                $nodes[] = $phrase;
            } elseif ($tokens->all[$at]->isMark()) {
                $nodes[] = Node::mark($at, $tokens->all[$at]->text);
            } else {
                $nodes[] = $this->joins($tokens, $at) ? Node::joint()->over($at, $at) : Node::word($at);
            }
            $at = $nodes[count($nodes) - 1]->last;
        }

        return $nodes;
    }

    /** "And", "plus": between two exercises or what is said of them, and in no other place. */
    private function joins(Tokens $tokens, int $at): bool
    {
        $next = $tokens->all[$at + 1] ?? null;

        return match ($tokens->all[$at]->text) {
            'and', 'n' => true,
            'plus' => $next !== null && $this->names->at($tokens, $at + ($next->kind === 'number' ? 2 : 1)) !== null,
            default => false,
        };
    }

    /**
     * What stands before a colon is said of all that comes behind it, unless it is itself the exercise.
     *
     * @param  list<Node>  $nodes
     * @return array{list<Node>, list<Node>}
     */
    private static function halves(Tokens $tokens, array $nodes): array
    {
        foreach ($nodes as $i => $node) {
            if ($node->type !== 'mark' || $node->text !== ':') {
                continue;
            }
            $before = array_slice($nodes, 0, $i);
            $behind = array_slice($nodes, $i + 1);
            $isNamed = array_filter($before, static fn (Node $one): bool => $one->type === 'name') !== [];

            return $isNamed ? [[], [...$before, ...$behind]] : [$before, $behind];
        }
        $first = $nodes[0] ?? null;

        // "circuit 3 rounds squats, …": the kind at its beginning is the head without a colon.
        return $first !== null && in_array($first->type, ['kind', 'title'], true) ? [[$first], array_slice($nodes, 1)] : [[], $nodes];
    }

    /**
     * @param  list<Node>  $nodes
     * @return list<array{list<Node>, string}> Parts between joints, each with the mark before it.
     */
    private static function segments(Tokens $tokens, array $nodes): array
    {
        $segments = [];
        $part = [];
        $joint = '';
        foreach ($nodes as $node) {
            $isJoint = $node->type === 'joint'
                || ($node->type === 'mark' && str_contains(',+/&().>-=:!?', $node->text));
            if (! $isJoint || self::isHyphen($tokens, $node)) {
                $part[] = $node;

                continue;
            }
            if ($part !== []) {
                $segments[] = [$part, $joint];
                $part = [];
            }
            $text = $node->type === 'joint' ? '+' : $node->text;
            $joint = $text;
        }

        return $part === [] ? $segments : [...$segments, [$part, $joint]];
    }

    /** "V-ups": a stroke between two words without a space parts nothing. */
    private static function isHyphen(Tokens $tokens, Node $node): bool
    {
        $mark = $tokens->all[$node->first];
        $before = $tokens->all[$node->first - 1] ?? null;
        $next = $tokens->all[$node->last + 1] ?? null;

        return $node->type === 'mark' && $mark->text === '-' && $before !== null && $next !== null
            && $before->isWord() && $next->isWord() && $before->to === $mark->from && $mark->to === $next->from;
    }
}
