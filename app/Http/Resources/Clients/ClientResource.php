<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Floor\SessionSummaryResource;
use App\Http\Resources\Resource;
use App\Http\Resources\Shared\LimitResource;

/** One client: who they are, where they train, what comes next. */
final readonly class ClientResource extends Resource
{
    /**
     * @param  string  $goalId  As the programme reckons with it.
     * @param  string  $experience  `beginner`, `some` or `years`.
     * @param  string  $sex  `female`, `male`, or empty where nobody said.
     * @param  string|null  $emergencyContact  Whom to call, and how.
     * @param  int|null  $age  In whole years.
     * @param  array<string, float>  $limbsCm  Measured lengths, by limb.
     * @param  list<BodyMeasureResource>  $measures  Newest first.
     * @param  list<LimitResource>  $limits
     * @param  list<string>  $locks  Why nobody trains today; empty where nothing stands in the way.
     * @param  list<SessionSummaryResource>  $sessions  Planned and running ones, soonest first.
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $trade,
        public string $goal,
        public string $goalId,
        public string $experience,
        public ?int $daysPerWeek,
        public ?int $minutes,
        public string $likes,
        public string $dislikes,
        public string $sex,
        public ?string $telephone,
        public ?string $email,
        public ?string $emergencyContact,
        public ?string $doctor,
        public ?string $bornOn,
        public ?int $age,
        public ?string $guardian,
        public ?string $guardianOn,
        public ?int $kitFromId,
        public ?string $kitFromName,
        public string $note,
        public string $place,
        public float $heightCm,
        public float $bodyMassKg,
        public string $measuredOn,
        public array $limbsCm,
        public array $measures,
        public array $limits,
        public array $locks,
        public HomeResource $home,
        public int $shelfCount,
        public array $sessions,
    ) {
    }
}
