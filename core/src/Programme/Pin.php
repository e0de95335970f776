<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Mechanics\Setting;

/** What the trainer wants to stay where it is when the rest is planned again. */
final readonly class Pin
{
    /**
     * @param  Setting|null  $setting  Null for any the shelf allows.
     * @param  int|null  $sets  Null for any number.
     * @param  string  $words  Of two things rigged alike, which; empty for the first.
     */
    public function __construct(
        public int $weekday,
        public string $exercise,
        public ?Setting $setting = null,
        public ?int $sets = null,
        public string $words = '',
    ) {
    }
}
