<?php

declare(strict_types=1);

namespace App\Http\Resources\Clients;

use App\Http\Resources\Resource;
use App\Models\Clearance;

/** What a clinician allowed. */
final readonly class ClearanceResource extends Resource
{
    /**
     * @param  list<string>  $questions  Health questions it covers.
     * @param  list<string>  $lifts  Limits it lifts.
     */
    public function __construct(
        public int $id,
        public string $givenOn,
        public ?string $expiresOn,
        public string $givenBy,
        public string $allows,
        public array $questions,
        public array $lifts,
    ) {
    }

    public static function of(Clearance $clearance): self
    {
        return new self(
            $clearance->id,
            $clearance->given_on->toDateString(),
            $clearance->expires_on?->toDateString(),
            $clearance->given_by,
            $clearance->allows,
            $clearance->questions,
            $clearance->lifts,
        );
    }
}
