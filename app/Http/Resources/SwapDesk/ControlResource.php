<?php

declare(strict_types=1);

namespace App\Http\Resources\SwapDesk;

use App\Http\Resources\Resource;
use NimbleShelf\Core\Matching\Control;

/** One thing about a setting that can be moved by hand. */
final readonly class ControlResource extends Resource
{
    /** @param  list<StopResource>  $stops  The only values there are; empty where every step will do. */
    public function __construct(
        public string $name,
        public string $label,
        public string $unit,
        public float $least,
        public float $most,
        public float $step,
        public float $value,
        public array $stops,
    ) {
    }

    public static function of(Control $control): self
    {
        return new self(
            $control->name,
            $control->label,
            $control->unit,
            $control->least,
            $control->most,
            $control->step,
            $control->value,
            array_map(static fn (array $stop): StopResource => new StopResource(...$stop), $control->stops),
        );
    }
}
