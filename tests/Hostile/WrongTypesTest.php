<?php

declare(strict_types=1);

use Illuminate\Testing\TestResponse;

/** What no page sends, in the place of whatever one does. */
const WRONG = [null, [], [[]], ['a' => ['b' => 1]], 1e308, -1, true, '', "\u{202E}text", '9999999999999999999-01-01', "\x7F"];

/** @return array<string, mixed> the written contract */
function contractDocument(): array
{
    static $document = null;

    return $document ??= json_decode((string) file_get_contents(__DIR__.'/../../docs/openapi.json'), true, flags: JSON_THROW_ON_ERROR);
}

/** @return list<array{string, string, list<string>, list<string>}> method, path, fields of the body, fields of the query */
function operations(): array
{
    $all = [];
    foreach (contractDocument()['paths'] as $path => $methods) {
        foreach ($methods as $method => $operation) {
            $schema = $operation['requestBody']['content']['application/json']['schema']['$ref'] ?? null;
            $body = $schema === null ? [] : array_keys(contractDocument()['components']['schemas'][basename($schema)]['properties'] ?? []);
            $query = [];
            foreach ($operation['parameters'] ?? [] as $parameter) {
                $parameter = isset($parameter['$ref']) ? contractDocument()['components']['parameters'][basename($parameter['$ref'])] : $parameter;
                if ($parameter['in'] === 'query') {
                    $query[] = $parameter['name'];
                }
            }
            $all[] = [strtoupper($method), $path, $body, $query];
        }
    }

    return $all;
}

/** A path with something in the place of each of its parts. */
function filledPath(string $path, string $id): string
{
    $named = strtr($path, ['{point}' => 'waist', '{attempt}' => '1', '{key}' => 'traced']);

    return (string) preg_replace('/\{\w+\}/', $id, $named);
}

/** A body that is about right, so that what is wrong in it is met deep inside. */
function plausible(array $fields): array
{
    $usual = [
        'name' => 'Merrin', 'house' => '', 'unit' => 'cm', 'document' => (object) ['sizes' => ['8']], 'choices' => (object) [], 'text' => '84',
        'version' => 1, 'taken_on' => '2026-01-01', 'foundation' => '', 'point_set' => 'dress', 'card_id' => 1, 'pattern_id' => 1, 'wearer_id' => 1,
        'email' => 'a@tideroom.example', 'password' => 'a long secret', 'sizes' => ['8'], 'views' => [], 'fits' => [], 'part' => 'cups', 'write' => false,
        'habits' => (object) [], 'wearer' => 'Merrin', 'findings' => [], 'answers' => [], 'html' => null, 'told' => null,
    ];

    return array_intersect_key($usual, array_flip($fields));
}

/** @return list<string> what went wrong, if the server stumbled */
function stumbles(TestResponse $answer, string $what): array
{
    return $answer->getStatusCode() < 500 ? [] : ["{$what}: {$answer->getStatusCode()} ".($answer->exception?->getMessage() ?? '')];
}

test('no route stumbles over a value of the wrong kind, wherever it stands', function (): void {
    $this->actingAs(demoUser());
    $stumbles = [];
    foreach (operations() as [$method, $path, $body, $query]) {
        if (in_array($path, ['/api/sign-out', '/api/demo'], true)) {
            continue;
        }
        foreach ($body as $field) {
            foreach (WRONG as $wrong) {
                $sent = [$field => $wrong] + plausible($body);
                array_push($stumbles, ...stumbles($this->json($method, filledPath($path, '1'), $sent), "{$method} {$path} {$field} = ".json_encode($wrong)));
            }
        }
        foreach ($query as $field) {
            foreach (['[]=1', '[a][b]=1', '=1e308', '=-1', '=%FF', '=%00', '='.str_repeat('9', 300)] as $wrong) {
                array_push($stumbles, ...stumbles($this->json($method, filledPath($path, '1')."?{$field}{$wrong}"), "{$method} {$path}?{$field}{$wrong}"));
            }
        }
    }
    expect($stumbles)->toBe([]);
});

test('no route stumbles over an address without a record', function (string $id): void {
    $this->actingAs(demoUser());
    $stumbles = [];
    foreach (operations() as [$method, $path, $body]) {
        if (str_contains($path, '{')) {
            $address = (string) preg_replace('/\{\w+\}/', $id, $path);
            array_push($stumbles, ...stumbles($this->json($method, $address, plausible($body)), "{$method} {$address}"));
        }
    }
    expect($stumbles)->toBe([]);
})->with(['0', '-1', '9999999999999999999999', 'x', '1%00', '%FF', '1e3', '..%2f1']);

test('a body that is no document is refused, and what stands is kept', function (string $body, string $type): void {
    $user = demoUser();
    $this->actingAs($user);
    $pattern = $user->patterns()->firstOrFail();
    $before = json_encode($pattern->document);
    $status = $type === 'application/json' ? 422 : 415;
    foreach (["/api/patterns/{$pattern->id}", '/api/makes/1/choices', '/api/houses', '/api/cards/1/answers'] as $address) {
        $answer = $this->call('PUT', $address, server: ['CONTENT_TYPE' => $type, 'HTTP_ACCEPT' => 'application/json'], content: $body);
        expect($answer->getStatusCode())->toBe($status, $address);
    }
    expect(json_encode($pattern->refresh()->document))->toBe($before);
})->with([
    'a NUL in a key' => ['{"name":"x","house":"","unit":"cm","document":{"\u0000a":1,"sizes":["8"]}}', 'application/json'],
    'a form' => ['name=x&house=&unit=cm&document[sizes][]=8', 'application/x-www-form-urlencoded'],
    'no JSON' => ['{"name":', 'application/json'],
    'no UTF-8' => ["{\"name\":\"\xFF\"}", 'application/json'],
    'a number' => ['3', 'application/json'],
    'too deep' => [str_repeat('{"a":', 70).'1'.str_repeat('}', 70), 'application/json'],
]);

test('a form is refused by every route that means JSON, and half a document in the address is not read', function (): void {
    $user = demoUser();
    $this->actingAs($user);
    $pattern = $user->patterns()->firstOrFail();
    $before = $pattern->getAttributes();
    $form = ['name' => 'x', 'house' => '', 'unit' => 'cm', 'version' => (string) $pattern->version, 'document' => ['sizes' => ['8']]];
    $answers = [];
    foreach (operations() as [$method, $path]) {
        if ($method !== 'GET' && ! (str_contains($path, 'charts/file') || str_contains($path, 'me/everything') || ($method === 'POST' && str_contains($path, '/nests/')))) {
            // As a browser's form goes out: what it holds is read by PHP, and the body is gone.
            $headers = ['CONTENT_TYPE' => 'multipart/form-data; boundary=x', 'HTTP_ACCEPT' => 'application/json'];
            $answers["{$method} {$path}"] = $this->call('POST', filledPath($path, (string) $pattern->id), $form + ['_method' => $method], [], [], $headers)->getStatusCode();
        }
    }
    expect(array_unique(array_values($answers)))->toBe([415])->and(count($answers))->toBeGreaterThan(30);
    $this->json('PUT', "/api/patterns/{$pattern->id}?".http_build_query($form), [])->assertUnprocessable();
    expect($pattern->refresh()->getAttributes())->toBe($before);
});

test('five megabytes are refused by every route before they are read', function (): void {
    $this->actingAs(demoUser());
    $answers = [];
    foreach (operations() as [$method, $path]) {
        if ($method !== 'GET' && ! str_contains($path, 'charts/file') && ! str_contains($path, 'me/everything') && ! str_contains($path, '/nests/')) {
            $headers = ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json', 'CONTENT_LENGTH' => '5000000'];
            $answers["{$method} {$path}"] = $this->call($method, filledPath($path, '1'), [], [], [], $headers, '{"name": "'.str_repeat('x', 100).'"}')->getStatusCode();
        }
    }
    expect(array_unique(array_values($answers)))->toBe([413])->and(count($answers))->toBeGreaterThan(30);
});

test('whether it is up is said in a word, and nothing of it comes from elsewhere', function (): void {
    expect($this->get('/up')->assertOk()->getContent())->toBe("up\n");
    Illuminate\Support\Facades\Schema::drop('users');
    $this->get('/up')->assertServerError();
});
