<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Matching\Internal;

use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Matching\MatchScore;
use NimbleShelf\Core\Mechanics\Body;

/**
 * Rates where a lift is hard beside where the prescribed one is; a curve is reckoned only where it could tell.
 *
 * @internal
 */
final readonly class Shapes
{
    public function __construct(private ResistanceModel $model)
    {
    }

    public function with(Rated $rated, Body $body): Rated
    {
        $curve = $this->model->curve($rated->rung->exercise, $body, $rated->rung->setting);

        return $rated->withShape(MatchScore::shape($curve, $rated->asked->equivalent->curve));
    }

    /**
     * The best of a kind, the first of several that are as good.
     *
     * @param  non-empty-list<Rated>  $alike  As if each were hard at the same places as what is prescribed: none matches better.
     * @param  float  $atLeast  What matches less is told apart no further.
     */
    public function bestOf(array $alike, float $atLeast, Body $body): Rated
    {
        $mosts = array_map(static fn (Rated $one): float => $one->match, $alike);
        arsort($mosts);
        $best = $alike[(int) array_key_first($mosts)];
        $isReached = array_map(static fn (Rated $one): bool => $one->kept->isReached, $alike);
        if ($best->match < $atLeast && count(array_unique($isReached)) === 1) {
            return $best;
        }
        [$found, $at] = [null, 0];
        foreach ($mosts as $place => $most) {
            if ($found !== null && $most < $found->match) {
                break;
            }
            $shaped = $this->with($alike[$place], $body);
            if ($found === null || $shaped->isBetterThan($found) || ($place < $at && ! $found->isBetterThan($shaped))) {
                [$found, $at] = [$shaped, $place];
            }
        }

        return $found;
    }
}
