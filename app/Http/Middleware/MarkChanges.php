<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use App\Support\ChangeStamp;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whatever a trainer writes makes what their devices have kept out of date. */
final readonly class MarkChanges
{
    public function __construct(private ChangeStamp $stamp)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $trainer = $request->user();
        // One that was refused may have written something before that.
        if (! $request->isMethodSafe() && $trainer instanceof User) {
            $this->stamp->renew($trainer);
        }

        return $answer;
    }
}
