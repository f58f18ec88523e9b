<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

final readonly class DeviceListData
{
    /** @param  list<DeviceData>  $devices  the last seen first */
    public function __construct(public array $devices)
    {
    }
}
