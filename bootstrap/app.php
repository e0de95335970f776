<?php

declare(strict_types=1);

use App\Http\Middleware\KeepSums;
use App\Http\Middleware\MarkChanges;
use App\Http\Middleware\PressAnswers;
use App\Http\Middleware\ReadDecimalCommas;
use App\Http\Middleware\SpeakTheirWords;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use NimbleShelf\Core\Exception\CoreException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        health: '/up',
    )
    ->withCommands([__DIR__.'/../app/Console/Commands'])
    ->withMiddleware(function (Middleware $middleware): void {
        // The page and its API share one origin, and the stand-in for missing packages has no cross-origin headers.
        $middleware->remove(HandleCors::class);
        $middleware->statefulApi();
        $middleware->api(
            prepend: [PressAnswers::class],
            append: [KeepSums::class, ReadDecimalCommas::class, SpeakTheirWords::class, MarkChanges::class],
        );
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*') || $request->expectsJson());
        $exceptions->render(fn (CoreException $exception): JsonResponse => new JsonResponse([
            'message' => $exception->getMessage(),
            'errors' => [$exception->field() => [$exception->getMessage()]],
        ], 422));
        $exceptions->dontReport(CoreException::class);
    })
    ->create();
