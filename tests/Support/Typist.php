<?php

declare(strict_types=1);

namespace Tests\Support;

/** Types one name after the other onto a wearer until told to stop; a write that nobody answered is tried again. */
final class Typist
{
    public int $kept = 0;

    public int $version = 1;

    private int $wearer;

    public function __construct(public readonly Visitor $visitor)
    {
        [$status, $wearer] = $visitor->call('POST', '/api/wearers', ['name' => 'Nobody yet']);
        expect($status)->toBe(201);
        $this->wearer = $wearer['id'];
    }

    /** @return array{int, mixed} the answer to the name after the last that was kept */
    public function type(): array
    {
        $next = $this->kept + 1;
        [$status, $answer] = $this->visitor->call('PATCH', "/api/wearers/{$this->wearer}", [
            'name' => "Name {$next}", 'notes' => '', 'unit' => null, 'agreed' => false, 'archived' => false, 'sizes_hidden' => false, 'version' => $this->version,
        ]);
        // Written, but the answer was lost: it stands as it was sent.
        $isWritten = $status === 200 || ($status === 409 && $answer['wearer']['name'] === "Name {$next}");
        if ($isWritten) {
            $this->kept = $next;
            $this->version = $answer['version'] ?? $answer['wearer']['version'];
        }

        return [$isWritten ? 200 : $status, $answer];
    }

    public function stands(): string
    {
        [$status, $wearer] = $this->visitor->call('GET', "/api/wearers/{$this->wearer}");
        expect($status)->toBe(200, json_encode($wearer));

        return $wearer['name'];
    }
}
