<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RegisterRequest;
use App\Models\User;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Validation\ValidationException;

final class SignInController extends Controller
{
    public function show(): View
    {
        return view('account.sign-in', ['demo' => User::query()->where('email', config('kindred.demo.email'))->exists()]);
    }

    public function store(Request $request): RedirectResponse
    {
        $credentials = $request->validate(['email' => ['required', 'string', 'email', 'max:255'], 'password' => ['required', 'string', 'max:200']]);

        return $this->enter($request, ['email' => mb_strtolower($credentials['email'])] + $credentials);
    }

    public function demo(Request $request): RedirectResponse
    {
        return $this->enter($request, config('kindred.demo'));
    }

    public function register(): View
    {
        return view('account.register');
    }

    public function create(RegisterRequest $request): RedirectResponse
    {
        Auth::login(User::query()->create($request->validated()));
        $request->session()->regenerate();

        return redirect()->route('shelf');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect()->route('sign-in');
    }

    /** @param  array<string, mixed>  $credentials */
    private function enter(Request $request, array $credentials): RedirectResponse
    {
        if (! Auth::attempt($credentials, $request->boolean('remember'))) {
            throw ValidationException::withMessages(['email' => 'This e-mail and password do not belong together.']);
        }
        $request->session()->regenerate();

        return redirect()->intended(route('shelf'));
    }
}
