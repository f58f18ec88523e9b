<?php

declare(strict_types=1);

namespace App\Http\Resources\Account;

use App\Models\Device;
use OpenApi\Attributes as OA;

final readonly class DeviceData
{
    /** @param  string  $agent  in words */
    public function __construct(
        public int $id,
        public string $agent,
        #[OA\Property(format: 'date-time')] public string $seen_at,
        public bool $is_here,
    ) {
    }

    public static function of(Device $device, ?int $here): self
    {
        return new self($device->id, $device->agent, $device->seen_at->toIso8601String(), $device->id === $here);
    }
}
