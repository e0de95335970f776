<?php

declare(strict_types=1);

namespace App\Http\Resources\Floor;

use App\Http\Resources\Resource;

/** Exercises that belong together. */
final readonly class BlockResource extends Resource
{
    /**
     * @param  string  $label  What its kind is called.
     * @param  string  $ruleWords  "3 rounds, 40 s of work, 20 s of rest"; empty where its exercises say it all.
     * @param  bool  $goesRound  True where one set of each is done before the next set of any.
     * @param  bool  $byClock  True where the clock goes on to the next exercise by itself.
     * @param  bool  $isFrame  True where it warms up or cools down.
     * @param  int|null  $pick  Of a menu: how many the client chooses.
     * @param  list<string>  $needs  Of a menu: what the choice must hold, in words.
     * @param  list<ItemResource>  $items
     */
    public function __construct(
        public int $id,
        public string $kind,
        public string $label,
        public string $name,
        public string $ruleWords,
        public bool $goesRound,
        public bool $byClock,
        public bool $isFrame,
        public ?int $pick,
        public array $needs,
        public array $items,
    ) {
    }
}
