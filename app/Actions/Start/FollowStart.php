<?php

declare(strict_types=1);

namespace App\Actions\Start;

use App\Actions\Clients\DescribeClient;
use App\Actions\Programme\EditProgramme;
use App\Actions\Programme\ReadProgramme;
use App\Enums\ProgrammeState;
use App\Models\Client;
use App\Models\Programme;
use NimbleShelf\Core\Editing\AfterStart;
use NimbleShelf\Core\Editing\Mend;

/**
 * What a first session, or what was told, changes in the programme that is there already: one change like one by hand, said in
 * words, and it can be undone. Doing it twice changes nothing.
 */
final readonly class FollowStart
{
    /** Shown on the client's page by these words. */
    public const AFTER = 'After what was found out';

    public function __construct(
        private AfterStart $after,
        private EditProgramme $edit,
        private ReadProgramme $read,
        private DescribeClient $describe,
    ) {
    }

    public function handle(Client $client): void
    {
        $programme = $this->programme($client);
        $number = $programme?->currentWeek() ?? 0;
        $week = $programme?->unbegunWeek($number) ?? $programme?->unbegunWeek(++$number);
        if ($programme === null || $week === null) {
            return;
        }
        $situation = $this->describe->situation($client);
        $mends = $this->after->mends($this->read->week($week, $situation), $this->read->brief($programme, $situation));
        if ($mends === []) {
            return;
        }
        $this->edit->handle(
            programme: $programme,
            number: $number,
            edit: Mend::together($mends),
            version: $programme->refresh()->version,
            words: self::AFTER.': '.implode(', ', array_unique(array_map(static fn (Mend $mend): string => $mend->words, $mends))),
        );
    }

    /** The one that runs, or the newest that is to be. */
    public function programme(Client $client): ?Programme
    {
        $running = $client->runningProgramme();
        if ($running !== null) {
            return $running;
        }
        /** @var Programme|null $draft */
        $draft = $client->programmes()->whereIn('state', [ProgrammeState::Draft, ProgrammeState::Waiting])->orderByDesc('id')->first();

        return $draft;
    }
}
