<?php

declare(strict_types=1);

namespace App\Http\Middleware;

/** How many wait for a core. */
class MachineLoad
{
    /** On the average of a minute; none where the machine doesn't say. */
    public function waiting(): float
    {
        $load = sys_getloadavg();

        return $load === false ? 0.0 : $load[0];
    }
}
