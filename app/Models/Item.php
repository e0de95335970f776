<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsAssignment;
use App\Enums\FloorEventKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Standing;

/**
 * One exercise of a day's session: what was prescribed, and what is done instead as the changes stand.
 *
 * @property int $id
 * @property int|null $slot_id
 * @property string $thread
 * @property int $position
 * @property Assignment $prescribed Never changed.
 * @property Assignment $chosen With the changes in force for every set.
 * @property string|null $left_out Why it is left out; null where it is done.
 * @property-read Block $block
 * @property-read Slot|null $slot
 * @property-read Collection<int, SetLog> $setLogs Those that stand.
 * @property-read Collection<int, Change> $madeChanges
 */
final class Item extends Model
{
    protected $fillable = ['slot_id', 'thread', 'position', 'prescribed', 'chosen', 'left_out'];

    protected $casts = ['prescribed' => AsAssignment::class, 'chosen' => AsAssignment::class, 'position' => 'integer'];

    protected static function booted(): void
    {
        // Nothing is changed before it stands.
        self::creating(static function (self $item): void {
            if (! isset($item->getAttributes()['chosen'])) {
                $item->setAttribute('chosen', $item->prescribed);
            }
        });
    }

    /** @return BelongsTo<Block, $this> */
    public function block(): BelongsTo
    {
        return $this->belongsTo(Block::class);
    }

    /** @return BelongsTo<Slot, $this> */
    public function slot(): BelongsTo
    {
        return $this->belongsTo(Slot::class);
    }

    /** @return HasMany<SetLog, $this> */
    public function setLogs(): HasMany
    {
        $inOrder = $this->hasMany(SetLog::class);
        $inOrder->whereNull('voided_at')->orderBy('set_number')->orderBy('id');

        return $inOrder;
    }

    /** @return HasMany<Change, $this> */
    public function madeChanges(): HasMany
    {
        $inOrder = $this->hasMany(Change::class);
        $inOrder->orderBy('id');

        return $inOrder;
    }

    /** Keeps what it comes to with the changes in force. */
    public function settle(): void
    {
        $this->unsetRelation('madeChanges');
        $standing = Standing::after($this->prescribed, Change::inForce($this->madeChanges));
        $this->update(['chosen' => $standing->assignment, 'left_out' => $standing->leftOut]);
    }

    /** What it asks for in one set; a change made for that set counts. */
    public function standingAt(int $set): Standing
    {
        return Standing::after($this->prescribed, Change::inForce($this->madeChanges), $set);
    }

    /** What is done next, a change for the next set included. */
    public function now(): Assignment
    {
        return $this->standingAt($this->nextSet())->assignment;
    }

    public function isSwapped(): bool
    {
        return $this->standingAt($this->nextSet())->isSwapped;
    }

    /** The first set that is neither through nor skipped; one more than there are where all are. */
    public function nextSet(): int
    {
        $skipped = $this->skipped();
        for ($set = 1; $set <= $this->chosen->sets; $set++) {
            $sides = [
                ...$this->setLogs->where('set_number', $set)->map(static fn (SetLog $log): ?string => $log->side)->all(),
                ...($skipped[$set] ?? []),
            ];
            // Where one side rests, the other one alone makes the set; the one after it says so.
            $isThrough = in_array(null, $sides, true)
                || $this->setLogs->contains(static fn (SetLog $log): bool => $log->set_number > $set)
                || count(array_unique($sides)) >= ($this->standingAt($set)->assignment->sides === Sides::Each ? 2 : 1);
            if ($sides === [] || ! $isThrough) {
                return $set;
            }
        }

        return $this->chosen->sets + 1;
    }

    public function client(): Client
    {
        return $this->block->session->client;
    }

    /** What was prescribed, whether or not it has been swapped since, in the sets there are now. */
    public function prescription(): Prescription
    {
        return Prescription::of(
            exercise: $this->prescribed->exercise,
            setting: $this->prescribed->setting,
            sets: min(10, $this->chosen->sets),
            reps: $this->prescribed->dose->count(),
            reserve: $this->prescribed->reserve,
            goal: $this->client()->goal,
        );
    }

    /** @return array<int, list<string|null>> Sides skipped, by set. */
    private function skipped(): array
    {
        $skipped = [];
        foreach (FloorEvent::inForce($this->block->session->events) as $event) {
            if ($event->kind === FloorEventKind::Skipped && $event->item_id === $this->id) {
                $skipped[(int) ($event->said['setNumber'] ?? 0)][] = $event->said['side'] ?? null;
            }
        }

        return $skipped;
    }
}
