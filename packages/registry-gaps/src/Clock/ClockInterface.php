<?php

declare(strict_types=1);

namespace Symfony\Component\Clock;

use Psr\Clock\ClockInterface as PsrClockInterface;

/** The interface the mailer and the messenger name in their signatures; nothing here runs them. */
interface ClockInterface extends PsrClockInterface
{
    public function sleep(float|int $seconds): void;

    public function withTimeZone(\DateTimeZone|string $timezone): static;
}
