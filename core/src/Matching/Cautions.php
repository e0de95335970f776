<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching;

use NimbleShelf\Core\Catalogue\Exercise;

/** What keeps an exercise from a person or a room, and what must be said when it is used. */
final class Cautions
{
    /**
     * Reasons why the exercise is out, whatever the shelf holds; none where it may be used.
     *
     * @return list<string>
     */
    public static function against(Exercise $exercise, Situation $situation): array
    {
        $reasons = [];
        foreach ($situation->client->limits as $limit) {
            $rule = $exercise->limits[$limit->value] ?? null;
            if ($rule !== null && $rule['effect'] === 'exclude') {
                $reasons[] = "{$limit->label()}: {$rule['why']}.";
            }
        }
        if ($exercise->impact === 'high' && $situation->client->has(Limit::NoJumps)) {
            $reasons[] = 'No jumping: both feet leave the floor.';
        }
        if ($exercise->noise === 'loud' && $situation->home->quiet) {
            $reasons[] = 'Quiet home: it is heard below.';
        }

        return $reasons;
    }

    /** What is said of a band, a weight or a birth is said where there is one. */
    private static function holds(?string $when, Rung $rung, Situation $situation): bool
    {
        return match ($when) {
            'band' => $rung->setting->band !== null,
            'weight' => $rung->setting->massKg > 0 && $rung->setting->implement !== 'rucksack',
            'birth' => $situation->client->has(Limit::Pregnant) || $situation->client->has(Limit::Postnatal),
            default => true,
        };
    }

    /**
     * Cautions to show with a rung: the client's own first, then the room's, then the exercise's.
     *
     * @return list<string>
     */
    public static function of(Rung $rung, Situation $situation): array
    {
        $cautions = [];
        foreach ($situation->client->limits as $limit) {
            $rule = $rung->exercise->limits[$limit->value] ?? null;
            if ($rule !== null && $rule['effect'] === 'alter') {
                $cautions[] = "{$limit->label()}: {$rule['why']}.";
            }
        }
        if ($situation->client->has(Limit::Youth)) {
            $cautions[] = 'Under 18: supervised, technique first, never to the last repetition.';
        }
        if ($situation->home->floor === 'rocking' && $rung->exercise->position === 'standing') {
            $cautions[] = 'The floor rocks: stand wide and keep one hand near something fixed.';
        }
        if ($rung->setting->band !== null) {
            $cautions[] = 'Look the band over for nicks; foot fully on it, shoes on, never pulled towards the face.';
        }
        foreach ($rung->things as $thing) {
            if ($thing->isSupport() && $thing->kind !== 'wall') {
                $cautions[] = $thing->kind === 'pole'
                    ? "Lay the {$thing->name} where it cannot roll or part, hang from its middle, and test it by hand first."
                    : "Stand the {$thing->name} against a wall and test it by hand first.";
            }
        }

        $own = array_filter(
            $rung->exercise->cautions,
            static fn (string $caution): bool => self::holds($rung->exercise->cautionsWhen[$caution] ?? null, $rung, $situation),
        );

        return array_values(array_unique([...$cautions, ...$own]));
    }
}
