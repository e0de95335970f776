<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Casts\AsMoment;
use App\Enums\FloorEventKind;
use App\Models\Clearance;
use App\Models\Client;
use App\Models\FloorEvent;
use App\Models\Item;
use App\Models\Programme;
use App\Models\ProgrammeEdit;
use App\Models\Screening;
use App\Models\ShelfItem;
use App\Models\TrainingSession;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Text\Plain;

/** What a trainer wants to know on the way: what to bring, what changed since last time, the last note. */
final readonly class BeforeVisit
{
    private const MOST = 4;

    /** Names of new things that are said one by one. */
    private const NAMES = 3;

    public function __construct(private Catalogue $catalogue)
    {
    }

    /**
     * What the session asks for and this shelf has not.
     *
     * @param  list<int>  $toSwap  Ids of the exercises that the shelf does not allow.
     * @return list<string>
     */
    public function bring(TrainingSession $session, array $toSwap): array
    {
        $bring = [];
        foreach ($session->items() as $item) {
            /** @var Item $item */
            if (in_array($item->id, $toSwap, true)) {
                $now = $item->now();
                $what = $this->thingOf((string) $now->words, $now->setting->implement, $session->client);
                if ($what !== null) {
                    $bring[] = "{$what} for the ".mb_strtolower($this->catalogue->exercise($now->exercise)->name);
                }
            }
        }

        return array_values(array_unique($bring));
    }

    /**
     * What a setting in words is done with: "10 kg in each hand: two 10 kg dumbbells" are two dumbbells, and of "red tube: anchored
     * 180 cm up" it is the tube, unless there is a band of that kind and only the place to hang it is missing.
     */
    private function thingOf(string $words, string $implement, Client $client): ?string
    {
        if ($implement === 'body-weight') {
            return null;
        }
        $parts = explode(': ', $words, 2);
        if (Thing::isBandKind($implement)) {
            $serves = static fn (ShelfItem $item): bool => $item->kind === $implement && $item->out_of_service === null;

            return $client->shelfItems->contains($serves) ? null : lcfirst($parts[0]);
        }

        return lcfirst($parts[1] ?? $parts[0]);
    }

    /**
     * Newest first of each sort, few of each.
     *
     * @param  CarbonImmutable|null  $last  When something was last done; null where nothing was, and so nothing has changed.
     * @return list<string>
     */
    public function changes(Client $client, ?CarbonImmutable $last): array
    {
        if ($last === null) {
            return [];
        }
        $since = AsMoment::stored($last);

        return array_slice([
            ...$this->ofHealth($client, $since),
            ...$this->ofShelf($client, $since),
            ...$this->ofProgramme($client, $since),
        ], 0, self::MOST);
    }

    /** "19 Nov: the left shoulder was stiff at first"; empty where nobody noted anything. */
    public function lastNote(TrainingSession $session): string
    {
        /** @var Collection<int, FloorEvent> $events */
        $events = FloorEvent::query()
            ->where('client_id', $session->client_id)
            ->where('at', '<', AsMoment::stored($session->starts_at->startOfDay()))
            ->whereIn('kind', [FloorEventKind::Note, FloorEventKind::TakenUp])
            ->orderBy('at')->orderBy('id')->get();
        $notes = FloorEvent::inForce($events)->where('kind', FloorEventKind::Note);
        $note = $notes->last();
        $said = $note->said['note'] ?? null;

        return $note === null || ! is_string($said) || $said === '' ? '' : "{$note->at->format('j M')}: {$said}";
    }

    /** @return list<string> */
    private function ofHealth(Client $client, string $since): array
    {
        /** @var Screening|null $screening */
        $screening = $client->screenings()->where('created_at', '>', $since)->orderByDesc('id')->first();
        /** @var Clearance|null $clearance */
        $clearance = $client->clearances()->where('created_at', '>', $since)->orderByDesc('id')->first();

        return array_values(array_filter([
            $screening === null ? '' : "Health questions answered on {$screening->answered_on->format('j M')}",
            $clearance === null ? '' : "Cleared by {$clearance->given_by}",
        ]));
    }

    /** @return list<string> */
    private function ofShelf(Client $client, string $since): array
    {
        $isSince = static fn (?Carbon $moment): bool => $moment !== null && AsMoment::stored($moment) > $since;
        $new = $client->shelfItems->filter(static fn (ShelfItem $item): bool => $isSince($item->created_at));
        $names = array_values($new->map(static fn (ShelfItem $item): string => $item->name)->all());
        $out = $client->shelfItems->filter(static fn (ShelfItem $item): bool => $item->out_of_service !== null
            && $isSince($item->updated_at) && ! $isSince($item->created_at));

        return array_values(array_filter([
            match (true) {
                $names === [] => '',
                count($names) <= self::NAMES => 'New on the shelf: '.Plain::listed($names),
                default => Plain::count(count($names), 'new thing').' on the shelf',
            },
            ...$out->map(static fn (ShelfItem $item): string => "Out of service: {$item->name}, {$item->out_of_service}")->all(),
        ]));
    }

    /** @return list<string> */
    private function ofProgramme(Client $client, string $since): array
    {
        /** @var Collection<int, ProgrammeEdit> $edits */
        $edits = ProgrammeEdit::query()
            ->whereIn('programme_id', Programme::query()->where('client_id', $client->id)->select('id'))
            ->whereNull('undone_at')
            ->where('created_at', '>', $since)
            ->orderByDesc('id')->limit(self::MOST)->get();

        return array_values($edits->map(static fn (ProgrammeEdit $edit): string => $edit->words)->all());
    }
}
