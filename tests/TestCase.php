<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Contracts\Auth\Authenticatable;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** A test of the application over HTTP, on a fresh database in memory. */
abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    public function createApplication(): HttpKernelInterface
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();

        return $app;
    }

    /** Another user is another place: what the session knows of the one before goes. */
    public function actingAs(Authenticatable $user, $guard = null): static
    {
        $this->flushSession();

        return parent::actingAs($user, $guard);
    }

    protected function setUp(): void
    {
        parent::setUp();
        // The built front end is no part of these tests.
        $this->withoutVite();
    }
}
