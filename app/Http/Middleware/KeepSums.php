<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Support\KeptSums;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What a request reckoned is kept for the next one. */
final readonly class KeepSums
{
    public function __construct(private KeptSums $kept)
    {
    }

    public function handle(Request $request, Closure $next): Response
    {
        /** @var Response $response */
        $response = $next($request);
        $this->kept->save();

        return $response;
    }
}
