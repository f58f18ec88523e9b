<?php

declare(strict_types=1);

use Tests\Support\Page;

test('one changes the password, signs in with the new one, and takes the account away', function (): void {
    $page = Page::open('/')->press('I am new here')->sees('at least 12 letters')
        ->type('Name', 'Nerys')->type('E-mail', 'Nerys.Again@tideroom.example')->type('Password', 'a long secret')
        ->press('Make the account')->sees('Three steps');
    $page->press('Account')->sees('The password in use');
    expect($page->accessibilityFaults())->toBe([]);
    $page->type('The password in use', 'a wrong secret')->type('A new password', 'another long secret')->press('Change the password')
        ->sees('That is not the password in use.')
        ->type('The password in use', 'a long secret')->press('Change the password')->sees('The password is changed');
    $page->press('Sign out')->type('E-mail', 'nerys.again@tideroom.example')->type('Password', 'another long secret');
    $page->find('input[type=checkbox]')->click();
    $page->press('Sign in')->sees('Three steps');
    $stays = static fn ($cookie): bool => str_starts_with((string) $cookie->getName(), 'remember_web');
    expect(array_filter($page->driver->manage()->getCookies(), $stays))->toHaveCount(1);
    // The other browser is the session before, which was signed out.
    $page->press('Account')->sees('0 are left')->type('The password in use', 'another long secret')->press('Make ten codes')->sees('10 are left');
    $code = $page->text('.codes li');
    expect($page->text('.devices'))->toContain('Chrome on Linux')->and($page->accessibilityFaults())->toBe([]);
    $page->press('Sign out')->press('I lost the password')->type('E-mail', 'nerys.again@tideroom.example')->type('A recovery code', 'no such code')
        ->type('The new password', 'lamp over low water')->press('Take the new password')->sees('no code of that address');
    expect($page->accessibilityFaults())->toBe([]);
    $page->type('A recovery code', $code)->press('Take the new password')->sees('Three steps');
    $page->press('Account')->sees('9 are left')->type('The password in use', 'lamp over low water')->press('Delete the account…')->sees('There is nothing in it.')->sees('Take everything as a file first');
    expect($page->accessibilityFaults())->toBe([]);
    $page->press('Delete it all');
    $page->sees('I am new here')->type('E-mail', 'nerys.again@tideroom.example')->type('Password', 'lamp over low water')->press('Sign in')
        ->sees('don\'t belong together');
});
