<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

/**
 * Words of a line, by the parts that were made of them.
 *
 * @internal
 */
final readonly class LineWords
{
    public function __construct(private string $line, private Tokens $tokens, private Names $names)
    {
    }

    /**
     * @param  list<Node>  $words
     * @return list<Node> Those that are neither fillers nor cues; before a name even a cue may change it.
     */
    public function unknown(array $words, ?int $behind = null): array
    {
        return array_values(array_filter($words, function (Node $one) use ($behind): bool {
            $text = $this->tokens->all[$one->first]->text;

            return ! in_array($text, TradeNames::FILLERS, true)
                && (! in_array($text, TradeNames::CUES, true) || ($behind !== null && $one->first < $behind && $this->names->tells($text)));
        }));
    }

    /** @param  list<Node>  $words */
    public function tells(array $words): bool
    {
        return array_filter($words, fn (Node $one): bool => $this->names->tells($this->tokens->all[$one->first]->text)) !== [];
    }

    /**
     * Unknown words beside a name belong to it; behind a dose they are something else.
     *
     * @param  list<Node>  $words
     * @return array{list<Node>, list<Node>}
     */
    public function touching(array $words, Node $name): array
    {
        $touching = $apart = [];
        [$from, $to] = [$name->first, $name->last];
        foreach (array_reverse($words) as $word) {
            $from = $word->last === $from - 1 ? $word->first : $from;
        }
        foreach ($words as $word) {
            // A small word between does not part them.
            $gap = $word->first - $to - 1;
            $between = $gap === 1 ? $this->tokens->all[$to + 1] : null;
            $isSmall = $between !== null && ($between->isMark() || in_array($between->text, TradeNames::FILLERS, true));
            $isNext = $gap === 0 || $isSmall;
            $to = $word->first > $to && $isNext ? $word->last : $to;
            if ($word->first >= $from && $word->last <= $to) {
                $touching[] = $word;
            } else {
                $apart[] = $word;
            }
        }

        return [$touching, $apart];
    }

    /**
     * @param  list<Node>  $nodes
     * @param  bool  $through  Everything from the first to the last.
     * @return list<string>
     */
    public function texts(array $nodes, bool $through = false): array
    {
        $texts = [];
        if ($through) {
            for ($i = $nodes[0]->first; $i <= $nodes[count($nodes) - 1]->last; $i++) {
                $texts[] = $this->tokens->all[$i]->text;
            }

            return $texts;
        }
        foreach ($nodes as $node) {
            for ($i = $node->first; $i <= $node->last; $i++) {
                $texts[] = $this->tokens->all[$i]->text;
            }
        }

        return $texts;
    }

    public function text(Node $first, Node $last): string
    {
        return $this->in($first, $last);
    }

    /** @return array{int, int} In characters of the line. */
    public function span(Node $first, Node $last): array
    {
        $from = mb_strlen(substr($this->line, 0, $this->tokens->all[$first->first]->from));

        return [$from, $from + mb_strlen($this->in($first, $last))];
    }

    private function in(Node $first, Node $last): string
    {
        $from = $this->tokens->all[$first->first]->from;

        return substr($this->line, $from, $this->tokens->all[$last->last]->to - $from);
    }
}
