<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Bench\FinishBench;
use App\Actions\Bench\RunBench;
use App\Actions\Bench\ShowBench;
use App\Actions\Bench\StreamGauge;
use App\Bench\BenchState;
use App\Http\Requests\Bench\BenchRequest;
use App\Http\Resources\Bench\BenchResource;
use App\Models\Client;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\StreamedResponse;

final class BenchController extends Controller
{
    public function __construct(private readonly RunBench $bench, private readonly ShowBench $describe)
    {
    }

    public function show(Client $client, #[CurrentUser] User $trainer): BenchResource
    {
        return $this->describe->handle($client, $trainer);
    }

    public function hang(BenchRequest $request, Client $client): BenchResource
    {
        $this->bench->hang($this->bench->state($request->trainer(), $client), $request->item());

        return $this->describe->handle($client, $request->trainer());
    }

    public function pull(BenchRequest $request, Client $client): BenchResource
    {
        [$state, $item] = $this->hanging($request->trainer(), $client);
        $this->bench->pull($state, $item, $request->lengthM());

        return $this->describe->handle($client, $request->trainer());
    }

    public function tare(BenchRequest $request, Client $client): BenchResource
    {
        [$state, $item] = $this->hanging($request->trainer(), $client);
        $this->bench->gauge($state, $item)->tare();

        return $this->describe->handle($client, $request->trainer());
    }

    public function plug(BenchRequest $request, Client $client): BenchResource
    {
        $state = $this->bench->state($request->trainer(), $client);
        $state->isPlugged = $request->boolean('plugged');
        $state->keep();

        return $this->describe->handle($client, $request->trainer());
    }

    public function take(BenchRequest $request, Client $client): BenchResource
    {
        [$state, $item] = $this->hanging($request->trainer(), $client);
        $this->bench->take($state, $item);

        return $this->describe->handle($client, $request->trainer());
    }

    public function drop(BenchRequest $request, Client $client, int $place): BenchResource
    {
        $this->bench->drop($this->bench->state($request->trainer(), $client), $place);

        return $this->describe->handle($client, $request->trainer());
    }

    public function finish(BenchRequest $request, Client $client, FinishBench $finish): BenchResource
    {
        [$state, $item] = $this->hanging($request->trainer(), $client);
        $finish->band($state, $item);

        return $this->describe->handle($client, $request->trainer());
    }

    public function weigh(BenchRequest $request, Client $client, FinishBench $finish): BenchResource
    {
        [$state, $item] = $this->hanging($request->trainer(), $client);
        $finish->weigh($state, $item);

        return $this->describe->handle($client, $request->trainer());
    }

    public function stream(Request $request, Client $client, StreamGauge $stream, #[CurrentUser] User $trainer): StreamedResponse
    {
        return $stream->handle($trainer, $client, $request->integer('readings', StreamGauge::READINGS));
    }

    /** @return array{BenchState, ShelfItem} */
    private function hanging(User $trainer, Client $client): array
    {
        $state = $this->bench->state($trainer, $client);

        return [$state, $this->bench->item($state, $client) ?? abort(409, 'Nothing hangs on the scale. Choose what to test first.')];
    }
}
