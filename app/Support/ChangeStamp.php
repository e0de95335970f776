<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * Says whether anything of a trainer’s has changed since a device asked last: every write of theirs gives a new stamp, and so do
 * another day, another release and another database in its place.
 */
final readonly class ChangeStamp
{
    private const SECONDS = 30 * 86400;

    /** Rows are only ever added to these: their newest tells one database from another. */
    private const GROWING = ['floor_events', 'training_sessions', 'programme_edits', 'changes', 'shelf_items', 'screenings'];

    public function __construct(private Repository $cache)
    {
    }

    public function renew(User $trainer): void
    {
        $this->cache->put($this->key($trainer), (string) Str::uuid(), self::SECONDS);
    }

    public function of(User $trainer): string
    {
        $stamp = $this->cache->get($this->key($trainer));
        if (! is_string($stamp)) {
            $this->renew($trainer);
            $stamp = $this->cache->get($this->key($trainer));
        }
        $newest = array_map(static fn (string $table): mixed => DB::table($table)->max('id'), self::GROWING);

        return substr(hash('sha256', serialize([$stamp, $newest, $trainer->today()->toDateString(), KeptAnswers::sums()])), 0, 24);
    }

    private function key(User $trainer): string
    {
        return "changed.{$trainer->id}";
    }
}
