<?php

declare(strict_types=1);

use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Contracts\Foundation\MaintenanceMode;
use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Illuminate\Testing\TestResponse;
use Illuminate\Validation\ValidationException;

test('nothing is loaded from, sent to or framed by another origin', function (): void {
    $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self';")->toContain("connect-src 'self';")
        ->toContain("frame-ancestors 'none'")->not->toContain('unsafe')->not->toContain('http');
});

test('every page shows the application, and an unknown address of the API answers as JSON', function (): void {
    $this->get('/makes/7')->assertOk()->assertSee('<div id="app"></div>', false);
    $this->getJson('/api/nothing')->assertNotFound()->assertHeader('Content-Type', 'application/json');
    $this->get('/api/nothing')->assertNotFound()->assertHeader('Content-Type', 'text/html; charset=utf-8')->assertDontSee('{"message"', false);
});

test('a body that is no JSON is refused, not an error of the server', function (): void {
    $this->actingAs(someone());
    foreach (['{', '[]', '"x"', "\xFF"] as $body) {
        $this->call(
            'POST',
            '/api/patterns',
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        )
            ->assertStatus(422);
    }
});

test('nothing asks for what it does not need, and over a safe line it stays there', function (): void {
    expect($this->get('/')->headers->get('Permissions-Policy'))->toContain('camera=()')
        ->and($this->get('/')->headers->has('Strict-Transport-Security'))->toBeFalse()
        ->and($this->get('https://localhost/')->headers->get('Strict-Transport-Security'))->toBe('max-age=31536000');
});

test('an answer names no class of ours or of the framework', function (string $method, string $address): void {
    $this->actingAs(someone());
    expect((string) $this->json($method, $address)->getContent())->not->toMatch('/App\\\\\\\\|Illuminate|Models/');
})->with([['GET', '/api/patterns/99'], ['GET', '/api/nothing'], ['DELETE', '/api/workroom'], ['PUT', '/api/makes/99/choices'], ['POST', '/api/makes']]);

test('a refusal speaks our words, whatever was sent where', function (): void {
    $make = demoMake('Merrin Tolvane');
    $places = ['{wearer}' => $make->card->wearer_id, '{card}' => $make->card_id, '{pattern}' => $make->pattern_id, '{make}' => $make->id, '{piece}' => 'front', '{point}' => 'waist', '{attempt}' => '1'];
    $contract = json_decode((string) file_get_contents(base_path('docs/openapi.json')), true);
    $bodies = [[], ['name' => [], 'email' => 'x', 'password' => 'short', 'unit' => 'ell', 'version' => 'x', 'card_id' => 'x', 'pattern_id' => 0, 'document' => 'x', 'text' => [], 'taken_on' => 'x', 'choices' => 'x', 'part' => 'x', 'file' => 'x', 'current' => 'x', 'scale' => 'x', 'agreed' => 'x', 'notes' => [], 'point_set' => 'x', 'sizes' => [[]], 'html' => [], 'so' => 'x', 'key' => []], ['name' => str_repeat('x', 5000), 'email' => 'nerys@underbolt.example', 'taken_on' => '2999-01-01', 'scale' => 0, 'version' => 1, 'text' => str_repeat('9', 300000)]];
    $told = [];
    foreach ($contract['paths'] as $path => $operations) {
        foreach (array_intersect(array_keys($operations), ['post', 'put', 'patch', 'delete']) as $method) {
            foreach (str_contains($path, 'sign-out') || $path === '/api/me' && $method === 'delete' ? [] : $bodies as $body) {
                $answer = $this->json(strtoupper($method), strtr($path, $places), $body);
                foreach ($answer->status() === 422 ? (array) $answer->json('errors') : [] as $field => $sentences) {
                    $told["{$method} {$path} {$field}"] = implode(' ', (array) $sentences);
                }
            }
        }
    }
    $foreign = array_filter($told, static fn (string $words): bool => preg_match('/\bfield\b|validation\.|\bmust be (a|an|at)\b|is invalid|[a-z]+_[a-z]+/', $words) === 1);
    expect($foreign)->toBe([])->and(count($told))->toBeGreaterThan(60);
});

test('a browser that asks for an icon by itself is given it, and no session begins', function (): void {
    $answer = $this->get('/favicon.ico')->assertRedirect('/icon.svg');
    expect($answer->headers->getCookies())->toBe([]);
});

test('whoever follows a link or opens a page while a backup is put back reads that in words, never JSON', function (string $address, string $heading): void {
    $this->app->instance(MaintenanceMode::class, new class implements MaintenanceMode
    {
        public function activate(array $payload): void
        {
        }

        public function deactivate(): void
        {
        }

        public function active(): bool
        {
            return true;
        }

        public function data(): array
        {
            return ['retry' => 2];
        }
    });
    $this->get($address, ['Accept' => 'text/html'])->assertStatus(503)->assertHeader('Content-Type', 'text/html; charset=utf-8')
        ->assertSee($heading)->assertSee('The workroom is being put back from a backup.')->assertDontSee('{"message"', false);
    $this->getJson('/api/workroom')->assertStatus(503)->assertJsonPath('message', 'The workroom is being put back from a backup. What you typed is still here; try again in a minute.');
})->with([['/', 'The workroom can’t be opened just now.'], ['/api/makes/1/cut-sheet.pdf', 'This file can’t be made yet.']]);

/** What is answered where something is thrown. */
function answerTo(Throwable $trouble): TestResponse
{
    $request = Request::create('/api/wearers', server: ['HTTP_ACCEPT' => 'application/json']);

    return TestResponse::fromBaseResponse(app(ExceptionHandler::class)->render($request, $trouble));
}

test('what the disk and the database will not have is told in a sentence, from wherever it comes', function (Throwable $trouble, int $status, string $says): void {
    $answer = answerTo($trouble)->assertStatus($status)->assertHeader('Retry-After', '2')->assertJsonPath('errors', []);
    expect($answer->json('message'))->toContain($says);
})->with([
    'a statement' => [new QueryException('sqlite', 'update x', [], new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full')), 507, 'The disk of the server is full'],
    'the end of a transaction' => [new PDOException('SQLSTATE[HY000]: General error: 13 database or disk is full'), 507, 'What you typed is still here'],
    'a file' => [new ErrorException('file_put_contents(): Write of 34 bytes failed with errno=28 No space left on device'), 507, 'The disk of the server is full'],
    'the log' => [new UnexpectedValueException('Writing to the log file failed: write of 90 bytes failed with errno=28 No space left on device'), 507, 'The disk of the server is full'],
    'somebody else writes' => [new PDOException('SQLSTATE[HY000]: General error: 5 database is locked'), 503, 'The workroom is busy.'],
    'a disk that can only be read' => [new PDOException('SQLSTATE[HY000]: General error: 8 attempt to write a readonly database'), 503, 'can only be read just now'],
]);

test('the same words in what somebody typed are no trouble', function (): void {
    answerTo(ValidationException::withMessages(['name' => '"database is locked" is not a figure.']))->assertUnprocessable();
});
