<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Place;
use NimbleShelf\Core\Matching\Situation;

/**
 * Every place in a home where an exercise can be done.
 *
 * @internal
 */
final class Places
{
    /** Hands on a wall stand about at shoulder height / body height; our estimate. */
    private const WALL_HAND_HEIGHT = 0.75;

    /** Lowest hand support that spares a client the floor, metres. */
    private const OFF_THE_FLOOR_M = 0.40;

    /**
     * Where the exercise can be done: on the floor where that will do, and on every support that serves.
     *
     * @return array{places: list<Place>, problems: list<string>} Problems say why a thing does not serve.
     */
    public static function of(Exercise $exercise, Situation $situation): array
    {
        $support = $exercise->support;
        if ($support === null) {
            return ['places' => [Place::onTheFloor()], 'problems' => []];
        }
        $handsOnly = $support->under === 'hands' && $situation->client->has(Limit::NoFloor);
        $places = $support->required || $handsOnly ? [] : [Place::onTheFloor()];
        $problems = [];
        foreach ($situation->shelf as $thing) {
            if (! in_array($thing->kind, $support->kinds, true)) {
                continue;
            }
            $heightM = $thing->kind === 'wall' ? self::WALL_HAND_HEIGHT * $situation->client->body->heightM : $thing->heightM;
            $problem = $thing->outOfService === null
                ? $thing->supportProblem()
                : "the {$thing->name} is out of service: {$thing->outOfService}";
            if ($problem !== null) {
                $problems[] = ucfirst($problem).'; nobody leans on it.';
            } elseif ($heightM < $support->leastM || $heightM > $support->mostM) {
                $problems[] = sprintf(
                    'The %s is %.0f cm high; %.0f to %.0f cm are needed.',
                    $thing->name,
                    $heightM * 100,
                    $support->leastM * 100,
                    $support->mostM * 100,
                );
            } elseif (! $handsOnly || $heightM >= self::OFF_THE_FLOOR_M) {
                $places[] = Place::on($thing, $heightM, $support->isUnderFeet(), self::leaning($support->under, $thing, $heightM));
            }
        }
        if ($places === [] && $problems === []) {
            $problems[] = sprintf(
                'It needs %s, and the shelf has none.',
                implode(' or ', array_map(static fn (string $kind): string => "a {$kind}", $support->kinds)),
            );
        }

        return ['places' => $places, 'problems' => $problems];
    }

    private static function leaning(string $under, Thing $thing, float $heightM): string
    {
        $high = sprintf('%.0f cm', $heightM * 100);

        return match (true) {
            $thing->kind === 'wall' => "hands on the wall, {$high} up",
            $under === 'hands' => "hands on the {$thing->name}, {$high} high, against a wall",
            $under === 'feet' => "foot on the {$thing->name}, {$high} high",
            $under === 'back' => "upper back on the {$thing->name}, {$high} high, against a wall",
            $under === 'bar' => "under the {$thing->name}, {$high} high",
            default => "on the {$thing->name}, {$high} high, against a wall",
        };
    }
}
