<?php

declare(strict_types=1);

namespace App\Support;

use App\Actions\Floor\ReckonLoad;
use App\Enums\ProgrammeState;
use App\Enums\SwapScope;
use App\Models\Client;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Exception\CoreException;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Assignment;
use NimbleShelf\Core\Planning\BlockKind;
use NimbleShelf\Core\Planning\Change;
use NimbleShelf\Core\Planning\Dose;
use NimbleShelf\Core\Planning\Sides;
use NimbleShelf\Core\Planning\Standing;
use NimbleShelf\Core\Planning\Tempo;
use stdClass;

/**
 * Fills the tables of plans and days from the older ones, in which a session of a programme was both.
 *
 * Every session of a programme becomes a planned session with its slots and the day that was made from it.
 */
final class PlansApartFromDays
{
    private const ROUND_BY_ROUND = ['superset', 'circuit'];

    private readonly Catalogue $catalogue;

    /** @var list<array<string, mixed>> */
    private array $changes = [];

    public function __construct()
    {
        $this->catalogue = resolve(Catalogue::class);
    }

    public function fill(): void
    {
        $newest = DB::table('programmes')->selectRaw('max(id) as id')->groupBy('client_id')->pluck('id')->all();
        foreach (DB::table('programmes')->orderBy('id')->get() as $programme) {
            $client = DB::table('clients')->find($programme->client_id);
            DB::table('new_programmes')->insert([
                'id' => $programme->id, 'user_id' => $client->user_id, 'client_id' => $programme->client_id, 'name' => $programme->name,
                'goal' => $client->goal,
                'state' => (in_array($programme->id, $newest, true) ? ProgrammeState::Running : ProgrammeState::Ended)->value,
                'starts_on' => $programme->starts_on, 'days' => '[]', 'style' => '{}',
                'created_at' => $programme->created_at, 'updated_at' => $programme->updated_at,
            ]);
            $weeks = $this->weeks($programme);
            $sessions = DB::table('training_sessions')->where('programme_id', $programme->id)->orderBy('starts_at')->orderBy('id')->get();
            foreach ($sessions as $session) {
                $this->session($session, $programme, $weeks[$this->weekOf($session, $programme)]);
            }
        }
        // In the order they were made, whichever session they belong to.
        usort($this->changes, static fn (array $one, array $two): int => $one['at'] <=> $two['at']);
        foreach ($this->changes as $change) {
            unset($change['at']);
            DB::table('changes')->insert($change);
        }
        $this->sets();
    }

    /** @return array<int, int> Ids of the weeks by number; as many as are written, or as the last session needs. */
    private function weeks(stdClass $programme): array
    {
        $last = 1;
        foreach (DB::table('training_sessions')->where('programme_id', $programme->id)->get() as $session) {
            $last = max($last, $this->weekOf($session, $programme));
        }
        $weeks = [];
        for ($number = 1; $number <= max($last, (int) $programme->weeks); $number++) {
            $weeks[$number] = DB::table('weeks')->insertGetId([
                'programme_id' => $programme->id,
                'number' => $number,
                'kind' => 'build',
                'created_at' => $programme->created_at,
                'updated_at' => $programme->updated_at,
            ]);
        }

        return $weeks;
    }

    private function weekOf(stdClass $session, stdClass $programme): int
    {
        $days = CarbonImmutable::parse($programme->starts_on)->startOfDay()->diffInDays(
            CarbonImmutable::parse($session->starts_at)->startOfDay(),
        );

        return max(1, intdiv((int) $days, 7) + 1);
    }

    private function session(stdClass $session, stdClass $programme, int $weekId): void
    {
        $stamps = ['created_at' => $session->created_at, 'updated_at' => $session->updated_at];
        $at = CarbonImmutable::parse($session->starts_at, 'UTC');
        $plannedId = DB::table('planned_sessions')->insertGetId([
            'week_id' => $weekId,
            'name' => $session->name,
            'weekday' => $at->dayOfWeekIso,
            'time' => $at->format('H:i'),
            'minutes' => $session->minutes,
        ] + $stamps);
        DB::table('new_training_sessions')->insert([
            'id' => $session->id, 'client_id' => $programme->client_id, 'programme_id' => $programme->id,
            'planned_session_id' => $plannedId,
            'name' => $session->name, 'starts_at' => $session->starts_at, 'zone' => 'UTC', 'minutes' => $session->minutes,
            'started_at' => $session->started_at, 'ended_at' => $session->ended_at,
        ] + $stamps);
        foreach (DB::table('blocks')->where('training_session_id', $session->id)->orderBy('position')->get() as $block) {
            $kind = BlockKind::tryFrom($block->kind) ?? BlockKind::Straight;
            $items = DB::table('items')->where('block_id', $block->id)->orderBy('position')->get();
            // What rested between the exercises of a round goes on doing so.
            $rule = in_array($kind->value, self::ROUND_BY_ROUND, true) && $items->isNotEmpty()
                ? ['rest_s' => min(600, (int) $items[0]->rest_seconds)]
                : [];
            $written = json_encode((object) $rule, JSON_THROW_ON_ERROR);
            DB::table('blocks')->where('id', $block->id)->update(['kind' => $kind->value, 'rule' => $written]);
            $plannedBlockId = DB::table('planned_blocks')->insertGetId([
                'planned_session_id' => $plannedId,
                'kind' => $kind->value,
                'rule' => $written,
                'name' => $block->name,
                'position' => $block->position,
            ] + $stamps);
            foreach ($items as $item) {
                $this->item($item, $plannedBlockId, $programme, "{$session->name}/{$block->position}/{$item->position}");
            }
        }
    }

    private function item(stdClass $item, int $plannedBlockId, stdClass $programme, string $place): void
    {
        $stamps = ['created_at' => $item->created_at, 'updated_at' => $item->updated_at];
        $now = $this->assignment((array) $item);
        $swaps = DB::table('swaps')->where('item_id', $item->id)->orderBy('id')->get();
        $active = $swaps->whereNull('undone_at')->values();
        $first = $active->isEmpty() ? [] : $this->decoded($active[0]->before);
        $written = $item->written === null ? null : $this->decoded($item->written);
        $prescribed = $this->assignment([...(array) $item, ...$first, ...($written ?? []), 'written' => null]);
        $thread = 't'.substr(md5("{$programme->id}/{$place}/{$prescribed->exercise}"), 0, 12);
        $slotId = DB::table('slots')->insertGetId([
            'planned_block_id' => $plannedBlockId,
            'thread' => $thread,
            'position' => $item->position,
            'written' => $this->encoded($prescribed),
            'assignment' => $this->encoded($prescribed),
        ] + $stamps);

        $changes = [];
        foreach ($swaps as $i => $swap) {
            $isLast = $swap->undone_at === null && $swap->id === ($active->last()->id ?? null);
            $after = $isLast ? (array) $item : [...(array) $item, ...$this->decoded($swaps[$i + 1]->before ?? '{}')];
            $isOver = $swap->occasion === SwapScope::Set->occasion() && ! (bool) $item->one_set;
            $found = $this->changesTo(
                $after,
                $this->decoded($swap->before),
                isOneSet: $swap->occasion === SwapScope::Set->occasion(),
                item: $item,
            );
            if ($found === []) {
                // It is over, and what it was can no longer be told from the item; the history keeps its words.
                $isOneSet = $swap->occasion === SwapScope::Set->occasion();
                $changes[] = [
                    'swap' => $swap,
                    'change' => Change::swapFor($this->assignment($after), $isOneSet ? 1 : null),
                    'undone_at' => $swap->undone_at ?? ($isOneSet ? null : $swap->updated_at),
                ];
            }
            foreach ($found as $change) {
                $changes[] = [
                    'swap' => $swap,
                    'change' => $change,
                    'undone_at' => $swap->undone_at ?? ($isOver && $change->onlySet === null ? $swap->updated_at : null),
                ];
            }
        }
        $inForce = static fn (array $changes): array => array_map(
            static fn (array $one): Change => $one['change'],
            array_values(array_filter($changes, static fn (array $one): bool => $one['undone_at'] === null)),
        );
        $standing = Standing::after($prescribed, $inForce($changes));
        $isAsItWas = $standing->assignment->asksTheSameAs($now)
            && $standing->assignment->sets === $now->sets
            && $standing->leftOut === $item->left_out;
        if (! $isAsItWas && ! (bool) $item->one_set) {
            // What changed before changes were written down, or was put back by the one after it.
            $base = [
                'client_id' => $programme->client_id,
                'batch' => Str::uuid()->toString(),
                'occasion' => 'Before',
                'why' => '',
                'from_words' => '',
                'to_words' => '',
                'created_at' => $item->updated_at,
                'updated_at' => $item->updated_at,
            ];
            $was = ['sets' => $standing->assignment->sets, 'left_out' => $standing->leftOut];
            $isOther = ! $standing->assignment->asksTheSameAs($now);
            foreach ($this->changesTo((array) $item, $was, isOneSet: false, item: $item, always: $isOther) as $change) {
                $changes[] = ['swap' => (object) $base, 'change' => $change, 'undone_at' => null];
            }
            $standing = Standing::after($prescribed, $inForce($changes));
        }
        DB::table('new_items')->insert([
            'id' => $item->id, 'block_id' => $item->block_id, 'slot_id' => $slotId, 'thread' => $thread, 'position' => $item->position,
            'prescribed' => $this->encoded($prescribed), 'chosen' => $this->encoded($standing->assignment),
            'left_out' => $standing->leftOut,
        ] + $stamps);
        foreach ($changes as ['swap' => $swap, 'change' => $change, 'undone_at' => $undoneAt]) {
            $this->changes[] = [
                'at' => $swap->id ?? PHP_INT_MAX,
                'client_id' => $swap->client_id, 'item_id' => $item->id, 'slot_id' => null, 'batch' => $swap->batch,
                'scope' => $this->scopeOf($swap->occasion)->value, 'occasion' => $swap->occasion, 'why' => $swap->why,
                'from_words' => $swap->from_words, 'to_words' => $swap->to_words,
                'change' => json_encode($change->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
                'undone_at' => $undoneAt, 'created_at' => $swap->created_at, 'updated_at' => $swap->updated_at,
            ];
        }
    }

    /**
     * What led from one state of an item to another.
     *
     * @param  array<string, mixed>  $after  Columns.
     * @param  array<string, mixed>  $before  Columns.
     * @return list<Change>
     */
    private function changesTo(array $after, array $before, bool $isOneSet, stdClass $item, bool $always = false): array
    {
        $there = $this->assignment($after);
        $onlySet = $isOneSet
            ? DB::table('set_logs')->where('item_id', $item->id)->distinct()->count('set_number') + ((bool) $item->one_set ? 1 : 0)
            : null;
        $changes = [];
        if ($always || (isset($before['exercise']) && ! $this->assignment([...(array) $item, ...$before])->asksTheSameAs($there))
            || (isset($before['reps']) && (int) $before['reps'] !== $there->dose->count())) {
            $changes[] = Change::swapFor($there, $onlySet === 0 ? 1 : $onlySet);
        }
        if (isset($before['sets']) && (int) $before['sets'] !== $there->sets) {
            $changes[] = Change::toSets($there->sets);
        }
        $leftOut = $after['left_out'] ?? null;
        if (is_string($leftOut) && ($before['left_out'] ?? null) === null) {
            $changes[] = Change::leaveOut($leftOut);
        }

        return $changes;
    }

    private function scopeOf(string $occasion): SwapScope
    {
        return match ($occasion) {
            SwapScope::Set->occasion() => SwapScope::Set,
            SwapScope::Programme->occasion() => SwapScope::Programme,
            default => SwapScope::Today,
        };
    }

    /** @param  array<string, mixed>  $columns  Of an item as it was kept before. */
    private function assignment(array $columns): Assignment
    {
        $written = is_string($columns['setting']) ? $this->decoded($columns['setting']) : (array) $columns['setting'];
        $setting = Setting::fromArray($written);
        $exercise = $this->catalogue->exercises[$columns['exercise']] ?? null;
        $isEach = $exercise?->isOneSidedIn($setting) ?? $setting->limbs === 1;
        $reps = max(1, min(300, (int) $columns['reps']));
        $tempo = is_string($columns['tempo'] ?? null) ? $this->decoded($columns['tempo']) : ($columns['tempo'] ?? null);
        $ratio = $columns['range_ratio'] ?? null;
        $was = $columns['written'] ?? null;
        $why = is_string($was) ? ($this->decoded($was)['why'] ?? '') : '';

        return Assignment::of(
            exercise: (string) $columns['exercise'],
            setting: $setting,
            sets: max(1, min(20, (int) $columns['sets'])),
            dose: $exercise?->isHold === true ? Dose::seconds($reps, perSide: $isEach) : Dose::repetitions($reps, perSide: $isEach),
            reserve: max(0, min(10, (int) $columns['reserve'])),
            restSeconds: max(0, min(900, (int) ($columns['rest_seconds'] ?? 60))),
            sides: $isEach ? Sides::Each : Sides::Both,
            words: isset($columns['words']) ? (string) $columns['words'] : null,
            tempo: is_array($tempo) ? Tempo::fromArray($tempo) : null,
            rangeRatio: is_numeric($ratio) ? (float) $ratio : null,
            why: is_string($why) ? $why : '',
        );
    }

    /** Sets with the load as it was known, in words too: from now on nothing is reckoned again. */
    private function sets(): void
    {
        $reckon = resolve(ReckonLoad::class);
        $sessions = DB::table('items')->join('blocks', 'blocks.id', '=', 'items.block_id')->pluck('blocks.training_session_id', 'items.id');
        $clients = [];
        foreach (DB::table('set_logs')->orderBy('id')->get() as $set) {
            $client = $clients[$set->client_id] ??= Client::query()->findOrFail($set->client_id);
            $measure = $reckon->measureOn($client, CarbonImmutable::parse($set->logged_at, 'UTC'));
            try {
                $load = $reckon->handle(
                    $measure,
                    $this->catalogue->exercise($set->exercise),
                    Setting::fromArray($this->decoded($set->setting)),
                );
            } catch (CoreException) {
                $load = null;
            }
            DB::table('new_set_logs')->insert([
                'id' => $set->id, 'key' => $set->key, 'client_id' => $set->client_id, 'training_session_id' => $sessions[$set->item_id]
                    ?? null, 'item_id' => $set->item_id,
                'exercise' => $set->exercise, 'setting' => $set->setting, 'words' => $set->words, 'tempo' => $set->tempo,
                'range_ratio' => null,
                'set_number' => $set->set_number, 'side' => $set->side, 'reps' => $set->reps, 'reserve' => $set->reserve,
                'pain' => $set->pain, 'pain_note' => $set->pain_note,
                'pattern' => $set->pattern, 'whole_kg' => $set->whole_kg, 'sd_kg' => $set->sd_kg,
                'own_kg' => $load->ownKg
                    ?? 0.0, 'load_words' => $load === null ? '' : $load->inWords(), 'body_mass_kg' => $measure->body_mass_kg,
                'logged_at' => $set->logged_at, 'zone' => 'UTC', 'voided_at' => null, 'created_at' => $set->created_at,
                'updated_at' => $set->updated_at,
            ]);
        }
    }

    private function encoded(Assignment $assignment): string
    {
        return json_encode($assignment->toArray(), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, mixed> */
    private function decoded(string $json): array
    {
        /** @var array<string, mixed> $data */
        $data = json_decode($json, true, flags: JSON_THROW_ON_ERROR);

        return $data;
    }
}
