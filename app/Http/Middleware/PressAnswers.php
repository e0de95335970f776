<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Presses larger answers for whoever can take them so: a tenth of the bytes over a telephone's network. */
final readonly class PressAnswers
{
    /** Below this many bytes it gains nothing. */
    private const LEAST_BYTES = 2048;

    /** Of 9; beyond it the work grows faster than the gain. */
    private const LEVEL = 5;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $answer = $next($request);
        $text = $answer instanceof JsonResponse ? $answer->getContent() : false;
        if ($text === false || strlen($text) < self::LEAST_BYTES || ! in_array('gzip', $request->getEncodings(), true)) {
            return $answer;
        }
        $pressed = gzencode($text, self::LEVEL);
        if ($pressed !== false) {
            // A JsonResponse would write its data anew; what is sent is no longer text.
            $answer = new Response($pressed, $answer->getStatusCode(), $answer->headers->all());
            $answer->headers->set('Content-Encoding', 'gzip');
            $answer->setVary('Accept-Encoding', false);
        }

        return $answer;
    }
}
