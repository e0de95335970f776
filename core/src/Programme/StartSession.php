<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Planning\Block;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\BlockRule;
use NimbleShelf\Core\Planning\SessionPlan;

/** A first session that finds out what somebody can do. */
final readonly class StartSession
{
    public const NAME = 'Find the start';

    /**
     * @param  Block|null  $warmUp  What opens; null where nothing suits.
     * @param  list<StartTest>  $tests
     * @param  list<string>  $untested  Whole sentences: what is not tested, and why.
     * @param  float  $likelyMinutes  With as many steps as are likely to be done.
     * @param  float  $mostMinutes  With all of them.
     */
    public function __construct(
        public ?Block $warmUp,
        public array $tests,
        public array $untested,
        public float $likelyMinutes,
        public float $mostMinutes,
    ) {
    }

    public function plan(): SessionPlan
    {
        return new SessionPlan(self::NAME, [
            ...($this->warmUp === null ? [] : [$this->warmUp]),
            ...array_map(
                static fn (StartTest $test): Block => Block::asItStands(BlockKind::Ramp, $test->name, BlockRule::plain(), $test->steps),
                $this->tests,
            ),
        ]);
    }
}
