<?php

declare(strict_types=1);

namespace App\Http\Resources;

use NimbleShelf\Core\Matching\Control;

/** One thing about a setting that can be moved by hand. */
final readonly class ControlResource extends Resource
{
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public float $value,
    ) {
    }

    public static function of(Control $control): self
    {
        return new self($control->name, $control->label, $control->unit, $control->least, $control->most, $control->step, $control->value);
    }
}
