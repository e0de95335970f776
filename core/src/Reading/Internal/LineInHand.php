<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Reading\Internal;

use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Reading\Doubt;
use NimbleShelf\Core\Reading\Meant;
use NimbleShelf\Core\Reading\NotedItem;
use NimbleShelf\Core\Reading\Said;

/**
 * A line while it is read, part by part: who says what of whom.
 *
 * @internal
 */
final class LineInHand
{
    /** What is said of a block, wherever it stands in the line. */
    private const OF_BLOCK = ['rounds', 'gap', 'roundRest', 'period', 'clock', 'pick', 'work', 'between', 'phases', 'swapsEachRound'];

    /** What one of several says and all are meant by. */
    private const SHARED = [
        'sets', 'bare', 'reps', 'most', 'seconds', 'metres', 'isMax', 'isClean', 'doses', 'perSide', 'rest', 'reserve', 'toFailure',
        'lastToFailure', 'tempo',
    ];

    /** A first number of two that stand alone counts sets up to here. */
    private const SETS_UP_TO = 6;

    public ?BlockKind $kind = null;

    public string $title = '';

    public bool $stretches = false;

    public bool $isList = false;

    /** @var list<NotedItem> */
    public array $items = [];

    /** @var list<Doubt> */
    public array $doubts = [];

    /** @var list<string> */
    public array $left = [];

    private Said $all;

    /** What stood at the end behind a joint of its own, and before any exercise. */
    private Said $behind;

    /** @var list<string> The marks before each exercise. */
    private array $joints = [];

    /** @var list<bool> True where the dose of an exercise stands before its name. */
    private array $leads = [];

    private bool $isLed = false;

    private readonly LineWords $words;

    public function __construct(
        string $line,
        private readonly Tokens $tokens,
        private readonly Names $names,
        private readonly NearNames $near,
    ) {
        $this->words = new LineWords($line, $tokens, $names);
        $this->all = $this->behind = Said::nothing();
    }

    /** @param  list<Node>  $nodes  Before the colon. */
    public function head(array $nodes): void
    {
        $words = [];
        foreach ($nodes as $node) {
            match ($node->type) {
                'said' => $this->all = $this->together($this->all, $node),
                'kind' => $this->shape($node),
                'title' => $this->title = $this->words->text($node, $node),
                'left' => $this->left[] = $this->words->text($node, $node),
                'either' => $this->doubt($node, $node, choices: $node->choices),
                'word' => $words[] = $node,
                default => null,
            };
        }
        if ($this->kind?->isFrame() === true && $this->all->seconds !== null) {
            // How long loosening takes follows from what is in it.
            $this->left[] = "{$this->all->seconds} s in all";
            $this->all = $this->all->without('seconds');
        }
        if ($words !== []) {
            // "Lower body:" is a heading.
            $this->title = trim($this->title.' '.implode(' ', array_map(fn (Node $one): string => $this->words->text($one, $one), $words)));
        }
        $this->all = self::inRounds($this->all);
    }

    /**
     * @param  list<Node>  $nodes
     * @param  string  $joint  The mark before it.
     */
    public function segment(array $nodes, string $joint): void
    {
        $named = array_keys(array_filter($nodes, static fn (Node $one): bool => $one->type === 'name'));
        if (count($named) <= 1) {
            $this->part($nodes, $joint);

            return;
        }
        // "squats 10 press ups 12": whose the numbers are is told by what stands first.
        $leads = false;
        foreach ($nodes as $node) {
            if ($node->type === 'name' || ($node->type === 'said' && ! $this->isOfBlock($node))) {
                $leads = $node->type === 'said';

                break;
            }
        }
        $last = 0;
        foreach (array_slice($named, 1) as $at) {
            $cut = $at;
            while ($cut > $last + 1 && (($nodes[$cut - 1]->type === 'said' && $leads) || $nodes[$cut - 1]->type === 'word')) {
                $cut--;
            }
            $this->part(array_slice($nodes, $last, $cut - $last), $joint);
            [$last, $joint] = [$cut, ''];
        }
        $this->part(array_slice($nodes, $last), $joint);
    }

    /** What is said of all of its exercises. */
    public function shared(): Said
    {
        $all = $this->all;
        if ($this->items === []) {
            return self::inRounds($all->and($this->behind));
        }
        $many = count($this->items) > 1;
        if (! $this->behind->isNothing()) {
            $all = $all->and($many ? self::inRounds($this->behind) : $this->behind->only(...self::OF_BLOCK));
        }
        if ($many) {
            $all = $all->and($this->saidForAll());
            $rounds = $this->roundsBehind();
            $all = $rounds === null ? $all : $all->and(Said::of(['rounds' => $rounds]));
        }

        return $all;
    }

    /** @return list<NotedItem> */
    public function items(): array
    {
        $many = count($this->items) > 1;
        $forAll = $many ? $this->saidForAll() : Said::nothing();
        $shared = array_keys($forAll->told());

        return array_map(function (NotedItem $item) use ($many, $shared): NotedItem {
            $said = $many ? $item->said : $item->said->and($this->behind->without(...self::OF_BLOCK));
            $said = $said->without(...self::OF_BLOCK);
            $said = $many && $this->roundsBehind() !== null ? $said->without('times') : $said;

            return $item->saying($shared === [] ? $said : $said->settled()->without(...$shared));
        }, $this->items);
    }

    /** @param  list<Node>  $nodes */
    private function part(array $nodes, string $joint): void
    {
        $said = Said::nothing();
        $name = null;
        $ways = $words = [];
        foreach ($nodes as $node) {
            match ($node->type) {
                'said' => $said = $this->together($said, $node),
                'kind' => $said = $said->and($this->shape($node)),
                'name' => $name = $node,
                'way' => $ways[] = $node,
                'title', 'left' => $this->left[] = $this->words->text($node, $node),
                'either' => $this->doubt($node, $node, choices: $node->choices),
                'word' => $words[] = $node,
                default => null,
            };
        }
        $this->isLed = false;
        foreach ($nodes as $node) {
            if ($node->type === 'name' || $node->said->counts()) {
                $this->isLed = $node->type !== 'name';

                break;
            }
        }
        $block = $said->only(...self::OF_BLOCK);
        $this->all = $this->all->and($block);
        $said = $said->without(...self::OF_BLOCK);
        if ($name !== null && $joint === '(' && $this->narrows([$name, ...$words], $joint)) {
            $this->dose($said, $nodes);
        } elseif ($name !== null) {
            $this->named($name, $words, $ways, $said, $joint);
        }
        if ($name !== null) {
            return;
        }
        foreach ($ways as $way) {
            $this->doneSo($way);
        }
        if ($words !== [] && $this->narrows($words, $joint)) {
            $this->dose($said, $nodes);

            return;
        }
        $unknown = $this->stretches ? $words : $this->words->unknown($words);
        if ($unknown === [] && $said->counts() && count(array_filter($words, fn (Node $one): bool => $this->words->tells([$one]))) > 1) {
            // "Knee lifts 10": words of a cue, and a dose.
            $unknown = $words;
        }
        if ($unknown === []) {
            if ($words !== []) {
                $this->remark($words);
            }
            $this->dose($said, $nodes);

            return;
        }
        if ($joint === '(' && ! $said->counts() && ! $this->words->tells($unknown)) {
            $this->remark($words);
            $this->dose($said, $nodes);

            return;
        }
        $first = $words[0];
        $last = $words[count($words) - 1];
        $texts = $this->words->texts($words);
        $meant = $this->near->meant($this->stretches ? [...$texts, 'stretch'] : $texts);
        if ($meant->isSure && ($this->stretches || $this->words->tells($unknown) || $said->counts() || $this->items === [])) {
            $this->add($first, $last, $meant, $said, $joint);

            return;
        }
        if ($said->counts() || $this->looksListed($joint)) {
            $this->add($first, $last, new Meant($meant->exercises, false, $meant->kit), $said, $joint);
        } else {
            $this->dose($said, $nodes);
        }
        $this->doubt($first, $last, $meant->exercises);
    }

    /**
     * @param  list<Node>  $words
     * @param  list<Node>  $ways
     */
    private function named(Node $name, array $words, array $ways, Said $said, string $joint): void
    {
        $meant = $name->meant ?? new Meant([], false);
        [$first, $last] = [$name, $name];
        $unknown = $this->words->unknown($words, behind: $name->last);
        $telling = array_values(array_filter($words, fn (Node $one): bool => $this->names->tells($this->tokens->all[$one->first]->text)));
        $narrower = $telling === [] ? null : $this->near->meant([...$this->words->texts([$name]), ...$this->words->texts($telling)]);
        if ($narrower !== null && $narrower->isSure) {
            $meant = new Meant($narrower->exercises, true, $meant->kit ?? $narrower->kit, $narrower->assumed);
            $unknown = array_values(array_filter($unknown, static fn (Node $one): bool => ! in_array($one, $telling, true)));
            $words = array_values(array_filter($words, static fn (Node $one): bool => ! in_array($one, $telling, true)));
            $said = $said->without('lower');
        }
        if ($this->stretches && $meant->isSure && $meant->exercises[0]->pattern !== 'stretch') {
            $stretch = $this->near->meant([...$this->words->texts([$name]), 'stretch']);
            $meant = $stretch->isSure ? $stretch : $meant;
        }
        foreach ($ways as $way) {
            $meant = $this->done($meant, $way);
        }
        [$unknown, $apart] = $this->words->touching($unknown, $name);
        foreach ($apart as $word) {
            $this->doubt($word, $word);
        }
        if ($unknown !== []) {
            $first = $unknown[0]->first < $name->first ? $unknown[0] : $name;
            $last = $unknown[count($unknown) - 1]->last > $name->last ? $unknown[count($unknown) - 1] : $name;
            $loosely = $this->near->meant($this->words->texts([$first, ...($first === $last ? [] : [$last])], through: true));
            $meant = $loosely->isSure
                ? $loosely
                : new Meant($loosely->exercises === [] ? $meant->exercises : $loosely->exercises, false, $meant->kit);
        } elseif ($words !== []) {
            $this->remark($words);
        }
        $this->add($first, $last, $meant, $said, $joint);
        if (! $meant->isSure) {
            $this->doubt($first, $last, $meant->exercises);
        }
    }

    /**
     * "Row, bent over", "squat (goblet)": words behind an exercise that say which of its kind is meant.
     *
     * @param  list<Node>  $words
     */
    private function narrows(array $words, string $joint): bool
    {
        $last = count($this->items) - 1;
        if ($last < 0 || ! in_array($joint, ['(', ','], true) || ! $this->words->tells($words)
            || ($joint === ',' && ($this->items[$last]->said->counts() || ! $this->behind->isNothing()))) {
            return false;
        }
        $item = $this->items[$last];
        $own = array_map(static fn (Token $one): string => $one->text, Tokens::of($item->written)->all);
        $meant = $this->near->meant([...$own, ...$this->words->texts($words)]);
        if (! $meant->isSure) {
            return false;
        }
        $this->replaceLast(new NotedItem($item->written, $item->from, $item->to, $meant, $item->said));

        return true;
    }

    /** A way of doing said behind the exercise: "push-up (feet raised)". */
    private function doneSo(Node $way): void
    {
        $last = count($this->items) - 1;
        if ($last < 0) {
            $this->left[] = $this->words->text($way, $way);

            return;
        }
        $item = $this->items[$last];
        $this->replaceLast(new NotedItem($item->written, $item->from, $item->to, $this->done($item->meant, $way), $item->said));
    }

    private function replaceLast(NotedItem $item): void
    {
        array_pop($this->items);
        $this->items[] = $item;
    }

    private function add(Node $first, Node $last, Meant $meant, Said $said, string $joint): void
    {
        [$from, $to] = $this->words->span($first, $last);
        if ($said->kit === null && $meant->kit !== null) {
            $said = $said->and(Said::of(['kit' => $meant->kit]));
        }
        if (array_intersect($this->words->texts([$first, $last], through: true), array_keys(Names::TURNS)) !== []) {
            $said = $said->and(Said::of(['isAlternating' => true]));
        }
        if ($this->items === [] && ! $this->behind->isNothing()) {
            // "3 x 10, 60 s rest, squats": said before any exercise, of all.
            $this->all = $this->all->and(self::inRounds($this->behind));
            $this->behind = Said::nothing();
        }
        // What stood between two exercises was said of the one before it.
        $this->toLast();
        $this->items[] = new NotedItem($this->words->text($first, $last), $from, $to, $meant, $said);
        $this->joints[] = $joint;
        $this->leads[] = $this->isLed;
    }

    /**
     * What is said with no exercise beside it.
     *
     * @param  list<Node>  $nodes
     */
    private function dose(Said $said, array $nodes): void
    {
        $last = $this->items[count($this->items) - 1] ?? null;
        $both = $last !== null && $last->said->counts() && $this->behind->isNothing() ? self::beside($last->said, $said) : null;
        if ($last !== null && $both !== null) {
            $this->replaceLast($last->saying($both));

            return;
        }
        if ($said->counts() && $last !== null && ($last->said->counts() || $this->behind->counts())) {
            // Two counts for one exercise: "3 x 10, then max".
            $saying = array_values(array_filter($nodes, static fn (Node $one): bool => $one->type === 'said'));
            $this->doubt($saying[0], $saying[count($saying) - 1]);

            return;
        }
        $this->behind = $this->behind->and($said);
    }

    private function toLast(): void
    {
        $last = count($this->items) - 1;
        if ($last >= 0 && ! $this->behind->isNothing()) {
            $item = $this->items[$last];
            $this->replaceLast($item->saying($item->said->and($this->behind)));
            $this->behind = Said::nothing();
        }
    }

    /**
     * What the first or the last exercise says where the others say nothing of the kind: it is said of all.
     */
    private function saidForAll(): Said
    {
        $isAsked = array_filter($this->doubts, static fn (Doubt $one): bool => $one->choices !== []) !== [];
        if ($isAsked || $this->kind?->isFrame() === true) {
            // What one loosening lasts says nothing of the next.
            return Said::nothing();
        }
        $last = count($this->items) - 1;
        $counting = array_keys(array_filter(
            $this->items,
            static fn (NotedItem $item): bool => $item->said->counts() || $item->said->says('times'),
        ));
        $setting = array_keys(array_filter($this->items, static fn (NotedItem $item): bool => $item->said->says('sets')));
        $this->isList = $this->kind === null && count($setting) === count($this->items)
            && array_diff(array_slice($this->joints, 1), [',', '.', '']) === [];
        // "Squats, lunges, 10 press-ups": a number before the last one is its own.
        $only = count($counting) === 1 ? $counting[0] : null;
        if (($only === 0 || ($only === $last && ! $this->leads[$last])) && ! $this->behind->counts()) {
            return $this->items[$only]->said->settled()->only(...self::SHARED);
        }
        if (count($setting) === 1 && in_array($setting[0], [0, $last], true)) {
            return $this->items[$setting[0]]->said->only('sets', 'rest');
        }

        return Said::nothing();
    }

    /** "10 press-ups, 10 squats, 10 rows x 3": what stands behind the last of several that count is how often all are done. */
    private function roundsBehind(): ?int
    {
        $last = $this->items[count($this->items) - 1]->said;
        foreach ($this->items as $item) {
            if (! $item->said->counts() || $item->said->says('sets') || ($item->said->says('times') && $item->said !== $last)) {
                return null;
            }
        }

        return $last->times;
    }

    /** Sets and times of several are rounds. */
    private static function inRounds(Said $said): Said
    {
        $rounds = $said->rounds ?? ($said->counts() ? null : $said->sets ?? $said->times);
        $said = $rounds === null ? $said : $said->without('sets', 'times', 'rounds')->and(Said::of(['rounds' => $rounds]));

        return $said->settled();
    }

    private function shape(Node $node): Said
    {
        $this->kind ??= $node->kind;
        $this->all = $this->all->and($node->said);

        return Said::nothing();
    }

    /** An exercise done in another way is another exercise where it has a name of its own. */
    private function done(Meant $meant, Node $way): Meant
    {
        $exercise = $meant->exercise();
        $id = $exercise === null ? null : TradeNames::WAYS[$exercise->id][$way->said->way ?? ''] ?? null;
        if ($id === null) {
            if ($exercise === null || ! in_array($way->said->way, TradeNames::ALREADY[$exercise->id] ?? [], true)) {
                $this->left[] = $this->words->text($way, $way);
            }

            return $meant;
        }

        return new Meant([$this->names->exercise($id)], true, $meant->kit);
    }

    private function together(Said $said, Node $node): Said
    {
        $there = $said->told();
        foreach ($node->said->told() as $key => $value) {
            if (isset($there[$key]) && ($there[$key] !== $value || $key === 'bare')) {
                $this->doubt($node, $node);

                return $said;
            }
        }
        $both = $said->counts() && ! $said->says('bare') ? self::beside($said, $node->said) : null;
        if ($both !== null) {
            return $both;
        }
        if ($said->counts() && $node->said->counts() && $node->said->bare === null && ! $said->says('bare')) {
            $this->doubt($node, $node);

            return $said;
        }
        // A number alone beside one that says what it counts.
        if ($node->said->bare !== null && $said->counts() && ! $said->says('bare')) {
            $this->doubt($node, $node);

            return $said;
        }

        return $said->says('bare') && $node->said->counts() && $node->said->bare === null
            ? $this->twoNumbers($said, $node)
            : $said->and($node->said);
    }

    /** Behind repetitions a time is the rest, "3x12 60s"; behind a dose three or four small figures are the tempo, "3x8 (3-1-1)". */
    private static function beside(Said $said, Said $more): ?Said
    {
        if ($said->reps !== null && $more->seconds !== null && ! $said->says('rest') && $more->only('seconds')->told() === $more->told()) {
            return $said->and(Said::of(['rest' => $more->seconds]));
        }
        $figures = $more->doses ?? [];

        return in_array(count($figures), [3, 4], true) && max($figures) <= 6 && ! $said->says('tempo') && ! $said->says('doses')
            ? $said->and(Said::of(['tempo' => array_pad($figures, 4, 0)]))
            : null;
    }

    private function twoNumbers(Said $said, Node $node): Said
    {
        // "3 30 s": so many sets of it.
        if ($said->bare <= self::SETS_UP_TO && ! $node->said->says('sets') && $said->sets === null) {
            return $said->without('bare')->and($node->said)->and(Said::of(['sets' => $said->bare ?? 1]));
        }
        $this->doubt($node, $node);

        return $said;
    }

    private function isOfBlock(Node $node): bool
    {
        return ! $node->said->only(...self::OF_BLOCK)->isNothing();
    }

    private function looksListed(string $joint): bool
    {
        return $this->items === [] || in_array($joint, ['/', '+', '&'], true)
            || ($joint === ',' && ! $this->items[count($this->items) - 1]->said->counts());
    }

    /** @param  list<Node>  $words */
    private function remark(array $words): void
    {
        $texts = array_map(fn (Node $one): string => $this->words->text($one, $one), $words);
        if (array_diff(array_map(mb_strtolower(...), $texts), TradeNames::FILLERS) !== []) {
            $this->left[] = implode(' ', $texts);
        }
    }

    /**
     * @param  list<\NimbleShelf\Core\Catalogue\Exercise>  $nearest
     * @param  list<string>  $choices
     */
    private function doubt(Node $first, Node $last, array $nearest = [], array $choices = []): void
    {
        [$from, $to] = $this->words->span($first, $last);
        $this->doubts[] = new Doubt($this->words->text($first, $last), $from, $to, $nearest, $choices);
    }
}
