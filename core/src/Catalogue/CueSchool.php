<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Catalogue;

/** A point on which trainers differ: both sides in words, the usual one, and whom it is decided for. */
final readonly class CueSchool
{
    /**
     * @param  array<string, string>  $sides  Cue by side.
     * @param  string  $usual  Side taken where the trainer has not said.
     * @param  array<string, string>  $forced  Side by limit, whatever the trainer prefers.
     */
    public function __construct(
        public string $id,
        public string $about,
        public array $sides,
        public string $usual,
        public string $why,
        public array $forced,
    ) {
    }

    /**
     * @param  array<string, mixed>  $data  Decoded `catalogue/schools.json`.
     * @return array<string, self>
     */
    public static function allFrom(array $data): array
    {
        $schools = [];
        foreach ($data as $id => $entry) {
            /**
             * @var array{
             *     about: string, sides: array<string, string>, usual: string, why: string, forced?: array<string, string>
             * } $entry
             */
            $schools[$id] = new self($id, $entry['about'], $entry['sides'], $entry['usual'], $entry['why'], $entry['forced'] ?? []);
        }

        return $schools;
    }

    /**
     * The cue to give.
     *
     * @param  list<string>  $limits  Limits of the person, by their ids.
     */
    public function cueFor(?string $house = null, array $limits = []): string
    {
        foreach ($limits as $limit) {
            if (isset($this->forced[$limit])) {
                return $this->sides[$this->forced[$limit]];
            }
        }

        return $this->sides[$house ?? $this->usual] ?? $this->sides[$this->usual];
    }
}
