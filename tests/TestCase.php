<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Item;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Testing\TestResponse;
use Tests\Support\Saltmarrow;

abstract class TestCase extends FrameworkTestCase
{
    /**
     * Sends what happened on the Floor.
     *
     * @param  array<string, mixed>  ...$events
     */
    public function happened(array ...$events): TestResponse
    {
        return $this->postJson('/api/floor-events', ['events' => $events]);
    }

    /**
     * Logs a set of an item as it stands now.
     *
     * @param  array<string, mixed>  $with
     * @return string Its key.
     */
    public function logged(Item $item, array $with = []): string
    {
        $event = Saltmarrow::setDone($item, $with);
        $this->happened($event)->assertOk();

        return $event['key'];
    }
}
