<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Actions\Programme\FollowProgramme;
use App\Models\Programme;
use App\Models\User;
use Closure;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/** Whoever reads what follows from a change of a programme reads it with the change taken over. */
final readonly class FollowProgrammes
{
    public function __construct(private FollowProgramme $follow)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $trainer = $request->user();
        $waiting = $trainer instanceof User ? DB::table('programme_edits')
            ->join('programmes', 'programmes.id', '=', 'programme_edits.programme_id')
            ->where('programme_edits.is_followed', false)
            ->whereNull('programme_edits.undone_at')
            ->where('programmes.user_id', $trainer->id)
            ->distinct()
            ->pluck('programmes.id')
            ->all() : [];
        if ($waiting !== []) {
            /** @var Collection<int, Programme> $programmes */
            $programmes = Programme::query()->whereIn('id', $waiting)->get();
            foreach ($programmes as $programme) {
                // What cannot be taken over is reported and tried again; nobody is kept from reading the rest.
                rescue(fn (): array => $this->follow->handle($programme));
            }
        }

        return $next($request);
    }
}
