<?php

declare(strict_types=1);

namespace App\Bench;

/** A hanging scale: it knows the force on its hook and nothing of what hangs there. A real one takes this interface's place. */
interface ForceGauge
{
    public function read(): GaugeReading;

    /** Makes the present force count as zero. */
    public function tare(): void;
}
