<?php

declare(strict_types=1);

namespace App\Actions\Clients;

use App\Http\Resources\Clients\LimitEffectResource;
use App\Http\Resources\Clients\LimitEffectsResource;
use App\Models\Client;
use NimbleShelf\Core\Catalogue\Catalogue;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Matching\Cautions;
use NimbleShelf\Core\Matching\Client as CoreClient;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\ShelfRungs;
use NimbleShelf\Core\Matching\Situation;
use NimbleShelf\Core\Mechanics\Setting;

/** What each limit and each thing about the room switches off for a client, and what is left. */
final readonly class ShowLimits
{
    public function __construct(
        private Catalogue $catalogue,
        private ResistanceModel $model,
        private ShelfRungs $rungs,
        private AssessHealth $assess,
        private DescribeClient $describe,
    ) {
    }

    public function handle(Client $client): LimitEffectsResource
    {
        $client->unsetRelations();
        $body = $this->describe->body($client);
        $room = $this->describe->home($client);
        $inForce = $this->assess->limits($client);
        $off = [];
        $limits = [];
        foreach (Limit::cases() as $limit) {
            $switched = $this->off(new Situation(new CoreClient($body, [$limit])));
            $known = $inForce[$limit->value] ?? null;
            if ($known === null && $this->cannotBe($limit, $client)) {
                continue;
            }
            $off += $known === null ? [] : $switched;
            $limits[] = new LimitEffectResource(
                id: $limit->value,
                label: $limit->label(),
                isOn: $known !== null,
                source: $known['source'] ?? '',
                why: $known['why'] ?? ($limit === Limit::LatexAllergy ? 'every rubber band is left out' : ''),
                off: array_values($switched),
            );
        }
        $rooms = [];
        $bare = new CoreClient($body);
        if ($room->ceilingM !== null) {
            $ceilingM = $room->ceilingM;
            $low = array_map(static fn (Exercise $exercise): string => $exercise->name, array_filter(
                $this->catalogue->exercises,
                fn (Exercise $exercise): bool => $this->model->motion(
                    $exercise,
                    $body,
                    $exercise->placementOf(Setting::bodyWeight()),
                )->highestPointM() + Home::HEADROOM_M > $ceilingM,
            ));
            $rooms[] = new LimitEffectResource(
                'ceiling',
                sprintf('Ceiling at %.2f m', $ceilingM),
                true,
                'room',
                'hands or head would reach it',
                array_values($low),
            );
            $off += $low;
        }
        $loud = $this->off(new Situation($bare, home: Home::of(quiet: true)));
        $rooms[] = new LimitEffectResource('quiet', 'Quiet home', $room->quiet, 'room', 'it is heard below', array_values($loud));
        $off += $room->quiet ? $loud : [];
        $sliding = array_map(
            static fn (Exercise $exercise): string => $exercise->name,
            array_filter(
                $this->catalogue->exercises,
                static fn (Exercise $exercise): bool => in_array('smooth-floor', $exercise->needs, true),
            ),
        );
        $rooms[] = new LimitEffectResource(
            'floor',
            'Floor that does not slide',
            $room->floor !== 'smooth',
            'room',
            'it needs a smooth, still floor',
            array_values($sliding),
        );
        $off += $room->floor === 'smooth' ? [] : $sliding;

        return new LimitEffectsResource(
            clientId: $client->id,
            left: count($this->catalogue->exercises) - count($off),
            total: count($this->catalogue->exercises),
            limits: $limits,
            room: $rooms,
        );
    }

    /** What sex or age rules out is no switch of this client. */
    private function cannotBe(Limit $limit, Client $client): bool
    {
        return match ($limit) {
            Limit::Pregnant, Limit::Postnatal => $client->sex === 'male',
            Limit::Youth => $client->born_on !== null,
            default => false,
        };
    }

    /** @return array<string, string> Names of the exercises that are out, by their ids. */
    private function off(Situation $situation): array
    {
        return array_map(
            static fn (Exercise $exercise): string => $exercise->name,
            array_filter(
                $this->catalogue->exercises,
                fn (Exercise $exercise): bool => Cautions::against($exercise, $situation) !== []
                    || $this->rungs->bentTooFar($exercise, $situation) !== [],
            ),
        );
    }
}
