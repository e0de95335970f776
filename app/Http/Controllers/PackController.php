<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Round\ShowPack;
use App\Http\Resources\Round\PackResource;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;

final class PackController extends Controller
{
    public function __invoke(Request $request, ShowPack $show, #[CurrentUser] User $trainer): PackResource
    {
        $request->validate(['tag' => ['nullable', 'string', 'max:40'], 'has' => ['nullable', 'string', 'max:8000']]);
        $has = [];
        foreach (explode(',', $request->string('has')->toString()) as $one) {
            [$path, $tag] = [...explode('~', $one, 2), ''];
            $has[$path] = $tag;
        }

        return $show->handle($trainer, $request->string('tag')->toString(), $has);
    }
}
