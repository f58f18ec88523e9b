<?php

declare(strict_types=1);

use Tests\Support\FreePort;
use Tests\Support\Typist;
use Tests\Support\Visitor;

test('whatever is killed, nothing that was acknowledged is lost, and it goes on by itself', function (): void {
    $server = realServer(sys_get_temp_dir().'/underbolt-killed-'.bin2hex(random_bytes(4)));
    $typist = new Typist(Visitor::registered($server->address, 'typist'));
    $unanswered = 0;
    for ($turn = 0; $turn < 6; $turn++) {
        for ($i = 0; $i < 10; $i++) {
            [$status] = $typist->type();
            expect($status)->toBe(200);
        }
        // The server in front and the one behind it, in turn, with all they have started.
        posix_kill(-$server->group($turn % 2 === 0 ? 'php-fpm' : 'nginx'), SIGKILL);
        $until = microtime(true) + 20;
        do {
            [$status] = $typist->type();
            $unanswered += $status === 200 ? 0 : 1;
            expect($status)->toBeIn([0, 200, 502, 504]);
        } while ($status !== 200 && microtime(true) < $until);
        expect($status)->toBe(200, 'it came back')->and($typist->stands())->toBe("Name {$typist->kept}");
    }
    expect($unanswered)->toBeGreaterThan(0);

    // All of it at once, as when the plug is pulled from the program that keeps it.
    foreach (['nginx', 'php-fpm', 'schedule'] as $program) {
        posix_kill(-$server->group($program), SIGKILL);
    }
    $server->stop();
    $server->start();
    expect($typist->stands())->toBe("Name {$typist->kept}");

    // What keeps it may be killed as well: a new start takes over what that left running.
    $left = [$server->group('nginx'), $server->group('php-fpm')];
    $server->kill();
    expect(array_map(static fn (int $group): bool => posix_kill($group, 0), $left))->toBe([true, true]);
    $server->start();
    $isLeft = static fn (): bool => array_filter($left, static fn (int $group): bool => posix_kill(-$group, 0)) !== [] || ! file_exists("{$server->state}/nginx.running");
    // Until then it is the old one that answers, or nobody does.
    for ($until = microtime(true) + 60; $isLeft() && microtime(true) < $until;) {
        fetched("{$server->address}/up");
    }
    expect($isLeft())->toBeFalse();
    FreePort::awaitAnswer("{$server->address}/up", 60);
    expect($typist->stands())->toBe("Name {$typist->kept}");

    // PHP is nobody's but the server's own, and its logs are turned over.
    $owner = posix_getpwuid((int) fileowner("{$server->state}/workroom.sqlite"))['name'] ?? '';
    $running = trim((string) shell_exec('ps -o user:32= -g '.$server->group('php-fpm').' | sort -u'));
    expect($running)->toBe($owner);
    $told = (string) shell_exec('ps -o args= -p '.$server->group('nginx'));
    expect(preg_match('#-c (\S+)/nginx.conf#', $told, $found))->toBe(1);
    exec('/usr/sbin/logrotate --force --state '.escapeshellarg("{$found[1]}/logrotate.state").' '.escapeshellarg("{$found[1]}/logrotate.conf").' 2>&1', $said, $code);
    expect($code)->toBe(0, implode("\n", $said))
        ->and(array_map(basename(...), glob("{$server->state}/logs/*.1.gz") ?: []))->toContain('nginx-access.log.1.gz', 'serve.log.1.gz')
        ->and(fileowner("{$found[1]}/nginx.conf"))->toBe(posix_getuid());

    // A database that can't be written is told, read all the same, and goes on when it can.
    exec('chmod a-w '.escapeshellarg($server->state).'/workroom.sqlite*');
    [$status, $answer] = $typist->type();
    expect($status)->toBe(503)->and($answer['message'])->toContain('can only be read just now')
        ->and($typist->stands())->toBe("Name {$typist->kept}");
    exec('chmod u+w '.escapeshellarg($server->state).'/workroom.sqlite*');
    expect($typist->type()[0])->toBe(200);

    // No log has a name in it, whatever went wrong with it or was looked for.
    fetched("{$server->address}/api/workroom?find=Name");
    awaits(fn (): bool => str_contains((string) file_get_contents("{$server->state}/logs/nginx-access.log"), 'GET /api/workroom'));
    $told = '';
    foreach (glob("{$server->state}/logs/*") ?: [] as $log) {
        $told .= str_ends_with($log, '.gz') ? implode('', (array) gzfile($log)) : file_get_contents($log);
    }
    expect($told)->toContain('readonly database')->not->toMatch('/Name \d|find=|typist|tideroom/');
});

test('a full disk is told, what stood stands, and it goes on when there is room', function (): void {
    $state = sys_get_temp_dir().'/underbolt-full-'.bin2hex(random_bytes(4));
    mkdir($state);
    exec('mount -t tmpfs -o size=6m tmpfs '.escapeshellarg($state).' 2>&1', $said, $code);
    if ($code !== 0) {
        $this->markTestSkipped('No small disk can be mounted here: '.implode(' ', $said));
    }
    $server = realServer($state);
    $typist = new Typist(Visitor::registered($server->address, 'typist'));
    $typist->type();

    exec('dd if=/dev/zero of='.escapeshellarg("{$state}/filler").' bs=4k 2>/dev/null');
    $status = 200;
    for ($i = 0; $i < 400 && $status === 200; $i++) {
        [$status, $answer] = $typist->type();
    }
    expect($status)->toBe(507)->and($answer['message'])->toContain('disk')->toContain('still here');

    unlink("{$state}/filler");
    expect($typist->stands())->toBe("Name {$typist->kept}")->and($typist->type()[0])->toBe(200)
        ->and($typist->stands())->toBe("Name {$typist->kept}");
});

test('it is served safely: over TLS, to its own host, small, kept by the browser, and nothing but what is public', function (): void {
    $state = sys_get_temp_dir().'/underbolt-tls-'.bin2hex(random_bytes(4));
    mkdir($state);
    exec('openssl req -x509 -newkey rsa:2048 -nodes -days 2 -subj /CN=localhost -keyout '.escapeshellarg("{$state}/tls.key").' -out '.escapeshellarg("{$state}/tls.crt").' 2>/dev/null');
    $server = realServer($state, ['--host', 'localhost', '--cert', "{$state}/tls.crt", '--key', "{$state}/tls.key"]);

    [$status, $head, $page] = fetched("{$server->address}/");
    expect($status)->toBe(200)->and($head)->toContain('strict-transport-security: max-age=')->toContain('permissions-policy')
        ->toMatch('/set-cookie: underbolt_session=[^\n]*secure/')->not->toContain('x-powered-by')->not->toMatch('/server: nginx\//');
    preg_match('#/build/assets/main-[^"]+\.js#', $page, $script);
    [$status, $head, $packed] = fetched($server->address.$script[0], ['Accept-Encoding: gzip']);
    expect($status)->toBe(200)->and($head)->toContain('immutable')->toContain('content-encoding: gzip')->toContain('etag:')
        ->and(strlen($packed))->toBeLessThan(filesize(__DIR__.'/../../public'.$script[0]) / 2);
    expect(fetched("{$server->address}/", ['Host: other.example'])[0])->toBe(421);
    // Sent in pieces nobody knows beforehand how much it is: it is counted all the same.
    $call = curl_init("{$server->address}/api/sign-in");
    curl_setopt_array($call, [CURLOPT_POST => true, CURLOPT_RETURNTRANSFER => true, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_POSTFIELDS => '{"email": "'.str_repeat('x', 5_000_000).'"}',
        CURLOPT_HTTPHEADER => ['Transfer-Encoding: chunked', 'Content-Type: application/json', 'Accept: application/json']]);
    curl_exec($call);
    expect(curl_getinfo($call, CURLINFO_RESPONSE_CODE))->toBe(413);
    foreach (['/../.env', '/..%2f.env', '/.env', '/artisan', '/storage/logs', '/index.php/../../.env'] as $secret) {
        expect(fetched($server->address.$secret)[2])->not->toContain('APP_KEY', $secret);
    }
});

/** A workroom of so many wearers with a card each, as a file of everything. */
function crowd(int $many): string
{
    $card = ['taken_on' => '2026-11-20', 'foundation' => '', 'measured_by' => '', 'point_set' => 'three', 'answers' => [], 'round_a_board' => false, 'readings' => [
        ['point' => 'waist', 'attempt' => 1, 'text' => '80', 'unit' => 'cm', 'picked' => false],
    ]];
    $lines = ['{"format":"underbolt/everything","version":2}'];
    for ($one = 1; $one <= $many; $one++) {
        $lines[] = (string) json_encode(['wearer' => ['name' => "One of many {$one}", 'notes' => '', 'unit' => null, 'archived_at' => null, 'agreed_on' => null, 'sizes_hidden' => false, 'wardrobe' => new stdClass, 'is_demo' => false, 'cards' => array_fill(0, 5, $card)]]);
    }
    $path = (string) tempnam(sys_get_temp_dir(), 'all');
    $zip = new ZipArchive;
    $zip->open($path, ZipArchive::OVERWRITE);
    $zip->addFromString('records.jsonl', implode("\n", $lines)."\n");
    $zip->close();

    return $path;
}

test('a server killed while everything is brought back leaves all of it or nothing, and others type on meanwhile', function (): void {
    $server = realServer(sys_get_temp_dir().'/underbolt-arriving-'.bin2hex(random_bytes(4)));
    $typist = new Typist(Visitor::registered($server->address, 'typist'));
    $keeper = Visitor::registered($server->address, 'keeper');
    $file = crowd(1_000);
    $many = static fn (): int => count($keeper->again()->call('GET', '/api/workroom')[1]['wearers'] ?? []);

    $bringing = $keeper->again();
    $bringing->prepareFile('/api/me/everything', $file, ['write' => '1', 'takes' => '0']);
    $progress = '';
    curl_setopt($bringing->curl, CURLOPT_WRITEFUNCTION, static function ($curl, string $part) use (&$progress): int {
        $progress .= $part;

        return strlen($part);
    });
    $both = curl_multi_init();
    curl_multi_add_handle($both, $bringing->curl);
    $waits = [];
    $until = microtime(true) + 60;
    while (! str_contains($progress, '{"done":60') && microtime(true) < $until) {
        curl_multi_exec($both, $running);
        $began = microtime(true);
        expect($typist->type()[0])->toBe(200);
        $waits[] = microtime(true) - $began;
        expect($many())->toBe(0);
    }
    expect($progress)->toContain('{"done":60')->and(max($waits))->toBeLessThan(1.0);
    posix_kill(-$server->group('php-fpm'), SIGKILL);
    curl_multi_close($both);
    FreePort::awaitAnswer("{$server->address}/up", 60);
    expect($many())->toBe(0)->and($typist->stands())->toBe("Name {$typist->kept}");

    // What was held by the one that was killed is let go again after a while; here that is not waited for.
    expect($server->artisan('cache:clear'))->toContain('cleared');
    $again = $keeper->again();
    $again->prepareFile('/api/me/everything', $file, ['write' => '1', 'takes' => '0']);
    expect((string) curl_exec($again->curl))->toContain('"is_written":true')->and($many())->toBe(1_000);
});

test('eleven hundred who open a connection and say nothing keep nobody out', function (): void {
    $server = realServer(sys_get_temp_dir().'/underbolt-silent-'.bin2hex(random_bytes(4)));
    [$host, $port] = ['127.0.0.1', (int) parse_url($server->address, PHP_URL_PORT)];
    $silent = [];
    for ($one = 0; $one < 1_100; $one++) {
        $connection = @stream_socket_client("tcp://{$host}:{$port}", timeout: 2);
        if ($connection === false) {
            break;
        }
        // Some begin to say what they want.
        $one % 2 === 0 ?: fwrite($connection, "GET / HTTP/1.1\r\nHost: localhost\r\nX-Slow: ");
        $silent[] = $connection;
    }
    expect(count($silent))->toBe(1_100);
    $typist = new Typist(Visitor::registered($server->address, 'typist'));
    expect($typist->type()[0])->toBe(200);
    // After a while they are shown out.
    $last = $silent[1_099];
    stream_set_timeout($last, 30);
    expect(strlen((string) stream_get_contents($last)))->toBeGreaterThanOrEqual(0)->and(feof($last))->toBeTrue();
});
