<?php

declare(strict_types=1);

use App\Canvas\Projects;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;

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

it('gives no cookie to a script or a picture that is signed out: it would come after the person has signed in elsewhere', function (): void {
    $project = app(Projects::class)->import(User::factory()->create(), '{"format":"kindred-canvas","version":1,"name":"Kiln room","screens":[]}');
    foreach ([
        $this->postJson("/projects/{$project->id}/edits"),
        $this->get("/projects/{$project->id}/facets", ['HX-Request' => 'true']),
        $this->get("/projects/{$project->id}/stills"),
    ] as $answer) {
        expect($answer->assertUnauthorized()->headers->getCookies())->toBe([]);
    }
    $this->get("/projects/{$project->id}/wall")->assertRedirect('/sign-in');
    expect($this->get('/sign-in')->headers->getCookies())->not->toBe([]);
});

it('sends a strict policy and nothing inline', function (): void {
    $response = $this->get('/sign-in');
    expect($response->headers->get('Content-Security-Policy'))->toContain("script-src 'self';")->not->toContain('unsafe');
    expect($response->getContent())->not->toMatch('/ style=| on[a-z]+=|<style/');
});

it('counts every character of a password, and brings older hashes along at sign-in', function (): void {
    $long = str_repeat('raku and smoke ', 8);
    $this->post('/register', ['name' => 'Wren', 'email' => 'wren@fernhollow.example', 'password' => $long.'one'])->assertRedirect('/');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => 'wren@fernhollow.example', 'password' => $long.'two'])->assertSessionHasErrors('email');
    $old = User::factory()->create();
    DB::table('users')->where('id', $old->id)->update(['password' => password_hash('clay and water', PASSWORD_BCRYPT, ['cost' => 4])]);
    $this->post('/sign-in', ['email' => $old->email, 'password' => 'clay and water'])->assertRedirect('/');
    expect(Hash::info($old->fresh()->password)['algoName'])->toBe('argon2id');
});

it('takes no password that everybody tries first', function (string $password): void {
    $this->post('/register', ['name' => 'Wren', 'email' => 'wren@fernhollow.example', 'password' => $password])->assertSessionHasErrors('password');
})->with(['password', '12345678', 'Football', 'QWERTYUIOP']);

it('compares addresses letter by letter, in whatever case', function (): void {
    User::factory()->create(['email' => 'tom@fernhollow.example']);
    $this->post('/sign-in', ['email' => 'ťom@fernhollow.example', 'password' => 'clay and water'])->assertSessionHasErrors('email');
    $this->post('/register', ['name' => 'Tom', 'email' => 'TOM@fernhollow.example', 'password' => 'raku and smoke'])->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'Tom@Fernhollow.example', 'password' => 'clay and water'])->assertRedirect('/');
});

it('answers whatever is sent to sign in with', function (array $sent): void {
    $this->post('/sign-in', $sent)->assertRedirect('/sign-in')->assertSessionHasErrors();
    $this->assertGuest();
})->with([
    'lists' => [['email' => ['a'], 'password' => ['b']]],
    'a NUL' => [['email' => 'wren@fernhollow.example', 'password' => "a\0b"]],
    'bytes that are no text' => [['email' => "\xff@fernhollow.example", 'password' => "\xff\xfe"]],
    'much' => [['email' => str_repeat('a', 200_000).'@fernhollow.example', 'password' => str_repeat('b', 200_000)]],
]);

it('goes back to a page of ours and never elsewhere or in a circle, and shows no megabytes again', function (): void {
    $wrong = ['name' => str_repeat('w', 500_000), 'email' => 'no', 'password' => 'short'];
    $this->post('/register', $wrong, ['Referer' => 'https://elsewhere.example/register'])->assertRedirect('/sign-in');
    expect(session()->getOldInput())->toBe(['email' => 'no']);
    $this->post('/register', $wrong, ['Referer' => url('/register')])->assertRedirect('/register');
    $this->actingAs(User::factory()->create());
    $project = $this->demo(auth()->user());
    $address = url("/projects/{$project->id}/copy?layers=No.Id");
    $this->get($address, ['Referer' => $address])->assertStatus(422)->assertSee('Go to the shelf');
});

it('takes white space from around what is typed, but not from a password', function (): void {
    $this->post('/register', ['name' => ' Wren ', 'email' => ' wren@fernhollow.example ', 'password' => ' raku and smoke '])->assertRedirect('/');
    expect(User::query()->sole()->name)->toBe('Wren');
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => 'wren@fernhollow.example', 'password' => 'raku and smoke'])->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'wren@fernhollow.example', 'password' => ' raku and smoke '])->assertRedirect('/');
});
