<x-account title="Sign in">
    <h2 class="text-xl">Sign in</h2>
    <x-problems/>
    <form method="post" action="{{ route('sign-in') }}" class="grid gap-3">
        @csrf
        <x-text-input name="email" label="E-mail" type="email" required autocomplete="username" autofocus/>
        <x-text-input name="password" label="Password" type="password" required autocomplete="current-password"/>
        <label class="flex items-center gap-2"><input type="checkbox" name="remember" value="1"> Stay signed in on this machine</label>
        <button class="button primary justify-center !min-h-9">Sign in</button>
    </form>
    @if ($demo)
        <form method="post" action="{{ route('sign-in.demo') }}" class="grid gap-2 border-t border-rule pt-4">
            @csrf
            <p class="text-ash">Have a look first: the demo account holds Fernhollow Pottery, a made-up studio’s application.</p>
            <button class="button justify-center !min-h-9">Open the demo</button>
        </form>
    @endif
    <p class="text-ash">No account yet? <a class="text-spruce underline" href="{{ route('register') }}">Register</a></p>
</x-account>
