<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeZone;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;
use NimbleShelf\Core\Health\BloodPressure;

/**
 * A trainer.
 *
 * @property int $id
 * @property string $name
 * @property string $email
 * @property array<string, int|string|array<string, int>>|null $settings
 * @property bool $is_demo True for the demo's own trainers: nobody trains anybody by what is on record there.
 * @property-read Collection<int, ExerciseVariant> $exerciseVariants
 */
final class User extends Authenticatable
{
    use HasApiTokens;

    /** Thresholds at or above which nobody trains that day, and whom to call. */
    private const USUAL = [
        'systolic' => BloodPressure::USUAL_SYSTOLIC,
        'diastolic' => BloodPressure::USUAL_DIASTOLIC,
        'emergency_number' => '112',
        'push_up' => 'push-up',
    ];

    protected $fillable = ['name', 'email', 'password', 'settings', 'is_demo'];

    protected $hidden = ['password', 'remember_token'];

    protected $casts = ['password' => 'hashed', 'settings' => 'array', 'is_demo' => 'boolean'];

    protected $attributes = ['is_demo' => false];

    /** Where the trainer's days begin and end: "Europe/Berlin"; universal time until it is chosen. */
    public function zone(): string
    {
        $zone = ($this->settings ?? [])['zone'] ?? null;

        return is_string($zone) && in_array($zone, DateTimeZone::listIdentifiers(), true) ? $zone : 'UTC';
    }

    public function now(): CarbonImmutable
    {
        return CarbonImmutable::now($this->zone());
    }

    /** The day it is for the trainer, as dates are kept. */
    public function today(): CarbonImmutable
    {
        return CarbonImmutable::parse($this->now()->toDateString(), 'UTC');
    }

    public function setting(string $name): int|string
    {
        $value = ($this->settings ?? [])[$name] ?? self::USUAL[$name];

        return is_array($value) ? '' : $value;
    }

    /** @return array<string, int> How much each part of a match counts, in hundredths; empty where it is as usual. */
    public function weights(): array
    {
        $weights = ($this->settings ?? [])['weights'] ?? [];

        return is_array($weights) ? $weights : [];
    }

    /** @return HasMany<Client, $this> */
    public function clients(): HasMany
    {
        return $this->hasMany(Client::class);
    }

    /** @return HasMany<ExerciseVariant, $this> */
    public function exerciseVariants(): HasMany
    {
        $inOrder = $this->hasMany(ExerciseVariant::class);
        $inOrder->orderBy('name');

        return $inOrder;
    }
}
