<?php

declare(strict_types=1);

use App\Models\User;

it('registers, signs in and signs out', function (): void {
    $this->post('/register', ['name' => 'Wren', 'email' => 'wren@fernhollow.example', 'password' => 'raku and smoke'])->assertRedirect('/');
    $this->assertAuthenticated();
    expect(User::query()->sole()->password)->not->toContain('raku');
    $this->post('/sign-out')->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->post('/sign-in', ['email' => 'wren@fernhollow.example', 'password' => 'raku and smoke'])->assertRedirect('/');
    $this->assertAuthenticated();
});

it('says what is wrong with a registration, at its field', function (array $change, string $field): void {
    User::factory()->create(['email' => 'taken@fernhollow.example']);
    $this->post('/register', $change + ['name' => 'Wren', 'email' => 'wren@fernhollow.example', 'password' => 'raku and smoke'])->assertSessionHasErrors($field);
    $this->assertGuest();
})->with([[['name' => ''], 'name'], [['email' => 'no'], 'email'], [['email' => 'taken@fernhollow.example'], 'email'], [['password' => 'short'], 'password']]);

it('refuses a wrong password and slows down guessing', function (): void {
    $user = User::factory()->create();
    for ($i = 0; $i < 10; $i++) {
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong'])->assertSessionHasErrors('email');
    }
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'clay and water'])->assertTooManyRequests();
    $this->assertGuest();
});

it('offers the demo only where there is one', function (): void {
    $this->get('/sign-in')->assertOk()->assertDontSee('Open the demo');
    User::factory()->create(['email' => config('kindred.demo.email'), 'password' => config('kindred.demo.password')]);
    $this->get('/sign-in')->assertSee('Open the demo');
    $this->post('/sign-in/demo')->assertRedirect('/');
    $this->assertAuthenticated();
});

it('sends a strict policy and nothing inline', function (): void {
    $response = $this->get('/sign-in');
    expect($response->headers->get('Content-Security-Policy'))->toContain("script-src 'self';")->not->toContain('unsafe');
    expect($response->getContent())->not->toMatch('/ style=| on[a-z]+=|<style/');
});
