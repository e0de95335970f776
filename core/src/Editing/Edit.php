<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Editing;

use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Programme\PatternGroup;

/** One change of a planned week. Slots are named by their day and thread, places by block and position within it. */
final readonly class Edit
{
    private const WHOLE = [
        'weekday' => [1, 7], 'to' => [1, 7], 'block' => [0, 40], 'place' => [0, 40], 'by' => [-1, 1], 'minutes' => [5, 180],
    ];

    /**
     * @param  int  $weekday  1 for Monday to 7; where it happens.
     * @param  int|null  $to  The weekday it goes to.
     * @param  int|null  $block  Counted from 0 over the whole session.
     * @param  int|null  $place  Counted from 0 within the block; null for a block of its own before `block`.
     * @param  array<string, mixed>  $ask  What a slot is to ask for; see `SlotEditor::asked()`.
     * @param  array<string, mixed>  $rule  As `BlockRule` reads it.
     * @param  list<Edit>  $edits
     */
    private function __construct(
        public EditKind $kind,
        public int $weekday,
        public string $slot,
        public ?int $to,
        public ?int $block,
        public ?int $place,
        public ?int $by,
        public string $exercise,
        public ?Setting $setting,
        public array $ask,
        public ?BlockKind $shape,
        public array $rule,
        public ?int $minutes,
        public string $name,
        public string $text,
        public ?PatternGroup $group,
        public array $edits,
    ) {
    }

    /**
     * Reads `{kind, weekday, slot?, to?, block?, place?, by?, exercise?, setting?, ask?, shape?, rule?, minutes?, name?, text?,
     * group?, edits?}`.
     *
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If something is missing or out of range, naming it.
     */
    public static function fromArray(array $data): self
    {
        $kind = is_string($data['kind'] ?? null) ? EditKind::tryFrom($data['kind']) : null;
        if ($kind === null) {
            throw InvalidQuantity::because('kind', 'kind must be one of '.implode(', ', array_column(EditKind::cases(), 'value')).'.');
        }
        foreach ($kind->needs() as $field) {
            if (($data[$field] ?? null) === null || $data[$field] === '') {
                throw InvalidQuantity::because($field, "{$field} is missing.");
            }
        }
        $whole = array_map(
            static fn (string $field): ?int => self::whole($data, $field),
            array_combine(array_keys(self::WHOLE), array_keys(self::WHOLE)),
        );
        $text = static fn (string $field): string => is_string($data[$field] ?? null) ? trim($data[$field]) : '';
        $list = static fn (string $field): array => is_array($data[$field] ?? null) ? $data[$field] : [];
        if (mb_strlen($text('name')) > 60 || mb_strlen($text('text')) > 1000) {
            throw InvalidQuantity::because(mb_strlen($text('name')) > 60 ? 'name' : 'text', 'That is longer than there is room for.');
        }

        return new self(
            kind: $kind,
            weekday: $whole['weekday'] ?? 0,
            slot: $text('slot'),
            to: $whole['to'],
            block: $whole['block'],
            place: $whole['place'],
            by: $whole['by'],
            exercise: $text('exercise'),
            setting: $list('setting') === [] ? null : Setting::fromArray($list('setting')),
            ask: self::named($list('ask')),
            shape: self::choice(BlockKind::class, 'shape', $text('shape')),
            rule: self::named($list('rule')),
            minutes: $whole['minutes'],
            name: $text('name'),
            text: $text('text'),
            group: self::choice(PatternGroup::class, 'group', $text('group')),
            edits: $kind === EditKind::Together ? array_map(
                static fn (mixed $edit): self => self::fromArray(is_array($edit) ? $edit : []),
                array_values($list('edits')),
            ) : [],
        );
    }

    /** @return array<string, mixed> What `fromArray()` reads. */
    public function toArray(): array
    {
        return array_filter([
            'kind' => $this->kind->value,
            'weekday' => $this->weekday === 0 ? null : $this->weekday,
            'slot' => $this->slot,
            'to' => $this->to,
            'block' => $this->block,
            'place' => $this->place,
            'by' => $this->by,
            'exercise' => $this->exercise,
            'setting' => $this->setting?->toArray(),
            'ask' => $this->ask,
            'shape' => $this->shape?->value,
            'rule' => $this->rule,
            'minutes' => $this->minutes,
            'name' => $this->name,
            'text' => $this->text,
            'group' => $this->group?->value,
            'edits' => array_map(static fn (self $edit): array => $edit->toArray(), $this->edits),
        ], static fn (mixed $value): bool => $value !== null && $value !== '' && $value !== []);
    }

    /**
     * @param  array<array-key, mixed>  $data
     *
     * @throws InvalidQuantity If it is not a whole number in range.
     */
    private static function whole(array $data, string $field): ?int
    {
        $value = $data[$field] ?? null;
        if ($value === null) {
            return null;
        }
        if (! is_int($value)) {
            throw InvalidQuantity::because($field, "{$field} must be a whole number.");
        }
        [$low, $high] = self::WHOLE[$field] ?? [0, 0];
        InvalidQuantity::unlessBetween($field, $value, $low, $high, $field === 'minutes' ? 'min' : '');

        return $value;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $of
     * @return T|null
     *
     * @throws InvalidQuantity If there is no such choice.
     */
    private static function choice(string $of, string $field, string $value): ?\BackedEnum
    {
        return $value === '' ? null : $of::tryFrom($value) ?? throw InvalidQuantity::because(
            $field,
            "{$field} must be one of ".implode(', ', array_column($of::cases(), 'value')).'.',
        );
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @return array<string, mixed>
     */
    private static function named(array $data): array
    {
        return array_filter($data, is_string(...), ARRAY_FILTER_USE_KEY);
    }
}
