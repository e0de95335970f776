<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Mechanics\Internal;

use NimbleShelf\Core\Exception\BrokenCatalogue;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Figure;
use NimbleShelf\Core\Mechanics\Placement;
use NimbleShelf\Core\Mechanics\View;

/**
 * A figure's data with one body's lengths put in: where it is planted and pinned, and what each side's channels say.
 *
 * @internal
 */
final readonly class FittedFigure
{
    private const ARM_CHANNELS = ['upper_arm', 'forearm', 'hand_x', 'hand_y', 'palm', 'upper_arm_out', 'forearm_out'];

    /** @var array<string, float> Lengths that positions in figure data may be made of, metres. */
    public array $terms;

    /** @var array{float, float} */
    public array $plantAt;

    /** @var list<array{limb: string, end: string, bend: int, at: array{float, float}}> */
    public array $pins;

    /** @var array<string, true> Sides whose arm holds on to something and is not free to hold a load. */
    public array $pinnedArms;

    /** @var array<string, true> Sides whose arm is worked out from where its hand is. */
    public array $placedArms;

    /** @var array<string, true> Sides whose leg is worked out from where its foot is. */
    public array $pinnedLegs;

    /** @var array{near: array<string, Channel>, far: array<string, Channel>} Channels as each side sees them. */
    public array $channels;

    /** @var list<'near'|'far'> Sides to work out; the far one is copied from the near one where both move alike. */
    public array $sides;

    /** @var array<string, Channel> Places that move with the movement, metres. */
    public array $places;

    /** @var array<string, bool> Segments that keep their direction while the figure turns. */
    public array $unturned;

    /** @throws BrokenCatalogue If the figure names a length that does not exist. */
    public function __construct(public Figure $figure, public Body $body, public Placement $placement)
    {
        $this->terms = $body->lengths + [
            'm' => 1.0,
            'height' => $body->heightM,
            'arm' => $body->armM(),
            'arm_to_wrist' => $body->lengths['upper_arm'] + $body->lengths['forearm'],
            'leg' => $body->lengths['thigh'] + $body->lengths['shank'],
            'support' => $placement->supportM,
            'foot_support' => $placement->footSupportM,
        ];
        $this->places = array_map(
            fn (array $sums): Channel => Channel::through(array_map(
                fn (float|int|array $sum): float => is_array($sum) ? $this->length($sum) : $sum * $body->heightM,
                $sums,
            )),
            $figure->places,
        );
        $this->plantAt = [$this->length($figure->plant['x']), $this->length($figure->plant['y'])];
        $pins = [];
        foreach ($figure->pins as $pin) {
            $pins[] = ['at' => [$this->length($pin['at']['x']), $this->length($pin['at']['y'])]] + $pin;
        }
        $this->pins = $pins;
        $far = $figure->channels;
        $alike = ! $placement->farLimbRests;
        foreach ($figure->channels as $name => $channel) {
            if (str_starts_with($name, 'far_')) {
                $far[substr($name, 4)] = $channel;
                $alike = false;
            } elseif ($placement->farLimbRests && in_array($name, self::ARM_CHANNELS, true)) {
                $far[$name] = Channel::through([0 => $channel->at(0.0)]);
            }
        }
        foreach (array_keys($this->places) as $name) {
            $alike = $alike && ! str_starts_with($name, 'far_');
        }
        foreach ($pins as $pin) {
            $alike = $alike && ! str_starts_with($pin['limb'], 'near') && ! str_starts_with($pin['limb'], 'far');
        }
        $pinnedArms = $pinnedLegs = [];
        foreach ($pins as $pin) {
            $sides = array_fill_keys($this->sidesOf($pin['limb'], ['near', 'far']), true);
            if (str_contains($pin['limb'], 'arm')) {
                $pinnedArms += $sides;
            } else {
                $pinnedLegs += $sides;
            }
        }
        $this->pinnedArms = $pinnedArms;
        $this->pinnedLegs = $pinnedLegs;
        $this->placedArms = $figure->turn !== null || isset($figure->channels['hand_x']) ? ['near' => true, 'far' => true] : $pinnedArms;
        $this->channels = ['near' => $figure->channels, 'far' => $far];
        $this->sides = $alike ? ['near'] : ['near', 'far'];
        $this->unturned = array_fill_keys($figure->unturned, true);
    }

    /** @param  float|array<string, float>  $sum Metres, or coefficients of named lengths. */
    public function length(float|int|array $sum): float
    {
        if (! is_array($sum)) {
            return (float) $sum;
        }
        $total = 0.0;
        foreach ($sum as $name => $coefficient) {
            if (! isset($this->terms[$name])) {
                throw BrokenCatalogue::inFigure($this->figure->id, sprintf('there is no length called "%s".', $name));
            }
            $total += $coefficient * $this->terms[$name];
        }

        return $total;
    }

    public function place(string $name, float $u, float $default): float
    {
        $channel = $this->places[$name] ?? null;

        return $channel === null ? $default : $channel->at($u);
    }

    public function channel(string $name, float $u, float $default = 0.0): float
    {
        $channel = $this->figure->channels[$name] ?? null;

        return $channel === null ? $default : $channel->at($u);
    }

    /** A channel's value for one side. */
    public function sided(string $side, string $name, float $u, float $default = 0.0): float
    {
        $channel = $this->channels[$side][$name] ?? null;

        return $channel === null ? $default : $channel->at($u);
    }

    /** Length of a segment as seen in the picture's plane. */
    public function seen(string $side, string $segment, float $u): float
    {
        $lengthM = $this->body->lengths[$segment];
        $out = $this->channels[$side][$segment.'_out'] ?? null;

        return $out === null ? $lengthM : $lengthM * cos(deg2rad($out->at($u)));
    }

    /**
     * @param  list<'near'|'far'>  $both  Sides a limb named without its side stands for.
     * @return list<'near'|'far'>
     */
    public function sidesOf(string $limb, array $both): array
    {
        return match (true) {
            str_starts_with($limb, 'near') => ['near'],
            str_starts_with($limb, 'far') => ['far'],
            default => $both,
        };
    }

    /**
     * @param  string  $end  `foot` or `palm`, the name its places go by.
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    public function pinTarget(string $end, string $side, float $u, array $at): array
    {
        $mirror = $this->figure->view === View::Front && $side === 'far' ? -1.0 : 1.0;
        if ($this->places === []) {
            return [$mirror * $at[0], $at[1]];
        }
        $far = $side === 'far' ? 'far_' : '';

        return [
            $mirror * $this->place("{$far}{$end}_x", $u, $this->place("{$end}_x", $u, $at[0])),
            $this->place("{$far}{$end}_y", $u, $this->place("{$end}_y", $u, $at[1])),
        ];
    }
}
