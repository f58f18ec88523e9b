<?php

declare(strict_types=1);

test('nothing is loaded from, sent to or framed by another origin', function (): void {
    $policy = (string) $this->get('/')->assertOk()->headers->get('Content-Security-Policy');
    expect($policy)->toContain("default-src 'none'")->toContain("script-src 'self';")->toContain("connect-src 'self';")
        ->toContain("frame-ancestors 'none'")->not->toContain('unsafe')->not->toContain('http');
});

test('every page shows the application, and an address of the API that is none answers as JSON', function (): void {
    $this->get('/makes/7')->assertOk()->assertSee('<div id="app"></div>', false);
    $this->get('/api/nothing')->assertNotFound()->assertHeader('Content-Type', 'application/json');
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
