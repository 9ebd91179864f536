{{-- The house style: tokens by their types, each changed where it stands. --}}
@include('house.head', ['view' => 'tokens'])
<form class="add" data-house-form="add">
    <select class="field" name="kind" aria-label="Type of the new token">@foreach ($types as $type)@if ($type['kind'] !== 'other')<option value="{{ $type['kind'] }}">{{ $type['label'] }}</option>@endif @endforeach</select>
    <input class="field" id="house-name" name="name" required maxlength="200" placeholder="Name" title="Groups with dots between: colour.clay" aria-label="Name of the new token" autocomplete="off" spellcheck="false">
    <input class="field" id="house-text" name="text" required maxlength="4000" placeholder="Value" aria-label="Value of the new token" autocomplete="off" spellcheck="false">
    <button class="button primary">Add</button>
    <p class="field-problem" role="alert" hidden></p>
</form>
@if ($names !== [])
    <div class="themes" role="group" aria-label="Values in">
        <button type="button" class="button quiet" data-house="theme" data-theme="" aria-pressed="{{ $theme === null ? 'true' : 'false' }}" title="The values that hold where a theme says nothing else">No theme</button>
        @foreach ($themes as $any)<button type="button" class="button quiet" data-house="theme" data-theme="{{ $any->id }}" aria-pressed="{{ $any === $theme ? 'true' : 'false' }}">{{ $any->name }}</button>@endforeach
        <details class="new-theme" id="house-new-theme">
            <summary title="A theme is a set of other values for the same tokens: a dark interface, a second brand"><x-glyph name="plus"/> Theme</summary>
            <form class="theme" data-house-form="theme">
                <input class="field" id="house-theme" name="name" required maxlength="60" placeholder="Name" aria-label="Name of the new theme" autocomplete="off">
                <select class="field" name="from" aria-label="What it begins with" title="Opposite colours: dark where they are light, with the same hue and the same contrast against the background">
                    <option value="opposite">Opposite colours</option>
                    <option value="">The same values</option>
                    @foreach ($themes as $any)<option value="{{ $any->id }}">Values of {{ $any->name }}</option>@endforeach
                </select>
                <button class="button primary">Add</button>
                <p class="field-problem" role="alert" hidden></p>
            </form>
        </details>
    </div>
    @if ($theme !== null || $themes !== [])
        <div class="theme">
            @if ($theme !== null)<input class="field" id="house-theme-{{ $theme->id }}" data-part="theme" value="{{ $theme->name }}" aria-label="Name of the theme" maxlength="60" autocomplete="off">@else<span class="text-ash">Values where no theme says otherwise</span>@endif
            @php($isShown = ($project->theme ?? '') === ($theme?->id ?? ''))
            <button type="button" class="button" data-house="show-theme" @disabled($isShown) title="All screens that have no theme of their own">{{ $isShown ? 'Shown on the wall' : 'Show on the wall' }}</button>
            @if ($theme !== null)<button type="button" class="button quiet" data-house="remove-theme">Remove</button>@endif
        </div>
    @endif
@endif
@if ($names === [])
    <p class="empty">No tokens yet. A token is a value with a name: what is bound to it follows when it changes. Add one above, make one from a value in the facets, import a file, or begin with a whole look from a colour.</p>
@else
    <input class="field find" id="house-filter" type="search" data-house="filter" placeholder="Filter {{ count($names) }} {{ count($names) === 1 ? 'token' : 'tokens' }}" aria-label="Filter the tokens" autocomplete="off">
@endif
@foreach ($types as $type)
    @continue($type['tokens'] === [])
    <section data-type="{{ $type['kind'] }}" aria-label="{{ $type['label'] }}">
        <h3>{{ $type['label'] }}</h3>
        @foreach ($type['tokens'] as $token)
            @php($of = $names[$token->bound[Kindred\Document\Token\Token::WHOLE] ?? ''] ?? null)
            @php($uses = $counts[$token->id] ?? 0)
            @php($says = $theme !== null && isset($own[$token->id]))
            <div class="token" id="token-{{ $token->id }}" data-token="{{ $token->id }}" data-name="{{ $token->name }}" data-kind="{{ $type['kind'] }}" @if ($theme !== null) data-says="{{ $says ? 'true' : 'false' }}" @endif>
                @if ($type['kind'] === 'color' && $of === null)
                    <button type="button" class="sample chequered" data-house="colour" data-shows="{{ $token->value->css() }}" aria-label="Choose {{ $token->name }}" title="Choose the colour" aria-haspopup="dialog"></button>
                @else
                    @include('house.sample', ['value' => $token->value, 'kind' => $type['kind']])
                @endif
                <input class="field name" data-part="name" value="{{ $token->name }}" aria-label="Name of {{ $token->name }}" title="{{ $token->description ?: $token->name }}" maxlength="200" autocomplete="off" spellcheck="false">
                <input class="field value" id="house-{{ $token->id }}" data-part="text" value="{{ $of ? '{'.$of->name.'}' : $token->value->css() }}" aria-label="Value of {{ $token->name }}" title="{{ $theme !== null && ! $says ? "As without a theme. Type another value for {$theme->name}" : '' }}{{ $says ? 'Without a theme '.$plain[$token->id]->value->css().'. ' : '' }}{{ $of ? 'Stands for '.$of->name.': '.$token->value->css() : 'A value, or another token in braces: {colour.clay}' }}" autocomplete="off" spellcheck="false" @readonly($type['kind'] === 'other')>
                @if ($says)<button type="button" class="reset" data-house="reset" aria-label="{{ $token->name }}: as without a theme" title="As without a theme: {{ $plain[$token->id]->value->css() }}"><x-glyph name="undo-2"/></button>@endif
                <button type="button" class="count" data-house="uses" aria-expanded="{{ isset($open[$token->id]) ? 'true' : 'false' }}" aria-label="{{ $token->name }}: {{ $uses === 0 ? 'not used' : ($uses === 1 ? 'one use' : "{$uses} uses") }}; where, and remove" title="Where it is used, and remove">{{ $uses }}</button>
                @if (isset($open[$token->id]) && $theme === null && $type['kind'] === 'color' && $of === null)
                    <div class="ramp" role="group" aria-label="Tints of {{ $token->name }}">
                        @foreach (App\Canvas\HouseStyle::ramp($token->value->value) as $tint)
                            <button type="button" data-house="tint" data-step="{{ $tint['step'] }}" data-shows="{{ $tint['colour']->toHex() }}" title="{{ $tint['colour']->toHex() }}: {{ number_format($tint['ink'], 1) }} : 1 against ink, {{ number_format($tint['paper'], 1) }} : 1 against paper. Press to add it as {{ $token->name }}-{{ $tint['step'] }}" aria-label="Add tint {{ $tint['step'] }} of {{ $token->name }}"></button>
                        @endforeach
                    </div>
                @endif
                <div class="more" @if (! isset($open[$token->id])) hidden @endif>@if (isset($open[$token->id]))@include('house.uses', $open[$token->id])@endif</div>
            </div>
        @endforeach
    </section>
@endforeach
@if ($names !== [] && $theme === null)
    <details class="dressing" id="house-dressing">
        <summary><h3>Widgets of the kit</h3><span>{{ implode(', ', array_map(fn ($one) => $one['bound']->name, array_filter($dressing, fn ($one) => $one['bound'] !== null))) ?: 'as they come' }}</span></summary>
        <div class="rows">
            @foreach ($dressing as $one)
                <div class="row"><label for="dress-{{ $one['part'] }}">{{ $one['label'] }}</label>
                    <select class="field" id="dress-{{ $one['part'] }}" data-dress="{{ $one['part'] }}">
                        <option value="">from the kit</option>
                        @foreach ($one['fitting'] as $token)<option value="{{ $token->id }}" @selected($token === $one['bound'])>{{ $token->name }}</option>@endforeach
                    </select></div>
            @endforeach
        </div>
    </details>
@endif
