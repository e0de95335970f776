<?php

declare(strict_types=1);

namespace App\Http\Resources\Catalogue;

use App\Http\Resources\Resource;
use App\Http\Resources\Shared\FigureResource;

/** An exercise in the list of the catalogue. */
final readonly class CatalogueEntryResource extends Resource
{
    /**
     * @param  list<string>  $aliases
     * @param  string  $pattern  Its id.
     * @param  list<string>  $muscles  Main ones.
     * @param  list<string>  $kit  Kinds of things that load it or that it needs; `body weight` where it needs none.
     * @param  bool  $quiet  True where nobody below hears it.
     * @param  list<string>  $excludes  Limits that switch it off, by id.
     * @param  FigureResource  $figure  Its start and its end.
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $aliases,
        public string $pattern,
        public string $patternName,
        public array $muscles,
        public array $kit,
        public string $position,
        public bool $quiet,
        public int $skill,
        public array $excludes,
        public FigureResource $figure,
    ) {
    }
}
