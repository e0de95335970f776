<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\AsMoment;
use App\Enums\ProgrammeState;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use NimbleShelf\Core\Matching\Limit;
use NimbleShelf\Core\Planning\Goal;

/**
 * A person the trainer visits.
 *
 * @property int $id
 * @property int $user_id
 * @property string $name
 * @property string $trade
 * @property Goal $goal
 * @property Collection<int, Limit> $limits
 * @property string $note Kept encrypted.
 * @property string $place
 * @property Carbon|null $born_on
 * @property string $sex `female`, `male`, or empty where nobody said.
 * @property string|null $telephone Kept encrypted, as are the next three.
 * @property string|null $email
 * @property string|null $emergency_contact Whom to call, and how.
 * @property string|null $doctor
 * @property string $experience `beginner`, `some` or `years`.
 * @property int|null $days_per_week
 * @property int|null $minutes
 * @property string $likes
 * @property string $dislikes
 * @property string|null $guardian Who consented, for a client under 18.
 * @property Carbon|null $guardian_on
 * @property Carbon|null $archived_at When they were put away; null while they are visited.
 * @property int|null $kit_from_id Whose shelf is used as well.
 * @property-read Client|null $kitFrom
 * @property-read Screening|null $screening
 * @property bool $is_demo True where they are nobody real.
 * @property-read Collection<int, Clearance> $clearances
 * @property-read MovementCheck|null $movementCheck
 * @property-read BodyMeasure $bodyMeasure
 * @property-read User $trainer
 * @property-read Home $home
 * @property-read Collection<int, ShelfItem> $shelfItems
 * @property-read Collection<int, Programme> $programmes
 */
final class Client extends Model
{
    protected $fillable = [
        'name', 'trade', 'goal', 'limits', 'note', 'place', 'born_on', 'experience', 'days_per_week', 'minutes', 'likes', 'dislikes',
        'guardian', 'guardian_on', 'kit_from_id', 'sex', 'telephone', 'email', 'emergency_contact', 'doctor',
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'goal' => Goal::class,
            'limits' => AsEnumCollection::of(Limit::class),
            'note' => 'encrypted',
            'telephone' => 'encrypted',
            'email' => 'encrypted',
            'emergency_contact' => 'encrypted',
            'doctor' => 'encrypted',
            'born_on' => 'date',
            'archived_at' => 'datetime',
            'is_demo' => 'boolean',
            'guardian_on' => 'date',
        ];
    }

    /** @return BelongsTo<User, $this> */
    public function trainer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /**
     * The newest measures.
     *
     * @return HasOne<BodyMeasure, $this>
     */
    public function bodyMeasure(): HasOne
    {
        return $this->hasOne(BodyMeasure::class)->latestOfMany('measured_on');
    }

    /** @return HasMany<BodyMeasure, $this> */
    public function bodyMeasures(): HasMany
    {
        return $this->hasMany(BodyMeasure::class);
    }

    /** @return HasOne<Home, $this> */
    public function home(): HasOne
    {
        return $this->hasOne(Home::class);
    }

    /** @return HasMany<ShelfItem, $this> */
    public function shelfItems(): HasMany
    {
        $inOrder = $this->hasMany(ShelfItem::class);
        $inOrder->orderBy('id');

        return $inOrder;
    }

    /** @return HasMany<Programme, $this> */
    public function programmes(): HasMany
    {
        return $this->hasMany(Programme::class);
    }

    /** Nobody real: what is made up may be kept for them. */
    public function isMadeUp(): bool
    {
        return $this->is_demo || $this->trainer->is_demo;
    }

    /** The one that is done today; null where none is. */
    public function runningProgramme(): ?Programme
    {
        /** @var Collection<int, Programme> $onTheWay */
        $onTheWay = $this->programmes()
            ->whereIn('state', [ProgrammeState::Running, ProgrammeState::Waiting])
            ->orderByDesc('id')
            ->get();

        return $onTheWay->first(static fn (Programme $one): bool => $one->standing() === ProgrammeState::Running);
    }

    /** @return HasMany<TrainingSession, $this> */
    public function trainingSessions(): HasMany
    {
        return $this->hasMany(TrainingSession::class);
    }

    /** True where something of what they can do was logged or told. */
    public function isOnRecord(): bool
    {
        return $this->setLogs()->exists() || $this->toldResults()->exists();
    }

    /** Days since the last set that stands, on a day; null where there is none. */
    public function daysAway(CarbonInterface $on): ?int
    {
        $last = $this->setLogs()->max('logged_at');

        return is_string($last) ? (int) CarbonImmutable::parse($last, 'UTC')->diffInDays($on) : null;
    }

    /** The next session of their own that nobody has begun, today's among them; null where none is planned. */
    public function nextVisit(): ?TrainingSession
    {
        /** @var TrainingSession|null $next */
        $next = $this->trainingSessions()->where('is_start', false)->whereNull('started_at')->whereNull('cancelled_at')
            ->where('starts_at', '>=', AsMoment::stored($this->trainer->today()->startOfDay()))->orderBy('starts_at')->first();

        return $next;
    }

    /**
     * Sets that stand; what was taken back is kept apart.
     *
     * @return HasMany<SetLog, $this>
     */
    public function setLogs(): HasMany
    {
        $standing = $this->hasMany(SetLog::class);
        $standing->whereNull('voided_at');

        return $standing;
    }

    /** @return HasMany<ToldResult, $this> */
    public function toldResults(): HasMany
    {
        return $this->hasMany(ToldResult::class);
    }

    /** @return HasMany<Change, $this> */
    public function madeChanges(): HasMany
    {
        $newestFirst = $this->hasMany(Change::class);
        $newestFirst->orderByDesc('id');

        return $newestFirst;
    }

    /** @return BelongsTo<Client, $this> */
    public function kitFrom(): BelongsTo
    {
        return $this->belongsTo(self::class, 'kit_from_id');
    }

    /**
     * The newest health answers.
     *
     * @return HasOne<Screening, $this>
     */
    public function screening(): HasOne
    {
        return $this->hasOne(Screening::class)->ofMany(['answered_on' => 'max', 'id' => 'max']);
    }

    /** @return HasMany<Screening, $this> */
    public function screenings(): HasMany
    {
        return $this->hasMany(Screening::class);
    }

    /** @return HasMany<Clearance, $this> */
    public function clearances(): HasMany
    {
        return $this->hasMany(Clearance::class);
    }

    /** @return HasMany<MovementCheck, $this> */
    public function movementChecks(): HasMany
    {
        return $this->hasMany(MovementCheck::class);
    }

    /**
     * The newest checks.
     *
     * @return HasOne<MovementCheck, $this>
     */
    public function movementCheck(): HasOne
    {
        return $this->hasOne(MovementCheck::class)->ofMany(['checked_on' => 'max', 'id' => 'max']);
    }
}
