<?php

declare(strict_types=1);

namespace App\Actions\Shelf;

use App\Actions\Clients\DescribeClient;
use App\Http\Resources\Shared\LimitResource;
use App\Http\Resources\Shelf\LentResource;
use App\Http\Resources\Shelf\ShelfItemResource;
use App\Http\Resources\Shelf\ShelfResource;
use App\Models\Client;
use App\Models\ShelfItem;
use Illuminate\Database\Eloquent\Collection;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\RungFinder;
use NimbleShelf\Core\Matching\SettingInWords;
use NimbleShelf\Core\Matching\Situation;

/** A client's shelf as it is drawn: what each thing is, what it can load, and in what state it is. */
final readonly class ShowShelf
{
    /** Mass, kilograms, and length, metres, at which a drawing has its full size. */
    private const FULL_KG = 25.0;

    private const FULL_M = 2.0;

    public function __construct(
        private DescribeClient $describe,
        private Catalogue $catalogue,
        private RungFinder $finder,
        private LookAfter $lookAfter,
    ) {
    }

    public function handle(Client $client): ShelfResource
    {
        $client->unsetRelations();
        $items = [...$client->shelfItems, ...$client->kitFrom->shelfItems ?? []];
        $things = array_map(static fn (ShelfItem $item): Thing => $item->toThing(), $items);
        $serves = $this->serves($client, $things);

        return new ShelfResource(
            clientId: $client->id,
            clientName: $client->name,
            sharedWith: $client->kitFrom?->name,
            items: array_map(
                fn (ShelfItem $item, Thing $thing): ShelfItemResource => $this->described(
                    $item,
                    $thing,
                    $client,
                    $serves[$thing->id] ?? [],
                ),
                $items,
                $things,
            ),
            lentOut: $this->lentOut($client),
            limits: LimitResource::allOf($this->describe->limits($client)),
        );
    }

    /** @return list<LentResource> What belongs here and stands on another shelf. */
    private function lentOut(Client $client): array
    {
        /** @var Collection<int, ShelfItem> $items */
        $items = ShelfItem::query()->where('owner_id', $client->id)->with('client')->orderBy('id')->get();

        return array_values($items->map(static fn (ShelfItem $item): LentResource => new LentResource(
            $item->id,
            $item->name,
            $item->count,
            $item->client->name,
        ))->all());
    }

    public function item(ShelfItem $item, Client $client): ShelfItemResource
    {
        $thing = $item->toThing();

        return $this->described($item, $thing, $client, $this->serves($client, [$thing])[$thing->id] ?? []);
    }

    /**
     * @param  list<Thing>  $things
     * @return array<string, list<string>> Names of the patterns each thing can load, by its id.
     */
    private function serves(Client $client, array $things): array
    {
        $situation = new Situation($this->describe->withoutCapacities($client), $things, $this->describe->home($client));
        $serves = [];
        foreach ($this->catalogue->exercises as $exercise) {
            $name = $this->catalogue->pattern($exercise->pattern)->name;
            foreach ($this->finder->rungs($exercise, $situation)['rungs'] as $rung) {
                foreach ($rung->things as $thing) {
                    $serves[$thing->id][$name] = $name;
                }
            }
            foreach ($things as $thing) {
                // A rucksack needs fill from other things; what it can load does not depend on what is packed today.
                if ($thing->kind === 'rucksack' && $thing->outOfService === null && $exercise->loadPointFor('rucksack') !== null) {
                    $serves[$thing->id][$name] = $name;
                }
            }
        }

        return array_map(array_values(...), $serves);
    }

    /** @param  list<string>  $serves */
    private function described(ShelfItem $item, Thing $thing, Client $client, array $serves): ShelfItemResource
    {
        $test = $thing->isBand() ? $item->believedTests()->first() : null;
        $stretches = $this->lookAfter->stretches($item, $thing);
        $dueOn = $this->lookAfter->dueOn($item, $thing);

        return new ShelfItemResource(
            id: $item->id,
            kind: $item->kind,
            name: $item->name,
            count: $item->count,
            massKg: $thing->massKg > 0 ? $thing->massKg : null,
            facts: $this->facts($thing, $item),
            certainty: sprintf('%s, ±%d %%', $thing->certainty->value, round(100 * $thing->certainty->sigma())),
            size: $this->size($thing),
            serves: $serves,
            outOfService: $item->out_of_service,
            condition: $item->condition,
            inspectedOn: $item->inspected_on?->toDateString(),
            inspectDueOn: $dueOn?->toDateString(),
            isInspectionDue: $dueOn !== null && $dueOn->lessThan($client->trainer->today()),
            stretches: $stretches,
            testedOn: $test?->tested_on->toDateString(),
            wasMadeUp: $thing->isBand() && $item->believedTests()->count() < $item->bandTests->count(),
            isRetestDue: $this->lookAfter->isRetestDue($item, $stretches),
            isShared: $item->client_id !== $client->id,
            measures: $item->measures,
            lentBy: $item->owner?->name,
            servesNothingBecause: Thing::UNSERVED[$item->kind] ?? null,
        );
    }

    private function facts(Thing $thing, ShelfItem $item): string
    {
        $kg = SettingInWords::kg($thing->massKg).' kg';
        $loads = $thing->kind === 'adjustable-dumbbell' ? $thing->reachableLoadsKg() : [];
        $diameter = $item->measures['diameter_mm'] ?? null;

        return match (true) {
            $thing->band !== null => sprintf(
                '%.0f cm at rest, %.0f N at twice that',
                $thing->band->restLengthM * 100,
                $thing->band->forceAt(2 * $thing->band->restLengthM),
            ),
            $thing->kind === 'adjustable-dumbbell' => sprintf(
                '%s to %s kg each, %d steps',
                SettingInWords::kg($loads[0]),
                SettingInWords::kg($loads[count($loads) - 1]),
                count($loads),
            ),
            $thing->kind === 'rucksack' => sprintf('%s empty, holds up to %s kg', $kg, SettingInWords::kg($thing->maxKg)),
            $thing->kind === 'pourable' => sprintf(
                'up to %s L, %s kg per litre',
                SettingInWords::kg($thing->maxL),
                SettingInWords::kg($thing->kgPerL),
            ),
            $thing->kind === 'pole' && is_numeric($diameter) => sprintf('%.0f mm thick', (float) $diameter),
            $thing->kind === 'wall' => 'for hands and for balance',
            $thing->isSupport() => sprintf(
                '%s%.0f cm high%s%s',
                $this->hasUsualHeight($item) ? 'about ' : '',
                $thing->heightM * 100,
                $this->hasUsualHeight($item) ? ', as usual: measure it' : '',
                $thing->massKg > 0 ? ', '.$kg : '',
            ),
            $thing->massKg > 0 => $kg.($thing->count > 1 ? ' each' : ''),
            default => '',
        };
    }

    private function hasUsualHeight(ShelfItem $item): bool
    {
        return ($item->measures['height_source'] ?? null) === 'usual';
    }

    private function size(Thing $thing): float
    {
        $share = match (true) {
            $thing->band !== null => $thing->band->restLengthM / self::FULL_M,
            $thing->isSupport(), $thing->kind === 'pole' => 1.0,
            in_array($thing->kind, ['big-ball', 'hanging-bar', 'barbell'], true) => 1.0,
            $thing->kind === 'rucksack' => ($thing->maxKg / self::FULL_KG) ** (1 / 3),
            $thing->kind === 'pourable' => ($thing->maxL / self::FULL_KG) ** (1 / 3),
            in_array($thing->kind, ['towel', 'mat', 'half-ball', 'roller', 'vest'], true) => 0.5,
            default => ($thing->massKg / self::FULL_KG) ** (1 / 3),
        };

        return round(max(0.2, min(1.0, $share)), 2);
    }
}
