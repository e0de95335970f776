<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Two names are in use for one family of exercises, and neither is wrong: whoever says "press-up" reads "press-up"
 * everywhere. Names that only the application reads stay as they are.
 */
final class SpeakTheirWords
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $trainer = $request->user();
        if ($response instanceof JsonResponse && $trainer instanceof User && $trainer->setting('push_up') === 'press-up') {
            $response->setContent(self::spoken((string) $response->getContent()));
        }

        return $response;
    }

    /** @param  string  $json  As it travels. */
    public static function spoken(string $json): string
    {
        return (string) preg_replace_callback(
            '/"(?:[^"\\\\]|\\\\.)*"/',
            static fn (array $found): string => preg_match('#^"[a-z0-9./_-]*"$#', $found[0]) === 1
                ? $found[0]
                : (string) preg_replace(['/\bPush-up/', '/\bpush-up/'], ['Press-up', 'press-up'], $found[0]),
            $json,
        );
    }
}
