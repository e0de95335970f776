<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\Hash;
use Tests\Support\Saltmarrow;

it('makes an account from what it asks for, and asks again where an answer will not do', function (): void {
    $this->artisan('nimble:trainer')
        ->expectsQuestion('Your name', '')
        ->expectsOutput('Your name is missing.')
        ->expectsQuestion('Your name', 'Odalys Brenninck')
        ->expectsQuestion('E-mail address to sign in with', 'odalys')
        ->expectsOutput('That is not an e-mail address.')
        ->expectsQuestion('E-mail address to sign in with', 'odalys@saltmarrow.example')
        ->expectsQuestion('Password, at least 10 characters (it is not shown)', 'short')
        ->expectsOutput('A password has at least 10 characters; a few words in a row are easy to keep in mind.')
        ->expectsQuestion('Password, at least 10 characters (it is not shown)', 'wet oar, dry oar')
        ->expectsQuestion('The same password again', 'wet oar, dry oar')
        ->expectsOutput('Odalys Brenninck can sign in with odalys@saltmarrow.example.')
        ->assertSuccessful();
    $this->withHeader('Referer', 'http://127.0.0.1:8014')
        ->postJson('/api/sign-in', ['email' => 'odalys@saltmarrow.example', 'password' => 'wet oar, dry oar'])
        ->assertOk()->assertJson(['name' => 'Odalys Brenninck']);
});

it('makes no account where the passwords differ, the address is taken or nobody answers', function (array $answers, string $says): void {
    Saltmarrow::trainer();
    $asked = $this->artisan('nimble:trainer');
    foreach ($answers as [$question, $answer]) {
        $asked->expectsQuestion($question, $answer);
    }
    $asked->expectsOutput($says)->assertFailed()->run();
    expect(User::query()->count())->toBe(1);
})->with([
    'they differ' => [
        [
            ['Your name', 'Odalys Brenninck'],
            ['E-mail address to sign in with', 'odalys@saltmarrow.example'],
            ['Password, at least 10 characters (it is not shown)', 'wet oar, dry oar'],
            ['The same password again', 'dry oar, wet oar'],
        ],
        'The two passwords differ. No account was made.',
    ],
    'the address is taken' => [
        [
            ['Your name', 'Isaura Veldkamp'],
            ['E-mail address to sign in with', 'isaura@saltmarrow.example'],
            ['E-mail address to sign in with', 'isaura@saltmarrow.example'],
            ['E-mail address to sign in with', 'isaura@saltmarrow.example'],
        ],
        'No account was made.',
    ],
]);

/** @return array<string, string> What is entered to change a password, with some of it otherwise. */
function newPassword(string ...$otherwise): array
{
    return [...['current' => 'cargo-bike', 'password' => 'wet oar, dry oar', 'again' => 'wet oar, dry oar'], ...$otherwise];
}

it('changes the password of whoever is signed in', function (): void {
    $trainer = Saltmarrow::trainer();
    $other = Saltmarrow::trainer('corvin@saltmarrow.example');
    $this->withHeader('Referer', 'http://127.0.0.1:8014')->actingAs($trainer, 'web');
    $this->putJson('/api/password', newPassword())->assertNoContent();
    $this->getJson('/api/me')->assertOk();
    expect(Hash::check('wet oar, dry oar', (string) $trainer->fresh()?->password))->toBeTrue()
        ->and(Hash::check('cargo-bike', (string) $other->fresh()?->password))->toBeTrue();
});

it('changes no password where something is amiss, and names it', function (array $entered, string $field, string $says): void {
    $trainer = Saltmarrow::trainer();
    $this->withHeader('Referer', 'http://127.0.0.1:8014')->actingAs($trainer, 'web');
    $this->putJson('/api/password', $entered)->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $says);
    expect(Hash::check('cargo-bike', (string) $trainer->fresh()?->password))->toBeTrue();
})->with([
    'another one now' => [newPassword(current: 'handcart'), 'current', 'That is not the password you sign in with now.'],
    'none now' => [newPassword(current: ''), 'current', 'The password you sign in with now is missing.'],
    'too short' => [
        newPassword(password: 'oar', again: 'oar'),
        'password',
        'A password has at least 10 characters; a few words in a row are easy to keep in mind.',
    ],
    'the old one' => [
        newPassword(password: 'cargo-bike', again: 'cargo-bike'),
        'password',
        'The new password is the one you have already.',
    ],
    'not the same twice' => [newPassword(again: 'dry oar, wet oar'), 'again', 'The two differ. Enter the new password again.'],
]);

it('changes nobody’s password without a sign-in', function (): void {
    $this->putJson('/api/password', newPassword())->assertUnauthorized();
});

it('never puts the demo where somebody works', function (): void {
    Saltmarrow::trainer();
    $this->artisan('db:seed', ['--force' => true]);
})->throws(RuntimeException::class, 'This database is in use');
