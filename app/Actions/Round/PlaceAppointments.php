<?php

declare(strict_types=1);

namespace App\Actions\Round;

use App\Casts\AsMoment;
use App\Models\Appointment;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Puts what needs no session on the Round, one or a row of them, and takes it off again. */
final readonly class PlaceAppointments
{
    /**
     * @param  array<string, mixed>  $what
     * @param  non-empty-list<CarbonImmutable>  $moments
     * @return non-empty-list<int> Their ids, the first one first.
     */
    public function add(User $trainer, array $what, array $moments): array
    {
        $series = count($moments) > 1 ? (string) Str::uuid() : null;

        return DB::transaction(static fn (): array => array_map(
            static fn (CarbonImmutable $at): int => Appointment::query()->create([
                ...$what,
                'user_id' => $trainer->id,
                'series' => $series,
                'starts_at' => $at,
            ])->id,
            $moments,
        ));
    }

    /** @param  array<string, mixed>  $what */
    public function change(Appointment $appointment, array $what, CarbonImmutable $at): void
    {
        $appointment->update([...$what, 'starts_at' => $at]);
    }

    /**
     * Off the Round, and kept so that it can be brought back.
     *
     * @param  bool  $andLater  True for all of its row from here on.
     */
    public function remove(Appointment $appointment, bool $andLater): void
    {
        DB::transaction(fn () => $this->meant($appointment, $andLater)->each(static fn (Appointment $one) => $one->delete()));
    }

    /** @param  bool  $andLater  True for all of its row from here on. */
    public function bringBack(Appointment $appointment, bool $andLater): void
    {
        DB::transaction(fn () => $this->meant($appointment, $andLater)->each(static fn (Appointment $one) => $one->restore()));
    }

    /** @return Collection<int, Appointment> It alone, or all of its row from here on, those that were taken off too. */
    private function meant(Appointment $appointment, bool $andLater): Collection
    {
        if (! $andLater || $appointment->series === null) {
            return collect([$appointment]);
        }
        $row = Appointment::withTrashed();
        $row->where('user_id', $appointment->user_id)
            ->where('series', $appointment->series)
            ->where('starts_at', '>=', AsMoment::stored($appointment->starts_at));

        return $row->get()->toBase();
    }
}
