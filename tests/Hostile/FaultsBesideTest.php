<?php

declare(strict_types=1);

use App\Http\Middleware\Places;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Sleep;
use Tests\Support\FreePort;
use Tests\Support\RealServer;
use Tests\Support\Typist;
use Tests\Support\Visitor;

const BUSY = 'The workroom is busy. What you typed is still here; try again.';

/** Writes to the database of a server and doesn't end it for so long, in a process of its own. */
function holding(RealServer $server, int $seconds): mixed
{
    $file = "{$server->state}/workroom.sqlite";
    $held = proc_open([PHP_BINARY, '-r', 'posix_setuid(fileowner($argv[1])); $d = new PDO("sqlite:$argv[1]"); $d->exec("begin immediate"); echo "."; sleep((int) $argv[2]); $d->exec("rollback");', $file, (string) $seconds], [1 => ['pipe', 'w']], $pipes);
    expect(fread($pipes[1], 1))->toBe('.');

    return $held;
}

test('a database that somebody holds for half a minute is read, writes are told to come back, and then it goes on', function (): void {
    $server = realServer(sys_get_temp_dir().'/underbolt-held-'.bin2hex(random_bytes(4)));
    $typist = new Typist(Visitor::registered($server->address, 'typist'));
    expect($typist->type()[0])->toBe(200);
    $held = holding($server, 30);
    $refused = 0;
    while (proc_get_status($held)['running']) {
        [$status, $answer] = $typist->type();
        if ($status === 503) {
            $refused++;
            expect($answer['message'])->toBe(BUSY);
        }
        expect($typist->stands())->toBe("Name {$typist->kept}");
    }
    expect($refused)->toBeGreaterThan(2)->and($typist->type()[0])->toBe(200)->and($typist->stands())->toBe("Name {$typist->kept}");
});

test('a worker that is killed in the midst of a PDF is told in words, and the next one draws it', function (): void {
    $server = realServer(sys_get_temp_dir().'/underbolt-midst-'.bin2hex(random_bytes(4)));
    $keeper = Visitor::registered($server->address, 'keeper');
    [, $make] = $keeper->call('POST', '/api/makes/import', ['wearer' => 'Merrin', 'text' => file_get_contents(__DIR__.'/../fixtures/worked/2-the-same-with-best.make.json')]);

    $printing = $keeper->again();
    $printing->prepare('GET', "/api/makes/{$make['id']}/cut-sheet.pdf");
    curl_setopt($printing->curl, CURLOPT_HTTPHEADER, ['Accept: text/html']);
    $both = curl_multi_init();
    curl_multi_add_handle($both, $printing->curl);
    // Its place among costly works is taken: it is being drawn.
    $name = sha1('file-store-lock:heavy 0');
    $place = "{$server->state}/framework/cache/data/".substr($name, 0, 2).'/'.substr($name, 2, 2)."/{$name}";
    for ($until = microtime(true) + 10; ! file_exists($place) && microtime(true) < $until; clearstatcache()) {
        curl_multi_exec($both, $running);
    }
    expect(file_exists($place))->toBeTrue();
    $master = $server->group('php-fpm');
    foreach (array_filter(explode("\n", (string) shell_exec("pgrep -P {$master}"))) as $worker) {
        posix_kill((int) $worker, SIGKILL);
    }
    do {
        curl_multi_exec($both, $running);
    } while ($running > 0 && curl_multi_select($both) >= 0);
    expect(curl_getinfo($printing->curl, CURLINFO_RESPONSE_CODE))->toBe(502)
        ->and(curl_multi_getcontent($printing->curl))->toContain('The server stopped in the middle of this.')->toContain('try again')->not->toContain('nginx');
    curl_multi_close($both);

    FreePort::awaitAnswer("{$server->address}/up", 20);
    [$status] = $keeper->call('GET', "/api/makes/{$make['id']}/cut-sheet.pdf");
    expect($status)->toBe(200)->and(curl_getinfo($keeper->curl, CURLINFO_CONTENT_TYPE))->toBe('application/pdf');
});

test('while a backup is put back nothing is acknowledged that then is gone, and whoever types is told', function (): void {
    $server = realServer(sys_get_temp_dir().'/underbolt-back-'.bin2hex(random_bytes(4)));
    $typist = new Typist(Visitor::registered($server->address, 'typist'));
    expect($typist->type()[0])->toBe(200);
    $backup = "{$server->state}/then.sqlite";
    expect($server->artisan('underbolt:backup', $backup))->toContain($backup);
    $then = $typist->stands();
    expect($typist->type()[0])->toBe(200);

    // Somebody is at it while it is put back, so that it takes a while.
    $held = holding($server, 3);
    $isBack = proc_open(['bash', '-c', 'cd "$0" && exec bin/serve --state "$1" artisan underbolt:restore "$2"', dirname(__DIR__, 2), $server->state, $backup], [1 => ['pipe', 'w'], 2 => ['pipe', 'w']], $pipes);
    $told = [];
    $kept = $typist->kept;
    while (proc_get_status($isBack)['running']) {
        [$status, $answer] = $typist->visitor->call('GET', '/api/workroom');
        $told[$status] = $answer['message'] ?? '';
        [$status] = $typist->type();
        expect($status)->toBeIn([200, 409, 503]);
        $kept = $status === 200 ? $typist->kept : $kept;
    }
    expect(stream_get_contents($pipes[1]))->toContain('The workroom is as it was')
        ->and($told[503] ?? '')->toBe('The workroom is being put back from a backup. What you typed is still here; try again in a minute.')
        ->and($typist->stands())->toBe($then);
    // All that was acknowledged before is in what was kept beside it.
    $before = new PDO('sqlite:'.(glob("{$server->state}/workroom.sqlite.before-*") ?: [''])[0]);
    expect($before->query('select name from wearers')->fetchColumn())->toBe("Name {$kept}")
        ->and($before->query('pragma integrity_check')->fetchColumn())->toBe('ok');
    proc_close($held);
    expect(fetched("{$server->address}/")[0])->toBe(200)->and($typist->visitor->call('POST', '/api/wearers', ['name' => 'One more'])[0])->toBe(201);
});

test('a clock that is set back by an hour keeps nobody waiting, out or from what they typed', function (): void {
    $user = someone();
    $this->travel(1)->hours();
    $this->actingAs($user);
    $wearer = $this->postJson('/api/wearers', ['name' => 'Merrin'])->assertCreated()->json();
    $card = $this->postJson("/api/wearers/{$wearer['id']}/cards", [])->assertCreated()->json();

    $this->travelBack();
    $changed = $this->putJson("/api/cards/{$card['id']}/readings/waist/1", ['text' => '80', 'unit' => 'cm', 'version' => $card['version']])->assertOk()->json();
    $this->patchJson("/api/cards/{$card['id']}", ['taken_on' => now()->addDay()->toDateString(), 'point_set' => 'dress', 'foundation' => '', 'version' => $changed['version']])->assertOk();
    expect($this->getJson('/api/workroom')->assertOk()->json('wearers.0.name'))->toBe('Merrin');

    // Who waits for a turn waits as long as it was to be, and not until that hour is over.
    Cache::lock('turn 0', 3_600)->get();
    Sleep::fake();
    Sleep::whenFakingSleep(fn () => $this->travel(-1)->hours());
    $places = new Places(60);
    expect($places->await(static fn (): bool => $places->take('turn', 1), 100, 20))->toBeFalse();
    Sleep::assertSleptTimes(6);
});
