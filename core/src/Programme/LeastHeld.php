<?php

declare(strict_types=1);

namespace NimbleShelf\Core\Programme;

use NimbleShelf\Core\Catalogue\Exercise;
use NimbleShelf\Core\Equivalence\ResistanceModel;
use NimbleShelf\Core\Equivalence\School;
use NimbleShelf\Core\Mechanics\Body;
use NimbleShelf\Core\Mechanics\Setting;

/** Legs move the body first of all, and a hinge the trunk: a load that hardly adds to that is not worth taking up. */
final readonly class LeastHeld
{
    private const OF_THE_BODY = ['squat', 'single-leg'];

    /** So many times the body alone is felt as more; our choice. */
    public const WORTH_HOLDING = 1.06;

    /** Without a load a hinge is a drill (planning contract, section 4b), and with next to none as well; our choice. */
    private const NO_DRILL = 1.20;

    public function __construct(private ResistanceModel $model)
    {
    }

    /**
     * False for a load that somebody might as well put down.
     *
     * @param  float  $wholeKg  In the pattern's reference lift, body included.
     */
    public function isEnough(Exercise $exercise, Setting $setting, float $wholeKg, Body $body): bool
    {
        if ($exercise->pattern === 'hinge') {
            $bare = $this->model->summary($exercise, $body, Setting::bodyWeight());

            return ($setting->massKg <= 0 && $setting->band === null)
                || $wholeKg >= self::NO_DRILL * $this->model->wholeKg($exercise, $body, $bare, School::Mean, $exercise->pattern);
        }

        return $setting->massKg <= 0
            || ! in_array($exercise->pattern, self::OF_THE_BODY, true)
            || $wholeKg >= self::WORTH_HOLDING * $this->model->ownKg($exercise->pattern, $body);
    }
}
