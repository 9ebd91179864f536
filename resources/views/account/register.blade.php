<x-account title="Register">
    <h2 class="text-xl">Register</h2>
    <x-problems/>
    <form method="post" action="{{ route('register') }}" class="grid gap-3">
        @csrf
        <x-text-input name="name" label="Your name, as others see it" required maxlength="80" autocomplete="name" autofocus/>
        <x-text-input name="email" label="E-mail" type="email" required autocomplete="username"/>
        <x-text-input name="password" label="Password, at least 8 characters" type="password" required minlength="8" autocomplete="new-password"/>
        <button class="button primary justify-center !min-h-9">Register</button>
    </form>
    <p class="text-ash">Have an account? <a class="text-spruce underline" href="{{ route('sign-in') }}">Sign in</a></p>
</x-account>
