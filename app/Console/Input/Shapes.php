<?php

declare(strict_types=1);

namespace App\Console\Input;

use Carbon\CarbonImmutable;
use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Exception\InvalidQuantity;
use NimbleShelf\Core\Kit\Home;
use NimbleShelf\Core\Kit\Thing;
use NimbleShelf\Core\Matching\Client;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Matching\Prescription;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;
use NimbleShelf\Core\Planning\Capacity;
use NimbleShelf\Core\Planning\Goal;
use NimbleShelf\Core\Strength\Experience;
use NimbleShelf\Core\Strength\Person;

/** The shapes that several commands read: client, shelf, home, prescription. Every refusal names its field. */
final class Shapes
{
    /** @var array<string, array{float|int, float|int, string}> Numbers a thing may carry, with their ranges and units. */
    private const THING_NUMBERS = [
        'count' => [1, 200, 'pieces'], 'mass_kg' => [0.01, 300, 'kg'], 'handle_kg' => [0.01, 50, 'kg'],
        'tare_kg' => [0, 100, 'kg'], 'max_kg' => [0, 300, 'kg'],
        'rest_length_cm' => [2, 500, 'cm'], 'a_n' => [0, 2000, 'N'], 'b_n' => [0, 2000, 'N'],
        'limit_ratio' => [1.1, 3, 'times its rest length'], 'handle_cm' => [0, 50, 'cm'],
        'height_cm' => [0, 300, 'cm'], 'diameter_mm' => [1, 300, 'mm'], 'wall_mm' => [0.1, 100, 'mm'],
        'density_kg_per_l' => [0.05, 8, 'kg/L'], 'max_l' => [0, 200, 'L'], 'container_kg' => [0, 100, 'kg'],
    ];

    public static function body(Fields $client): Body
    {
        $heightM = $client->number('height_cm', 100, 230, 'cm') / 100;
        $massKg = $client->number('body_mass_kg', 25, 250, 'kg');
        $limbs = [];
        if ($client->has('limbs')) {
            $measured = $client->object('limbs');
            foreach ($measured->names() as $name) {
                $limbs[str_ends_with($name, '_cm') ? substr($name, 0, -3) : $name] = $measured->number($name, 1, 150, 'cm') / 100;
            }
        }

        return InvalidQuantity::under('client', static fn (): Body => Body::of($heightM, $massKg, $limbs));
    }

    /** @param  list<string>  $patterns  Patterns a capacity may be given for. */
    public static function client(Fields $client, array $patterns): Client
    {
        $limits = [];
        foreach ($client->has('limits') ? $client->texts('limits') : [] as $i => $limit) {
            $limits[] = Limit::tryFrom($limit)
                ?? throw InvalidQuantity::because(
                    "client.limits.{$i}",
                    sprintf(
                        'client.limits.%d must be one of %s; got "%s".',
                        $i,
                        implode(', ', array_column(Limit::cases(), 'value')),
                        $limit,
                    ),
                );
        }
        $capacities = [];
        if ($client->has('capacity')) {
            $given = $client->object('capacity');
            foreach ($given->names() as $pattern) {
                if (! in_array($pattern, $patterns, true)) {
                    throw InvalidQuantity::because("client.capacity.{$pattern}", "There is no movement pattern \"{$pattern}\".");
                }
                $known = $given->object($pattern);
                $capacities[$pattern] = Capacity::of($known->number('kg', 0.1, 1000, 'kg'), $known->number('sd_kg', 0.01, 1000, 'kg'));
            }
        }

        return new Client(self::body($client), array_values(array_unique($limits, SORT_REGULAR)), $capacities);
    }

    /**
     * Who somebody is, as far as it says what people like them usually can.
     *
     * @param  int|null  $year  In which their age is asked; null for this one.
     * @param  Experience|null  $experience  Where none is said.
     */
    public static function person(Fields $client, ?int $year = null, ?Experience $experience = null): Person
    {
        $born = $client->has('birth_year') ? $client->whole('birth_year', 1900, 2100, '') : null;
        $sex = $client->has('sex') ? $client->oneOf('sex', [Person::FEMALE, Person::MALE, 'other']) : null;
        $age = $born === null ? null : ($year ?? CarbonImmutable::now()->year) - $born;

        return Person::of(
            self::body($client),
            $sex === 'other' ? null : $sex,
            $age === null ? null : (float) max(5, min(110, $age)),
            $client->has('experience')
                ? Experience::from($client->oneOf('experience', array_column(Experience::cases(), 'value')))
                : $experience,
        );
    }

    /** The year of a date like 2026-01-31. */
    public static function year(Fields $asked, string $name): int
    {
        $date = $asked->text($name);
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $date, $parts) !== 1 || ! checkdate(
            (int) $parts[2],
            (int) $parts[3],
            (int) $parts[1],
        )) {
            throw InvalidQuantity::because($name, "{$name} must be a date like 2026-01-31.");
        }

        return (int) $parts[1];
    }

    public static function home(Fields $home): Home
    {
        $anchors = [];
        foreach ($home->has('anchors') ? $home->objects('anchors') : [] as $anchor) {
            $anchors[] = [
                'id' => $anchor->text('id'),
                'heightM' => $anchor->number('height_cm', 0, 300, 'cm') / 100,
                'kind' => $anchor->has('kind') ? $anchor->text('kind') : 'rail',
            ];
        }

        return Home::of(
            ceilingM: $home->has('ceiling_cm') ? $home->number('ceiling_cm', 140, 600, 'cm') / 100 : null,
            floor: $home->oneOf('floor', ['smooth', 'carpet', 'rocking'], 'smooth'),
            quiet: $home->has('quiet') && $home->flag('quiet'),
            anchors: $anchors,
            lengthM: $home->has('length_m') ? $home->number('length_m', 0.5, 50, 'm') : null,
        );
    }

    /**
     * @param  list<Fields>  $things
     * @return list<Thing>
     */
    public static function shelf(array $things): array
    {
        $shelf = [];
        foreach ($things as $i => $thing) {
            $thing->text('id');
            $thing->oneOf('kind', Thing::KINDS);
            foreach (self::THING_NUMBERS as $name => [$low, $high, $unit]) {
                if ($thing->has($name)) {
                    $thing->number($name, $low, $high, $unit);
                }
            }
            foreach ($thing->has('plates') ? $thing->objects('plates') : [] as $plate) {
                $plate->number('mass_kg', 0.05, 60, 'kg');
                $plate->whole('count', 0, 100, 'pieces');
            }
            try {
                $shelf[] = Thing::fromArray($thing->all());
            } catch (InvalidQuantity $refused) {
                $field = "shelf.{$i}.".preg_replace('/^(shelf|band)\./', '', $refused->field());
                throw InvalidQuantity::because($field, str_replace($refused->field(), $field, $refused->getMessage()));
            }
        }

        return $shelf;
    }

    /**
     * What is used must be something there is, and come with what it weighs or how it pulls.
     *
     * @param  string  $under  Where the setting stands, ending in a dot; empty at the top.
     */
    public static function refuseUnfinished(Exercise $exercise, Setting $setting, string $under): void
    {
        if ($setting->band !== null || $setting->implement === 'body-weight') {
            return;
        }
        if (! in_array($setting->implement, [...Thing::KINDS, 'reference'], true)) {
            throw InvalidQuantity::because(
                "{$under}setting.implement",
                "{$under}setting.implement: there is nothing called \"{$setting->implement}\" to load {$exercise->name} with.",
            );
        }
        if (Thing::isBandKind($setting->implement)) {
            throw InvalidQuantity::because(
                "{$under}setting.band",
                "{$under}setting.band is missing: a band needs its rest length, a, b and layout.",
            );
        }
        if ($setting->massKg <= 0.0 && $exercise->loadPointFor($setting->implement) !== null) {
            throw InvalidQuantity::because(
                "{$under}setting.mass_kg",
                "{$under}setting.mass_kg is missing: a {$setting->implement} needs its mass.",
            );
        }
    }

    public static function prescription(Fields $prescription): Prescription
    {
        return Prescription::of(
            $prescription->text('exercise'),
            $prescription->has('setting') ? InvalidQuantity::under(
                'prescription',
                static fn (): Setting => Setting::fromArray($prescription->map('setting')),
            ) : Setting::bodyWeight(),
            $prescription->whole('sets', 1, 10, 'sets'),
            $prescription->whole('reps', 1, 300, 'repetitions'),
            $prescription->whole('reserve', 0, 10, 'repetitions'),
            Goal::from($prescription->oneOf('goal', array_column(Goal::cases(), 'value'))),
        );
    }
}
