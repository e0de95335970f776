<?php

declare(strict_types=1);

use Tests\Support\Saltmarrow;

it('signs a trainer in and says who they are', function (): void {
    $trainer = Saltmarrow::trainer();
    $this->withHeader('Referer', 'http://127.0.0.1:8014')
        ->postJson('/api/sign-in', ['email' => $trainer->email, 'password' => 'cargo-bike'])
        ->assertOk()->assertJson(['id' => $trainer->id, 'name' => 'Isaura Veldkamp']);
    $this->assertAuthenticatedAs($trainer, 'web');
});

it('says in words that address and password do not belong together', function (): void {
    Saltmarrow::trainer();
    $this->withHeader('Referer', 'http://127.0.0.1:8014')
        ->postJson('/api/sign-in', ['email' => 'isaura@saltmarrow.example', 'password' => 'handcart'])
        ->assertUnprocessable()->assertJsonPath('errors.email.0', 'Address and password do not belong together. Check both and try again.');
    $this->assertGuest('web');
});

it('names the field that is missing', function (array $entered, string $field, string $says): void {
    $this->withHeader('Referer', 'http://127.0.0.1:8014')
        ->postJson('/api/sign-in', $entered)->assertUnprocessable()->assertJsonPath("errors.{$field}.0", $says);
})->with([
    'nothing' => [[], 'email', 'Your e-mail address is missing.'],
    'no address' => [['email' => 'isaura', 'password' => 'x'], 'email', 'That is not an e-mail address.'],
    'no password' => [['email' => 'isaura@saltmarrow.example'], 'password', 'Your password is missing.'],
]);

it('signs out', function (): void {
    $this->actingAs(Saltmarrow::trainer()->fresh(), 'web');
    $this->withHeader('Referer', 'http://127.0.0.1:8014')->deleteJson('/api/sign-in')->assertNoContent();
    $this->assertGuest('web');
});

it('shows nothing to a stranger', function (string $method, string $path): void {
    $this->json($method, "/api/{$path}")->assertUnauthorized();
})->with([
    ['GET', 'me'], ['GET', 'round'], ['GET', 'clients'], ['GET', 'clients/1'], ['GET', 'clients/1/shelf-items'],
    ['POST', 'clients/1/shelf-items'], ['GET', 'clients/1/ledger'], ['GET', 'sessions/1'], ['POST', 'floor-events'],
    ['GET', 'items/1/swaps'], ['POST', 'items/1/swaps'], ['DELETE', 'items/1/swaps'],
]);
