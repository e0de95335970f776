<?php

declare(strict_types=1);

namespace App\Http\Resources\Programme;

use App\Http\Resources\Catalogue\CuesResource;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\EquivalentResource;
use App\Http\Resources\Shared\FigureResource;

/** What there is to know about one exercise of a planned week, looked at closely. */
final readonly class SlotDetailResource extends Resource
{
    /**
     * @param  string|null  $noFailure  Why no set of it may go to failure; null where that is a choice.
     * @param  list<string>  $cautions
     * @param  list<string>  $layOut  What is laid out for it, with recipes.
     * @param  SlotStepResource|null  $easier  Null where the shelf has nothing easier for it.
     */
    public function __construct(
        public string $thread,
        public ?string $noFailure,
        public string $exercise,
        public string $name,
        public FigureResource $figure,
        public CuesResource $cues,
        public array $cautions,
        public array $layOut,
        public ?SlotStepResource $easier,
        public ?SlotStepResource $harder,
        public ?EquivalentResource $equivalent,
    ) {
    }
}
