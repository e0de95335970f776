<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Planning;

use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Text\Plain;

/** A thing, and how one slot has it set up. */
final readonly class ThingInUse
{
    private const PACKED = 'packed';

    /**
     * @param  string  $setUp  The same for the same load, rig, fill or place.
     * @param  float  $massKg  What it is loaded to; 0 where it is not loaded.
     * @param  array<string, int>  $contents  Of a carrier: how many of what lie in it, where that is known.
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public string $setUp,
        public float $massKg,
        public ?Thing $thing,
        public array $contents = [],
    ) {
    }

    /** @return list<self> What a slot uses; where no thing of a shelf is known, what its setting names. */
    public static function allOf(Slot $slot): array
    {
        if ($slot->things !== []) {
            return array_map(static fn (Thing $thing): self => self::of($thing, $slot), $slot->things);
        }
        $setting = $slot->assignment->setting;
        if ($setting->implement === 'body-weight') {
            return [];
        }
        $kind = str_replace('-', ' ', $setting->implement);
        $isPlain = $setting->massKg > 0 && ! in_array($setting->implement, ['rucksack', 'adjustable-dumbbell'], true);
        $name = $isPlain ? sprintf('%s kg %s', Plain::number($setting->massKg), $kind) : $kind;

        return [new self($name, $name, $setting->implement, self::setUpOf($setting->implement, $slot), $setting->massKg, null)];
    }

    private static function of(Thing $thing, Slot $slot): self
    {
        return new self(
            $thing->id,
            self::nameOf($thing, $slot),
            $thing->kind,
            $thing->isPacked ? self::PACKED : self::setUpOf($thing->kind, $slot),
            $slot->assignment->setting->massKg,
            $thing,
            self::isCarrier($thing->kind) ? self::contentsIn($slot) : [],
        );
    }

    /** True for a piece that lies in a carrier here. */
    public function isPacked(): bool
    {
        return $this->setUp === self::PACKED;
    }

    /** What lies in a carrier here, in words; empty where nothing does or nobody knows. */
    public function filling(): string
    {
        return $this->thing->filling ?? '';
    }

    private static function isCarrier(string $kind): bool
    {
        return $kind === 'rucksack' || $kind === 'pourable';
    }

    /** @return array<string, int> */
    private static function contentsIn(Slot $slot): array
    {
        $contents = [];
        foreach ($slot->things as $thing) {
            if (in_array($thing->kind, ['object', 'pourable'], true) && $slot->assignment->setting->implement !== $thing->kind) {
                $contents[$thing->id] = $thing->count;
            }
        }

        return $contents;
    }

    /** "two glaze buckets" where there is one for each hand. */
    private static function nameOf(Thing $thing, Slot $slot): string
    {
        $setting = $slot->assignment->setting;
        $isOneEach = $setting->perHand && $setting->limbs !== 1 && $thing->count >= 2 && $thing->massKg > 0;

        return $isOneEach && ! Thing::isSupportKind($thing->kind) && ! str_ends_with($thing->name, 'pair')
            ? 'two '.Plain::plural($thing->name)
            : $thing->name;
    }

    private static function setUpOf(string $kind, Slot $slot): string
    {
        $setting = $slot->assignment->setting;

        return match (true) {
            Thing::isSupportKind($kind) => sprintf(
                '%s/%.2f/%.2f',
                $slot->exercise->support->under ?? '',
                $setting->supportHeightM,
                $setting->footHeightM,
            ),
            Thing::isBandKind($kind) => md5(serialize($setting->toArray()['band'] ?? null)),
            in_array($kind, ['adjustable-dumbbell', 'rucksack', 'pourable'], true) => sprintf('%.2f kg', $setting->massKg),
            default => '',
        };
    }
}
