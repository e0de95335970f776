<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Client;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Database\Seeder;
use NimbleShelf\Core\Kit\Thing;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * Saltmarrow, a harbour town that does not exist: eight clients with their homes and shelves, twelve weeks of history, and today's
 * visits.
 *
 * Everything is written through the same actions the application uses, so that every number shown is computed.
 */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'isaura@saltmarrow.example';

    public const PASSWORD = 'cargo-bike';

    public const OTHER_EMAIL = 'corvin@saltmarrow.example';

    public function __construct(
        private readonly DemoPeople $people,
        private readonly DemoStories $stories,
        private readonly DemoDiary $diary,
        private readonly DemoVisits $visits,
    ) {
    }

    public function run(): void
    {
        $known = ['password' => self::PASSWORD, 'is_demo' => true];
        $isaura = User::query()->create(['name' => 'Isaura Veldkamp', 'email' => self::EMAIL] + $known);
        $corvin = User::query()->create(['name' => 'Corvin Hale', 'email' => self::OTHER_EMAIL] + $known);
        $stories = $this->stories->all();
        foreach ($this->people->all() as $trade => $meet) {
            $began = hrtime(true);
            $client = $this->diary->live($isaura, $meet, $stories[$trade]);
            $this->visits->arrange($client, $trade);
            $this->lookOver($client, $trade);
            $this->say(sprintf(
                '%s, %s: %d sessions, %.0f s',
                $client->name,
                $trade,
                $client->trainingSessions()->count(),
                (hrtime(true) - $began) / 1e9,
            ));
        }
        $foundry = $isaura->clients()->where('trade', 'bell-founder')->firstOrFail();
        $this->visits->arrange($this->people->chandler($isaura, $foundry), 'ship chandler');
        $this->people->sailMender($corvin);
        $this->visits->withoutSession($isaura);
    }

    /** Bands are looked over at each visit; at the foundry that was forgotten. */
    private function lookOver(Client $client, string $trade): void
    {
        $last = $client->trainingSessions()->whereNotNull('ended_at')->max('ended_at');
        if ($trade !== 'bell-founder' && is_string($last)) {
            $client->shelfItems()->whereIn('kind', Thing::BANDS)->update(['inspected_on' => substr($last, 0, 10)]);
        }
    }

    /** Said even where nothing else is: somebody waits for it. */
    private function say(string $line): void
    {
        $command = get_object_vars($this)['command'] ?? null;
        if ($command instanceof Command) {
            $command->getOutput()->writeln("  · {$line}", OutputInterface::VERBOSITY_QUIET);
        }
    }
}
