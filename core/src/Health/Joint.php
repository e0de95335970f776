<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Health;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Matching\Limit;

/** A joint that may hurt, and the limits that are proposed while it does. The trainer decides. */
final readonly class Joint
{
    /**
     * @param  bool  $hasSides  True where there is a left and a right one.
     * @param  non-empty-list<Limit>  $limits
     */
    private function __construct(public string $id, public string $name, public bool $hasSides, public array $limits, public string $why)
    {
    }

    /**
     * @param  array<array-key, mixed>  $data  `{id, name, sides?, limits, why}`.
     *
     * @throws BrokenCatalogue If it has no name, or proposes no limit that there is.
     */
    public static function fromArray(array $data): self
    {
        $text = static fn (string $key): string => is_string($data[$key] ?? null) && $data[$key] !== ''
            ? $data[$key]
            : throw BrokenCatalogue::because("a joint has no {$key}.");
        $limits = [];
        foreach (is_array($data['limits'] ?? null) ? $data['limits'] : [] as $limit) {
            $limits[] = (is_string($limit) ? Limit::tryFrom($limit) : null)
                ?? throw BrokenCatalogue::because("joint {$text('id')} proposes a limit that there is not.");
        }
        if ($limits === []) {
            throw BrokenCatalogue::because("joint {$text('id')} proposes nothing.");
        }

        return new self($text('id'), $text('name'), ($data['sides'] ?? true) !== false, $limits, $text('why'));
    }
}
